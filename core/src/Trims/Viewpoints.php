<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Roof;

/** From where a roof is mostly seen: before the middle of each of its four sides. */
final class Viewpoints
{
    /** Away from the house (in), as one stands in a yard or a street. */
    private const AWAY = 360.0;

    /** @return array<string, Point> in plan, by side: south, east, north, west */
    public static function of(Roof $roof): array
    {
        $us = $vs = [];
        foreach ($roof->edges as $edge) {
            array_push($us, $edge->from->u, $edge->to->u);
            array_push($vs, $edge->from->v, $edge->to->v);
        }
        if ($us === []) {
            return [];
        }
        [$left, $right, $low, $high] = [min($us), max($us), min($vs), max($vs)];
        [$across, $up] = [($left + $right) / 2.0, ($low + $high) / 2.0];

        return [
            'south' => new Point($across, $low - self::AWAY), 'east' => new Point($right + self::AWAY, $up),
            'north' => new Point($across, $high + self::AWAY), 'west' => new Point($left - self::AWAY, $up),
        ];
    }
}
