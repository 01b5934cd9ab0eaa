<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Geometry\Point;

/** The top of a block's wall under its own roof, from corner to corner: level at an eave, up and down in a gable. */
final readonly class WallLine
{
    /** @param  list<array{Point, float}>  $top  points of the plan with their heights in inches */
    private function __construct(public Side $side, public array $top)
    {
    }

    /** @return list<self> of the four sides */
    public static function round(Block $block): array
    {
        $roof = BlockRoof::of($block);
        $walls = $block->walls();

        return array_map(static fn (Side $side, int $number): self => new self($side, self::top($roof, $walls->corner($number), $walls->corner($number + 1))), Side::cases(), [0, 1, 2, 3]);
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
