<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;

/** Where edges of a roof end in one point. */
final class MeetingPoints
{
    /** Ends this near (in) to each other are one point: measured planes may not close to a hair. */
    public const NEAR = 1.0;

    /** @return list<array{Point, list<Edge>}> where more than one edge ends, and those that do */
    public static function of(Roof $roof): array
    {
        $places = $meeting = $byCell = [];
        foreach ($roof->edges as $edge) {
            foreach ([[$edge->from, $edge->fromHeight], [$edge->to, $edge->toHeight]] as [$at, $height]) {
                $number = self::known($places, $byCell, $at, $height) ?? count($places);
                if (! isset($places[$number])) {
                    $places[] = [$at, $height];
                    $byCell[self::cell($at, 0, 0)][] = $number;
                }
                $meeting[$number][$edge->id] = $edge;
            }
        }
        $points = [];
        foreach ($places as $number => [$at]) {
            $edges = array_values($meeting[$number]);
            if (count($edges) > 1) {
                $points[] = [$at, $edges];
            }
        }

        return $points;
    }

    /**
     * @param  list<array{Point, float}>  $places  in plan, and how high
     * @param  array<string, list<int>>  $byCell  numbers of the places
     */
    private static function known(array $places, array $byCell, Point $at, float $height): ?int
    {
        foreach ([-1, 0, 1] as $dx) {
            foreach ([-1, 0, 1] as $dy) {
                foreach ($byCell[self::cell($at, $dx, $dy)] ?? [] as $number) {
                    if ($places[$number][0]->distanceTo($at) < self::NEAR && abs($places[$number][1] - $height) < self::NEAR) {
                        return $number;
                    }
                }
            }
        }

        return null;
    }

    private static function cell(Point $at, int $dx, int $dy): string
    {
        return ((int) floor($at->u / self::NEAR) + $dx).' '.((int) floor($at->v / self::NEAR) + $dy);
    }
}
