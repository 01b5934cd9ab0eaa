<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Follows directed sides from corner to corner into closed loops. */
final readonly class LoopTracer
{
    public function __construct(private Corners $corners)
    {
    }

    /**
     * @param  array<int, list<int>>  $open
     * @return list<list<int>>
     */
    public function trace(array $open): array
    {
        $loops = [];
        foreach (array_keys($open) as $start) {
            while (($open[$start] ?? []) !== []) {
                $loop = [];
                [$from, $to] = [$start, $open[$start][0]];
                do {
                    $loop[] = $from;
                    $way = $this->way($from, $to, $open[$to] ?? []);
                    if ($way === null) {
                        break;
                    }
                    [$from, $to] = [$to, $open[$to][$way]];
                    array_splice($open[$from], $way, 1);
                } while ($from !== $start || $to !== ($loop[1] ?? null));
                if ($way === null) {
                    array_splice($open[$start], 0, 1);
                } else {
                    $loops[] = $loop;
                }
            }
        }

        return $loops;
    }

    /**
     * Which side to follow at a corner: the first one clockwise from where we came, so that regions that touch in
     * a corner come apart there.
     *
     * @param  list<int>  $ways
     */
    private function way(int $from, int $at, array $ways): ?int
    {
        $here = $this->corners->point($at);
        $back = $this->bearing($here, $this->corners->point($from));
        $best = null;
        $least = INF;
        foreach ($ways as $i => $to) {
            $turn = $back - $this->bearing($here, $this->corners->point($to));
            $turn -= 2.0 * M_PI * floor($turn / (2.0 * M_PI));
            if ($turn < Tolerance::PARALLEL) {
                $turn = 2.0 * M_PI;
            }
            if ($turn < $least) {
                [$least, $best] = [$turn, $i];
            }
        }

        return $best;
    }

    private function bearing(Point $from, Point $to): float
    {
        return atan2($to->v - $from->v, $to->u - $from->u);
    }
}
