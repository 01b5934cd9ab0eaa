<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/**
 * Cuts regions along lines that run straight up the slope (u constant). A strip of a notched outline may fall
 * into several pieces; a hole the line runs through becomes part of the outline.
 */
final readonly class StripCutter
{
    /** @return list<Region> the pieces between left and right */
    public function strip(Region $region, float $left, float $right): array
    {
        $pieces = [];
        foreach ($this->rightOf($region, $left) as $piece) {
            array_push($pieces, ...$this->leftOf($piece, $right));
        }

        return $pieces;
    }

    /** @return list<Region> */
    public function leftOf(Region $region, float $u): array
    {
        return array_map(
            static fn (Region $piece): Region => $piece->mirrored(),
            $this->rightOf($region->mirrored(), -$u),
        );
    }

    /** @return list<Region> the pieces between two lines square to the strips */
    public function across(Region $region, float $bottom, float $top): array
    {
        $pieces = [$region->transposed()];
        if ($bottom > -INF) {
            $pieces = array_merge(...array_map(fn (Region $piece): array => $this->rightOf($piece, $bottom), $pieces));
        }
        if ($top < INF) {
            $pieces = array_merge(...array_map(fn (Region $piece): array => $this->leftOf($piece, $top), $pieces));
        }

        return array_map(static fn (Region $piece): Region => $piece->transposed(), $pieces);
    }

    /** @return list<Region> */
    public function rightOf(Region $region, float $u): array
    {
        $chains = [];
        $whole = [];
        foreach ($region->loops() as $loop) {
            $cut = $this->chains($loop, $u);
            if ($cut === null) {
                $whole[] = $loop;
            } else {
                array_push($chains, ...$cut);
            }
        }
        if ($chains === []) {
            return $whole === [] ? [] : Region::ofLoops($whole);
        }

        return Region::ofLoops([...$whole, ...array_map(Polygon::sound(...), $this->join($chains))]);
    }

    /**
     * The runs of corners on the kept side, each with the points where the outline enters and leaves it.
     *
     * @return list<non-empty-list<Point>>|null null when nothing is cut away
     */
    private function chains(Polygon $outline, float $u): ?array
    {
        $corners = $outline->corners;
        $n = count($corners);
        $outside = null;
        foreach ($corners as $i => $corner) {
            if ($corner->u < $u - Tolerance::LENGTH) {
                $outside = $i;
                break;
            }
        }
        if ($outside === null) {
            return null;
        }
        $chains = [];
        $chain = [];
        $previous = $corners[$outside];
        for ($k = 1; $k <= $n; $k++) {
            $corner = $corners[($outside + $k) % $n];
            $was = $previous->u >= $u - Tolerance::LENGTH;
            $is = $corner->u >= $u - Tolerance::LENGTH;
            if ($was !== $is) {
                $chain[] = $this->onLine($previous, $corner, $u);
            }
            if ($is) {
                $chain[] = $corner;
            } elseif ($was && $chain !== []) {
                $chains[] = $this->withoutRepeats($chain);
                $chain = [];
            }
            $previous = $corner;
        }

        return $chains;
    }

    private function onLine(Point $a, Point $b, float $u): Point
    {
        $share = max(0.0, min(1.0, ($u - $a->u) / ($b->u - $a->u)));

        return new Point($u, $a->v + $share * ($b->v - $a->v));
    }

    /**
     * @param  non-empty-list<Point>  $chain
     * @return non-empty-list<Point>
     */
    private function withoutRepeats(array $chain): array
    {
        $kept = [$chain[0]];
        foreach ($chain as $point) {
            if ($point->distanceTo($kept[count($kept) - 1]) >= Tolerance::LENGTH) {
                $kept[] = $point;
            }
        }

        return $kept;
    }

    /**
     * Joins the chains along the cut. Up the line the crossings pair off; inside each pair lies metal, and the
     * outline runs down it from the chain that leaves at the top to the chain that enters at the bottom.
     *
     * @param  list<non-empty-list<Point>>  $chains
     * @return list<list<Point>>
     */
    private function join(array $chains): array
    {
        if (count($chains) < 2) {
            return $chains;
        }
        $crossings = [];
        foreach ($chains as $i => $chain) {
            $crossings[] = ['v' => $chain[0]->v, 'chain' => $i, 'enters' => true];
            $crossings[] = ['v' => $chain[count($chain) - 1]->v, 'chain' => $i, 'enters' => false];
        }
        usort($crossings, static fn (array $a, array $b): int => $a['v'] <=> $b['v']);
        $next = [];
        for ($k = 0; $k + 1 < count($crossings); $k += 2) {
            [$low, $high] = [$crossings[$k], $crossings[$k + 1]];
            $next[$low['enters'] ? $high['chain'] : $low['chain']] = $low['enters'] ? $low['chain'] : $high['chain'];
        }

        return $this->loops($chains, $next);
    }

    /**
     * @param  list<non-empty-list<Point>>  $chains
     * @param  array<int, int>  $next
     * @return list<list<Point>>
     */
    private function loops(array $chains, array $next): array
    {
        $loops = [];
        $done = [];
        foreach (array_keys($chains) as $start) {
            $loop = [];
            for ($i = $start; ! isset($done[$i]) && isset($chains[$i]); $i = $next[$i] ?? $start) {
                $done[$i] = true;
                array_push($loop, ...$chains[$i]);
            }
            if ($loop !== []) {
                $loops[] = $loop;
            }
        }

        return $loops;
    }
}
