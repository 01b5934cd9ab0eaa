<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Internal\BlockRoof;

/** The top of a piece of a block's wall under its own roof: level at an eave, up and down in a gable. */
final readonly class WallLine
{
    /** @param  list<array{Point, float}>  $top  points of the plan with their heights in inches */
    private function __construct(public Side $side, public array $top)
    {
    }

    /**
     * The walls of a block as far as they stand outside of higher ones.
     *
     * @param  list<Block>  $all
     * @return list<self>
     */
    public static function round(Block $block, array $all): array
    {
        $roof = BlockRoof::of($block);
        $others = array_map(BlockRoof::of(...), array_values(array_filter($all, static fn (Block $one): bool => $one->id !== $block->id)));
        $walls = $block->walls();
        $lines = [];
        foreach (Side::cases() as $number => $side) {
            foreach (self::outside($roof, $others, $walls->corner($number), $walls->corner($number + 1)) as [$from, $to]) {
                $lines[] = new self($side, self::top($roof, $from, $to));
            }
        }

        return $lines;
    }

    /**
     * @param  list<BlockRoof>  $others
     * @return list<array{Point, Point}>
     */
    private static function outside(BlockRoof $roof, array $others, Point $from, Point $to): array
    {
        $shares = [0.0, 1.0];
        foreach ($others as $other) {
            foreach ($other->insideWalls as $wall) {
                [$a, $b] = [$wall->at($from), $wall->at($to)];
                if ($a * $b < 0.0) {
                    $shares[] = $a / ($a - $b);
                }
            }
        }
        sort($shares);
        $at = static fn (float $share): Point => new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v));
        $pieces = [];
        for ($i = 0; $i + 1 < count($shares); $i++) {
            $middle = $at(($shares[$i] + $shares[$i + 1]) / 2.0);
            $hidden = array_filter($others, static fn (BlockRoof $other): bool => $other->hasWithinWalls($middle) && $other->at($middle) >= $roof->at($middle));
            if ($hidden !== []) {
                continue;
            }
            $last = count($pieces) - 1;
            if ($last >= 0 && $pieces[$last][1] === $shares[$i]) {
                $pieces[$last][1] = $shares[$i + 1];
            } elseif ($shares[$i + 1] > $shares[$i]) {
                $pieces[] = [$shares[$i], $shares[$i + 1]];
            }
        }

        return array_map(static fn (array $piece): array => [$at($piece[0]), $at($piece[1])], $pieces);
    }

    /** @return list<array{Point, float}> */
    private static function top(BlockRoof $roof, Point $from, Point $to): array
    {
        $shares = [0.0, 1.0];
        $planes = array_values($roof->planes);
        foreach ($planes as $i => $one) {
            foreach (array_slice($planes, $i + 1) as $other) {
                [$a, $b] = [$one->above($other)->at($from), $one->above($other)->at($to)];
                if ($a * $b < 0.0) {
                    $shares[] = $a / ($a - $b);
                }
            }
        }
        sort($shares);

        return array_map(static function (float $share) use ($roof, $from, $to): array {
            $point = new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v));

            return [$point, $roof->at($point)];
        }, $shares);
    }
}
