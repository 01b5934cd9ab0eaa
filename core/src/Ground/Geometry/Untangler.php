<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/**
 * Sorts out loops that cross themselves or each other after their sides were moved: what is kept is what they wind
 * round counter-clockwise. A side that was pushed past its neighbours drops out; a narrow waist parts. Sides keep their
 * numbers; where two lie on each other, the first that is not a cut counts.
 */
final readonly class Untangler
{
    /** How far (in) to either side of a stretch one looks: over the noise, under any metal. */
    private const BESIDE = 1e-3;

    /**
     * @param  list<Polygon>  $loops  outlines counter-clockwise, holes clockwise
     * @return list<Region> what they wind round at least once
     */
    public function untangle(array $loops): array
    {
        return $this->isTangled($loops) ? $this->wound($loops, 1) : Region::ofLoops($loops);
    }

    /**
     * What two sound regions, or sets of regions, have in common.
     *
     * @param  list<Polygon>  $loops  of both
     * @return list<Region>
     */
    public function common(array $loops): array
    {
        return $this->wound($loops, 2);
    }

    /**
     * @param  list<Polygon>  $loops
     * @param  int  $times  what they wind round at least so often is kept
     * @return list<Region>
     */
    private function wound(array $loops, int $times): array
    {
        $corners = new Corners;
        $rings = array_map(static fn (Polygon $loop): array => array_map($corners->numberOf(...), $loop->corners), $loops);
        $this->addCrossings($corners, $loops);
        $round = new Windings($loops);
        $tags = [];
        foreach ($rings as $number => $ring) {
            foreach ($ring as $i => $from) {
                $to = $ring[($i + 1) % count($ring)];
                $run = $from === $to ? [] : $corners->along($from, $to);
                for ($k = 0; $k + 1 < count($run); $k++) {
                    [$a, $b] = [$run[$k], $run[$k + 1]];
                    if (isset($tags[$a][$b]) || $this->bounds($corners->point($a), $corners->point($b), $round, $times)) {
                        $known = $tags[$a][$b] ?? Polygon::STEP;
                        $tags[$a][$b] = $known >= 0 ? $known : max($known, $loops[$number]->tag($i));
                    }
                }
            }
        }
        $traced = [];
        foreach ((new LoopTracer($corners))->trace(array_map(array_keys(...), $tags)) as $loop) {
            $n = count($loop);
            $traced[] = Polygon::sound(
                array_map($corners->point(...), $loop),
                array_map(static fn (int $i): int => $tags[$loop[$i]][$loop[($i + 1) % $n]], array_keys($loop)),
            )->withoutFlatCorners();
        }

        return Region::ofLoops($traced);
    }

    /** @param  list<Polygon>  $loops */
    private function isTangled(array $loops): bool
    {
        $bounds = array_map(static fn (Polygon $loop): Bounds => $loop->bounds(), $loops);
        foreach ($loops as $number => $loop) {
            if (count($loop->corners) < 3 || $loop->crossing() !== null || ($number === 0 && $loop->area() <= 0.0) || ($number > 0 && $loop->area() >= 0.0)) {
                return true;
            }
            for ($k = $number + 1, $n = count($loops); $k < $n; $k++) {
                // A hole belongs in the outline and into no other hole.
                $misplaced = $number === 0
                    ? ! $loop->contains($loops[$k]->corner(0))
                    : $bounds[$number]->meets($bounds[$k]) && ($loop->contains($loops[$k]->corner(0)) || $loops[$k]->contains($loop->corner(0)));
                if ($misplaced) {
                    return true;
                }
            }
        }
        foreach (count($loops) < 2 ? [] : SidePairs::of($loops) as [$one, $i, $other, $j]) {
            if ($one !== $other && ($this->touch($loops[$one], $i, $loops[$other], $j) || $this->crossing($loops[$one], $i, $loops[$other], $j) !== null)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an end of one side lies on the other. */
    private function touch(Polygon $one, int $i, Polygon $other, int $j): bool
    {
        [$a, $b, $c, $d] = [$one->corner($i), $one->corner($i + 1), $other->corner($j), $other->corner($j + 1)];

        return $a->distanceToLine($c, $d) < Tolerance::SAME_CUT || $b->distanceToLine($c, $d) < Tolerance::SAME_CUT
            || $c->distanceToLine($a, $b) < Tolerance::SAME_CUT || $d->distanceToLine($a, $b) < Tolerance::SAME_CUT;
    }

    /** @param  list<Polygon>  $loops */
    private function addCrossings(Corners $corners, array $loops): void
    {
        foreach (SidePairs::of($loops) as [$one, $i, $other, $j]) {
            $point = $this->crossing($loops[$one], $i, $loops[$other], $j);
            if ($point !== null) {
                $corners->numberOf($point);
            }
        }
    }

    /** Where two sides cross. */
    private function crossing(Polygon $one, int $i, Polygon $other, int $j): ?Point
    {
        [$a, $b, $c, $d] = [$one->corner($i), $one->corner($i + 1), $other->corner($j), $other->corner($j + 1)];
        $cross = ($b->u - $a->u) * ($d->v - $c->v) - ($b->v - $a->v) * ($d->u - $c->u);
        if (abs($cross) < Tolerance::PARALLEL) {
            return null;
        }
        $s = (($c->u - $a->u) * ($d->v - $c->v) - ($c->v - $a->v) * ($d->u - $c->u)) / $cross;
        $t = (($c->u - $a->u) * ($b->v - $a->v) - ($c->v - $a->v) * ($b->u - $a->u)) / $cross;

        return $s > 0.0 && $s < 1.0 && $t > 0.0 && $t < 1.0 ? new Point($a->u + $s * ($b->u - $a->u), $a->v + $s * ($b->v - $a->v)) : null;
    }

    /** Whether what is kept ends at a stretch: wound round often enough on its left, not on its right. */
    private function bounds(Point $from, Point $to, Windings $round, int $times): bool
    {
        $length = max(Tolerance::LENGTH, $from->distanceTo($to));
        [$du, $dv] = [-($to->v - $from->v) / $length * self::BESIDE, ($to->u - $from->u) / $length * self::BESIDE];
        [$u, $v] = [($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0];

        return $round->at(new Point($u + $du, $v + $dv)) >= $times && $round->at(new Point($u - $du, $v - $dv)) < $times;
    }
}
