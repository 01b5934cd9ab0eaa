<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

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
        return $region->outline->right() <= $u + Tolerance::LENGTH ? [$region] : $this->cut($region, $u, -1.0);
    }

    /** @return list<Region> */
    public function rightOf(Region $region, float $u): array
    {
        return $region->outline->left() >= $u - Tolerance::LENGTH ? [$region] : $this->cut($region, $u, 1.0);
    }

    /** @return list<Region> the pieces between two lines square to the strips */
    public function across(Region $region, float $bottom, float $top): array
    {
        return array_map(static fn (Region $piece): Region => $piece->transposed(), $this->strip($region->transposed(), $bottom, $top));
    }

    /**
     * @param  float  $kept  1 where the part right of the line is kept, −1 for the part left of it
     * @return list<Region>
     */
    private function cut(Region $region, float $u, float $kept): array
    {
        $chains = [];
        $whole = [];
        $onLine = [];
        foreach ($region->loops() as $loop) {
            $cut = $this->chains($loop, $u, $kept, $onLine);
            if ($cut === null) {
                $whole[] = $loop;
            } else {
                array_push($chains, ...$cut);
            }
        }
        $loops = [...$whole, ...$this->join($chains, $u, $kept, $onLine)];

        return count($loops) === 1 && $loops[0]->area() > Tolerance::AREA ? [new Region($loops[0])] : Region::ofLoops($loops);
    }

    /**
     * The runs of sides on the kept side of the line, each from the line back to it.
     *
     * @param  list<array{float, float, int}>  $onLine  gathers sides that lie in the line with the kept part beside them: v from and to, number
     * @return list<Chain>|null null when the loop lies wholly on the kept side
     */
    private function chains(Polygon $loop, float $u, float $kept, array &$onLine): ?array
    {
        [$corners, $numbers] = [$loop->corners, $loop->tags];
        $n = count($corners);
        $off = [];
        $start = null;
        foreach ($corners as $i => $corner) {
            $far = $kept * ($corner->u - $u);
            $off[] = $far > Tolerance::LENGTH || $far < -Tolerance::LENGTH ? $far : 0.0;
            $start ??= $off[$i] <= 0.0 ? $i : null;
        }
        if ($start === null) {
            return null;
        }
        $chains = [];
        $points = $tags = [];
        for ($k = 0; $k < $n; $k++) {
            $i = $start + $k < $n ? $start + $k : $start + $k - $n;
            $j = $i + 1 < $n ? $i + 1 : 0;
            [$here, $there] = [$off[$i], $off[$j]];
            if ($here <= 0.0 && $there <= 0.0) {
                // The outline runs down the line right of which it keeps, and up the line left of which it does.
                if ($here === 0.0 && $there === 0.0 && $kept * ($corners[$j]->v - $corners[$i]->v) < 0.0) {
                    $onLine[] = [$corners[$i]->v, $corners[$j]->v, $numbers[$i] ?? Polygon::CUT];
                }

                continue;
            }
            if ($here <= 0.0) {
                $points = [$here === 0.0 ? new Point($u, $corners[$i]->v) : $this->onLine($corners[$i], $corners[$j], $u)];
                $tags = [];
            }
            $tags[] = $numbers[$i] ?? Polygon::CUT;
            $points[] = $there > 0.0 ? $corners[$j] : ($there === 0.0 ? new Point($u, $corners[$j]->v) : $this->onLine($corners[$i], $corners[$j], $u));
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
     * lies what is kept, and the outline runs along it from the chain that ends to the one that begins.
     *
     * @param  list<Chain>  $chains
     * @param  list<array{float, float, int}>  $onLine
     * @return list<Polygon>
     */
    private function join(array $chains, float $u, float $kept, array $onLine): array
    {
        $next = count($chains) === 1 ? [0 => 0] : $this->next($chains);
        $loops = [];
        $done = [];
        foreach (array_keys($chains) as $start) {
            $points = $tags = [];
            for ($i = $start; ! isset($done[$i]); $i = $next[$i] ?? $start) {
                $done[$i] = true;
                array_push($points, ...$chains[$i]['points']);
                array_push($tags, ...$chains[$i]['tags'], ...$this->alongLine($points, $chains[$next[$i] ?? $start]['points'][0]->v, $u, $kept, $onLine));
            }
            if ($points !== []) {
                $loops[] = $this->withoutRepeats($points, $tags);
            }
        }

        return $loops;
    }

    /**
     * @param  list<Chain>  $chains
     * @return array<int, int> the chain that follows each along the line
     */
    private function next(array $chains): array
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
            [$to, $from] = $ends[$k]['begins'] ? [$ends[$k], $ends[$k + 1]] : [$ends[$k + 1], $ends[$k]];
            $next[$from['chain']] = $to['chain'];
        }

        return $next;
    }

    /** How steeply a side leaves the line. */
    private function rise(Point $onLine, Point $beyond): float
    {
        return ($beyond->v - $onLine->v) / max(Tolerance::LENGTH / 1000.0, abs($beyond->u - $onLine->u));
    }

    /**
     * The sides along the cut to where the next chain begins; adds their corners.
     *
     * @param  list<Point>  $points
     * @param  list<array{float, float, int}>  $onLine
     * @return list<int> their numbers
     */
    private function alongLine(array &$points, float $to, float $u, float $kept, array $onLine): array
    {
        if ($onLine === []) {
            return [Polygon::CUT];
        }
        // Down the line where what lies right of it is kept, else up.
        $way = -$kept;
        $from = $points[count($points) - 1]->v;
        $within = array_filter($onLine, static fn (array $side): bool => $way * ($side[0] - $from) > -Tolerance::LENGTH && $way * ($to - $side[1]) > -Tolerance::LENGTH);
        usort($within, static fn (array $a, array $b): int => $way * $a[0] <=> $way * $b[0]);
        $tags = [];
        foreach ($within as [$begins, $ends, $tag]) {
            if (abs($begins - $from) >= Tolerance::LENGTH) {
                $tags[] = Polygon::CUT;
                $points[] = new Point($u, $begins);
            }
            $tags[] = $tag;
            $from = $ends;
            if (abs($to - $ends) >= Tolerance::LENGTH) {
                $points[] = new Point($u, $ends);
            }
        }
        if ($within === [] || abs($to - $from) >= Tolerance::LENGTH) {
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
