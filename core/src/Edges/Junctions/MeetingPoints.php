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
                // What lies near two places makes them one, so that the order of edges does not tell.
                $near = self::known($places, $byCell, $at, $height);
                $number = $near === [] ? count($places) : min($near);
                $places[] = [$at, $height, $number];
                $byCell[self::cell($at, 0, 0)][] = count($places) - 1;
                foreach ($near as $other) {
                    foreach ($other === $number ? [] : array_keys($places) as $i) {
                        $places[$i][2] = $places[$i][2] === $other ? $number : $places[$i][2];
                    }
                }
            }
        }
        $ends = array_merge(...array_map(static fn (Edge $edge): array => [$edge, $edge], $roof->edges));
        foreach ($places as $i => [, , $number]) {
            $meeting[$number][$ends[$i]->id] = $ends[$i];
        }
        $points = [];
        foreach ($meeting as $number => $edges) {
            if (count($edges) > 1) {
                $points[] = [$places[$number][0], array_values($edges)];
            }
        }

        return $points;
    }

    /**
     * @param  list<array{Point, float, int}>  $places  ends so far: in plan, how high, and the number of their place
     * @param  array<string, list<int>>  $byCell  numbers of the ends
     * @return list<int> numbers of the places it lies near
     */
    private static function known(array $places, array $byCell, Point $at, float $height): array
    {
        $near = [];
        foreach ([-1, 0, 1] as $dx) {
            foreach ([-1, 0, 1] as $dy) {
                foreach ($byCell[self::cell($at, $dx, $dy)] ?? [] as $end) {
                    if ($places[$end][0]->distanceTo($at) < self::NEAR && abs($places[$end][1] - $height) < self::NEAR) {
                        $near[$places[$end][2]] = true;
                    }
                }
            }
        }

        return array_keys($near);
    }

    private static function cell(Point $at, int $dx, int $dy): string
    {
        return ((int) floor($at->u / self::NEAR) + $dx).' '.((int) floor($at->v / self::NEAR) + $dy);
    }
}
