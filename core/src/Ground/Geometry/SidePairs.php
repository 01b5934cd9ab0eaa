<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/**
 * Sides that come near each other, found without holding every side against every other: sorted along the longer way
 * of the drawing, each is held against those that begin before it ends.
 */
final class SidePairs
{
    /** So near (in) counts; twice over, for both reach out. */
    private const REACH = Tolerance::SAME_CUT;

    /** Sides whose upright rectangles lie farther (in) apart than this do not come near. */
    public const APART = 2.0 * self::REACH;

    /** Up to so many sides, holding each against all is quicker than sorting them. */
    private const FEW = 24;

    /**
     * @param  list<Polygon>  $loops
     * @return list<array{int, int, int, int}> two sides whose upright rectangles come near: loop and side of the one, loop and
     *                                         side of the other; by the number of the one's loop, the other's, then by their sides
     */
    public static function of(array $loops): array
    {
        $sides = self::sides($loops);
        if (count($sides) <= self::FEW) {
            return self::ofFew($sides);
        }
        usort($sides, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $pairs = [];
        $open = [];
        foreach ($sides as $k => $side) {
            foreach ($open as $j => $other) {
                if ($other[1] < $side[0]) {
                    unset($open[$j]);
                } elseif ($other[2] <= $side[3] && $other[3] >= $side[2]) {
                    $first = $other[4] < $side[4] || ($other[4] === $side[4] && $other[5] < $side[5]);
                    $pairs[] = $first ? [$other[4], $side[4], $other[5], $side[5]] : [$side[4], $other[4], $side[5], $other[5]];
                }
            }
            $open[$k] = $side;
        }
        sort($pairs);

        return array_map(static fn (array $pair): array => [$pair[0], $pair[2], $pair[1], $pair[3]], $pairs);
    }

    /**
     * @param  list<array{float, float, float, float, int, int}>  $sides  loop by loop
     * @return list<array{int, int, int, int}>
     */
    private static function ofFew(array $sides): array
    {
        $pairs = [];
        $n = count($sides);
        for ($i = 0; $i < $n; $i++) {
            [$from, $to, $low, $high, $loop, $side] = $sides[$i];
            for ($j = $i + 1; $j < $n; $j++) {
                $other = $sides[$j];
                if ($other[0] <= $to && $other[1] >= $from && $other[2] <= $high && $other[3] >= $low) {
                    $pairs[] = [$loop, $other[4], $side, $other[5]];
                }
            }
        }
        sort($pairs);

        return array_map(static fn (array $pair): array => [$pair[0], $pair[2], $pair[1], $pair[3]], $pairs);
    }

    /**
     * @param  list<Polygon>  $loops
     * @return list<array{float, float, float, float, int, int}> from and to along the longer way, from and to across it, loop, side
     */
    private static function sides(array $loops): array
    {
        [$left, $right, $low, $high] = [INF, -INF, INF, -INF];
        foreach ($loops as $loop) {
            $bounds = $loop->bounds();
            [$left, $right, $low, $high] = [min($left, $bounds->left), max($right, $bounds->right), min($low, $bounds->bottom), max($high, $bounds->top)];
        }
        $upright = $high - $low > $right - $left;
        $sides = [];
        foreach ($loops as $number => $loop) {
            foreach ($loop->corners as $i => $from) {
                $to = $loop->corner($i + 1);
                [$u, $w] = $from->u < $to->u ? [$from->u - self::REACH, $to->u + self::REACH] : [$to->u - self::REACH, $from->u + self::REACH];
                [$v, $z] = $from->v < $to->v ? [$from->v - self::REACH, $to->v + self::REACH] : [$to->v - self::REACH, $from->v + self::REACH];
                $sides[] = $upright ? [$v, $z, $u, $w, $number, $i] : [$u, $w, $v, $z, $number, $i];
            }
        }

        return $sides;
    }
}
