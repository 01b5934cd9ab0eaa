<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/**
 * Cuts regions along lines that run straight up the slope (u constant). A strip of a notched outline may fall
 * into several pieces; a hole the line runs through becomes part of the outline. Sides keep their numbers, also where
 * they lie in the cut.
 *
 * @phpstan-type Chain array{points: non-empty-list<Point>, tags: list<int>}
 */
final readonly class StripCutter
{
    /** @return list<Region> the pieces between left and right */
    public function strip(Region $region, float $left, float $right): array
    {
        $pieces = $left > -INF ? $this->rightOf($region, $left) : [$region];

        return $right < INF ? array_merge(...array_map(fn (Region $piece): array => $this->leftOf($piece, $right), $pieces)) : $pieces;
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
        return array_map(static fn (Region $piece): Region => $piece->transposed(), $this->strip($region->transposed(), $bottom, $top));
    }

    /** @return list<Region> */
    public function rightOf(Region $region, float $u): array
    {
        if ($region->outline->bounds()->left >= $u - Tolerance::LENGTH) {
            return [$region];
        }
        $chains = [];
        $whole = [];
        $onLine = [];
        foreach ($region->loops() as $loop) {
            $cut = $this->chains($loop, $u, $onLine);
            if ($cut === null) {
                $whole[] = $loop;
            } else {
                array_push($chains, ...$cut);
            }
        }

        return Region::ofLoops([...$whole, ...$this->join($chains, $u, $onLine)]);
    }

    /**
     * The runs of sides on the kept side of the line, each from the line back to it.
     *
     * @param  list<array{float, float, int}>  $onLine  gathers sides that lie in the line with the kept part beside them: upper v, lower v, number
     * @return list<Chain>|null null when the loop lies wholly on the kept side
     */
    private function chains(Polygon $loop, float $u, array &$onLine): ?array
    {
        $n = count($loop->corners);
        $off = [];
        foreach ($loop->corners as $i => $corner) {
            $off[$i] = abs($corner->u - $u) < Tolerance::LENGTH ? 0.0 : $corner->u - $u;
        }
        $start = array_key_first(array_filter($off, static fn (float $o): bool => $o <= 0.0));
        if ($start === null) {
            return null;
        }
        $chains = [];
        $points = $tags = [];
        for ($k = 0; $k < $n; $k++) {
            $i = ($start + $k) % $n;
            $j = ($i + 1) % $n;
            [$a, $b, $here, $there] = [$loop->corners[$i], $loop->corners[$j], $off[$i], $off[$j]];
            if ($here === 0.0 && $there === 0.0 && $b->v < $a->v) {
                $onLine[] = [$a->v, $b->v, $loop->tag($i)];
            }
            if ($here <= 0.0 && $there <= 0.0) {
                continue;
            }
            if ($here <= 0.0) {
                $points = [$here === 0.0 ? new Point($u, $a->v) : $this->onLine($a, $b, $u)];
                $tags = [];
            }
            $tags[] = $loop->tag($i);
            $points[] = $there > 0.0 ? $b : ($there === 0.0 ? new Point($u, $b->v) : $this->onLine($a, $b, $u));
            if ($there <= 0.0) {
                $chains[] = ['points' => $points, 'tags' => $tags];
            }
        }

        return $chains;
    }

    private function onLine(Point $a, Point $b, float $u): Point
    {
        $share = max(0.0, min(1.0, ($u - $a->u) / ($b->u - $a->u)));

        return new Point($u, $a->v + $share * ($b->v - $a->v));
    }

    /**
     * Joins the chains along the cut. Just beside the line their ends, from below, pair off: between the two of a pair
     * lies what is kept, and the outline runs down it from the chain that ends at the top to the one that begins below.
     *
     * @param  list<Chain>  $chains
     * @param  list<array{float, float, int}>  $onLine
     * @return list<Polygon>
     */
    private function join(array $chains, float $u, array $onLine): array
    {
        $ends = [];
        foreach ($chains as $i => ['points' => $points]) {
            $last = count($points) - 1;
            $ends[] = ['v' => $points[0]->v, 'rise' => $this->rise($points[0], $points[1]), 'chain' => $i, 'begins' => true];
            $ends[] = ['v' => $points[$last]->v, 'rise' => $this->rise($points[$last], $points[$last - 1]), 'chain' => $i, 'begins' => false];
        }
        usort($ends, static fn (array $a, array $b): int => Tolerance::same($a['v'], $b['v']) ? $a['rise'] <=> $b['rise'] : $a['v'] <=> $b['v']);
        $next = [];
        for ($k = 0; $k + 1 < count($ends); $k += 2) {
            [$low, $high] = $ends[$k]['begins'] ? [$ends[$k], $ends[$k + 1]] : [$ends[$k + 1], $ends[$k]];
            $next[$high['chain']] = $low['chain'];
        }
        $loops = [];
        $done = [];
        foreach (array_keys($chains) as $start) {
            $points = $tags = [];
            for ($i = $start; ! isset($done[$i]); $i = $next[$i] ?? $start) {
                $done[$i] = true;
                array_push($points, ...$chains[$i]['points']);
                array_push($tags, ...$chains[$i]['tags'], ...$this->alongLine($points, $chains[$next[$i] ?? $start]['points'][0], $u, $onLine));
            }
            if ($points !== []) {
                $loops[] = $this->withoutRepeats($points, $tags);
            }
        }

        return $loops;
    }

    /** How steeply a side leaves the line. */
    private function rise(Point $onLine, Point $beyond): float
    {
        return ($beyond->v - $onLine->v) / max(Tolerance::LENGTH / 1000.0, $beyond->u - $onLine->u);
    }

    /**
     * The sides down the cut to where the next chain begins; adds their corners.
     *
     * @param  list<Point>  $points
     * @param  list<array{float, float, int}>  $onLine
     * @return list<int> their numbers
     */
    private function alongLine(array &$points, Point $to, float $u, array $onLine): array
    {
        $from = $points[count($points) - 1]->v;
        $within = array_filter($onLine, static fn (array $side): bool => $side[0] <= $from + Tolerance::LENGTH && $side[1] >= $to->v - Tolerance::LENGTH);
        usort($within, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $tags = [];
        foreach ($within as [$top, $bottom, $tag]) {
            if ($from - $top >= Tolerance::LENGTH) {
                $tags[] = Polygon::CUT;
                $points[] = new Point($u, $top);
            }
            $tags[] = $tag;
            $from = $bottom;
            if ($bottom - $to->v >= Tolerance::LENGTH) {
                $points[] = new Point($u, $bottom);
            }
        }
        if ($within === [] || $from - $to->v >= Tolerance::LENGTH) {
            $tags[] = Polygon::CUT;
        }

        return $tags;
    }

    /**
     * @param  list<Point>  $points
     * @param  list<int>  $tags
     */
    private function withoutRepeats(array $points, array $tags): Polygon
    {
        $n = count($points);
        [$kept, $own] = [[], []];
        foreach ($points as $i => $point) {
            if ($point->distanceTo($points[($i + 1) % $n]) >= Tolerance::LENGTH) {
                $kept[] = $point;
                $own[] = $tags[$i];
            }
        }

        return Polygon::sound($kept, $own);
    }
}
