<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Joins pieces that lie side by side into whole regions: sides that two pieces share fall away, the rest is traced. */
final readonly class PieceJoiner
{
    /** Inches under which corners are one, the likeliest first: corners that nearly meet ask for a finer or a coarser look. */
    private const NEAR = [1e-3, 1e-4, 1e-5, 1e-2, 0.05];

    /** Area (sq in) a joint may gain or lose besides what its sides' noise explains. */
    private const LOST = 0.05;

    /**
     * @param  list<Polygon>  $pieces  counter-clockwise, not overlapping
     * @return list<Region>
     */
    public function join(array $pieces): array
    {
        $area = array_sum(array_map(static fn (Polygon $piece): float => $piece->area(), $pieces));
        $best = [];
        $least = INF;
        foreach (self::NEAR as $near) {
            $regions = $this->joined($pieces, $near);
            $lost = abs($area - array_sum(array_map(static fn (Region $region): float => $region->area(), $regions)));
            if ($lost < self::LOST) {
                return $regions;
            }
            if ($lost < $least) {
                [$least, $best] = [$lost, $regions];
            }
        }

        return $best;
    }

    /**
     * @param  list<Polygon>  $pieces
     * @return list<Region>
     */
    private function joined(array $pieces, float $near): array
    {
        $corners = new Corners($near);
        $loops = [];
        foreach ((new LoopTracer($corners))->trace($this->openSides($corners, $pieces)) as $loop) {
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
}
