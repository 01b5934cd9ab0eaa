<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Ground\Geometry\Point;
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
        $ends = $numbers = $byCell = [];
        foreach ($roof->edges as $edge) {
            foreach ([[$edge->from, $edge->fromHeight], [$edge->to, $edge->toHeight]] as [$at, $height]) {
                // What lies near two places makes them one, so that the order of edges does not tell.
                $near = array_values(array_unique(array_map(static fn (int $end): int => $numbers[$end], self::near($ends, $byCell, $at, $height))));
                $number = $near === [] ? count($ends) : min($near);
                $byCell[self::cell($at, 0, 0)][] = count($ends);
                $ends[] = [$at, $height, $edge];
                $numbers[] = $number;
                if (count($near) > 1) {
                    $numbers = array_map(static fn (int $own): int => in_array($own, $near, true) ? $number : $own, $numbers);
                }
            }
        }
        $meeting = [];
        foreach ($ends as $end => [, , $edge]) {
            $meeting[$numbers[$end]][$edge->id] = $edge;
        }
        $points = [];
        foreach ($meeting as $number => $edges) {
            if (count($edges) > 1) {
                $points[] = [$ends[$number][0], array_values($edges)];
            }
        }

        return $points;
    }

    /**
     * @param  list<array{Point, float, Edge}>  $ends  so far: in plan, how high, and whose
     * @param  array<string, list<int>>  $byCell  their numbers
     * @return list<int> numbers of those that lie near
     */
    private static function near(array $ends, array $byCell, Point $at, float $height): array
    {
        $near = [];
        foreach ([-1, 0, 1] as $dx) {
            foreach ([-1, 0, 1] as $dy) {
                foreach ($byCell[self::cell($at, $dx, $dy)] ?? [] as $end) {
                    if ($ends[$end][0]->distanceTo($at) < self::NEAR && abs($ends[$end][1] - $height) < self::NEAR) {
                        $near[] = $end;
                    }
                }
            }
        }

        return $near;
    }

    private static function cell(Point $at, int $dx, int $dy): string
    {
        return ((int) floor($at->u / self::NEAR) + $dx).' '.((int) floor($at->v / self::NEAR) + $dy);
    }
}
