<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Two sides of an outline that cross, by their numbers (side i runs from corner i). */
final readonly class SideCrossing
{
    /** Up to so many sides, holding each against all is quicker than sorting them. */
    private const FEW = 16;

    private function __construct(public int $first, public int $second)
    {
    }

    /** The first pair of sides that cross or touch where they should not; null for a simple outline. */
    public static function of(Polygon $outline): ?self
    {
        $last = count($outline->corners) - 1;
        if ($last < self::FEW) {
            return self::ofFew($outline->corners);
        }
        foreach (SidePairs::of([$outline]) as [, $i, , $j]) {
            $neighbours = $j === $i + 1 || ($i === 0 && $j === $last);
            if (! $neighbours && self::meet($outline->corner($i), $outline->corner($i + 1), $outline->corner($j), $outline->corner($j + 1))) {
                return new self($i, $j);
            }
        }

        return null;
    }

    /** @param  list<Point>  $corners */
    private static function ofFew(array $corners): ?self
    {
        $n = count($corners);
        for ($i = 0; $i < $n - 2; $i++) {
            [$a, $b] = [$corners[$i], $corners[$i + 1]];
            [$left, $right] = $a->u < $b->u ? [$a->u - SidePairs::APART, $b->u + SidePairs::APART] : [$b->u - SidePairs::APART, $a->u + SidePairs::APART];
            [$low, $high] = $a->v < $b->v ? [$a->v - SidePairs::APART, $b->v + SidePairs::APART] : [$b->v - SidePairs::APART, $a->v + SidePairs::APART];
            // The last side meets the first one in their corner.
            for ($j = $i + 2, $end = $i === 0 ? $n - 1 : $n; $j < $end; $j++) {
                [$c, $d] = [$corners[$j], $corners[$j + 1 === $n ? 0 : $j + 1]];
                if (($c->u > $right && $d->u > $right) || ($c->u < $left && $d->u < $left) || ($c->v > $high && $d->v > $high) || ($c->v < $low && $d->v < $low)) {
                    continue;
                }
                if (self::meet($a, $b, $c, $d)) {
                    return new self($i, $j);
                }
            }
        }

        return null;
    }

    private static function meet(Point $a, Point $b, Point $c, Point $d): bool
    {
        $abc = self::turn($a, $b, $c);
        $abd = self::turn($a, $b, $d);
        $cda = self::turn($c, $d, $a);
        $cdb = self::turn($c, $d, $b);
        if ($abc * $abd < 0 && $cda * $cdb < 0) {
            return true;
        }

        return ($abc === 0 && self::isBetween($a, $b, $c)) || ($abd === 0 && self::isBetween($a, $b, $d))
            || ($cda === 0 && self::isBetween($c, $d, $a)) || ($cdb === 0 && self::isBetween($c, $d, $b));
    }

    /** -1, 0 or 1: which side of the line a→b the point lies on. */
    private static function turn(Point $a, Point $b, Point $p): int
    {
        $cross = ($b->u - $a->u) * ($p->v - $a->v) - ($b->v - $a->v) * ($p->u - $a->u);
        $distance = $cross / max($a->distanceTo($b), Tolerance::LENGTH);

        return abs($distance) < Tolerance::LENGTH ? 0 : ($distance > 0 ? 1 : -1);
    }

    private static function isBetween(Point $a, Point $b, Point $p): bool
    {
        return $p->u >= min($a->u, $b->u) - Tolerance::LENGTH && $p->u <= max($a->u, $b->u) + Tolerance::LENGTH
            && $p->v >= min($a->v, $b->v) - Tolerance::LENGTH && $p->v <= max($a->v, $b->v) + Tolerance::LENGTH;
    }
}
