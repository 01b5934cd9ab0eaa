<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/** Joins pieces that lie side by side into whole regions: sides that two pieces share fall away, the rest is traced. */
final readonly class PieceJoiner
{
    /**
     * @param  list<Polygon>  $pieces  counter-clockwise, not overlapping
     * @return list<Region>
     */
    public function join(array $pieces): array
    {
        $corners = new Corners;
        $loops = [];
        foreach ($this->trace($corners, $this->openSides($corners, $pieces)) as $loop) {
            $loops[] = Polygon::sound(array_map($corners->point(...), $loop))->withoutFlatCorners();
        }

        return Region::ofLoops($loops);
    }

    /**
     * Sides that no other piece has the other way round.
     *
     * @param  list<Polygon>  $pieces
     * @return array<int, list<int>> where sides lead, by the corner they start from
     */
    private function openSides(Corners $corners, array $pieces): array
    {
        $rings = array_map(static fn (Polygon $piece): array => array_map($corners->numberOf(...), $piece->corners), $pieces);
        $open = [];
        foreach ($rings as $ring) {
            $n = count($ring);
            foreach ($ring as $i => $from) {
                $to = $ring[($i + 1) % $n];
                if ($from !== $to) {
                    $this->put($open, $corners->along($from, $to));
                }
            }
        }

        return $open;
    }

    /**
     * @param  array<int, list<int>>  $open
     * @param  list<int>  $run
     */
    private function put(array &$open, array $run): void
    {
        for ($i = 0; $i + 1 < count($run); $i++) {
            [$from, $to] = [$run[$i], $run[$i + 1]];
            $back = array_search($from, $open[$to] ?? [], true);
            if ($back === false) {
                $open[$from][] = $to;
            } else {
                array_splice($open[$to], (int) $back, 1);
            }
        }
    }

    /**
     * @param  array<int, list<int>>  $open
     * @return list<list<int>>
     */
    private function trace(Corners $corners, array $open): array
    {
        $loops = [];
        foreach (array_keys($open) as $start) {
            while (($open[$start] ?? []) !== []) {
                $loop = [];
                [$from, $to] = [$start, $open[$start][0]];
                do {
                    $loop[] = $from;
                    $way = $this->way($corners, $from, $to, $open[$to] ?? []);
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
    private function way(Corners $corners, int $from, int $at, array $ways): ?int
    {
        $here = $corners->point($at);
        $back = $this->bearing($here, $corners->point($from));
        $best = null;
        $least = INF;
        foreach ($ways as $i => $to) {
            $turn = $back - $this->bearing($here, $corners->point($to));
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
