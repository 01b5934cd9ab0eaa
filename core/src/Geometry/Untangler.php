<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

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
        $tags = [];
        foreach ($rings as $number => $ring) {
            foreach ($ring as $i => $from) {
                $to = $ring[($i + 1) % count($ring)];
                $run = $from === $to ? [] : $corners->along($from, $to);
                for ($k = 0; $k + 1 < count($run); $k++) {
                    [$a, $b] = [$run[$k], $run[$k + 1]];
                    if (isset($tags[$a][$b]) || $this->bounds($corners->point($a), $corners->point($b), $loops, $times)) {
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
        foreach ($loops as $number => $loop) {
            if (count($loop->corners) < 3 || $loop->crossing() !== null || ($number === 0 && $loop->area() <= 0.0) || ($number > 0 && $loop->area() >= 0.0)) {
                return true;
            }
            foreach (array_slice($loops, $number + 1) as $other) {
                // A hole belongs in the outline and into no other hole.
                $misplaced = $number === 0 ? ! $loop->contains($other->corner(0)) : $loop->contains($other->corner(0)) || $other->contains($loop->corner(0));
                if ($misplaced || $this->touch($loop, $other) || $this->crossings($loop, $other) !== []) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a corner of one loop lies on a side of the other. */
    private function touch(Polygon $one, Polygon $other): bool
    {
        if (! $one->bounds()->meets($other->bounds())) {
            return false;
        }
        foreach ([[$one, $other], [$other, $one]] as [$corners, $sides]) {
            foreach ($corners->corners as $corner) {
                foreach ($sides->corners as $i => $from) {
                    if ($corner->distanceToLine($from, $sides->corner($i + 1)) < Tolerance::SAME_CUT) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @param  list<Polygon>  $loops */
    private function addCrossings(Corners $corners, array $loops): void
    {
        foreach ($loops as $i => $loop) {
            foreach (array_slice($loops, $i) as $other) {
                array_map($corners->numberOf(...), $this->crossings($loop, $other));
            }
        }
    }

    /** @return list<Point> where sides of two loops, or of one with itself, cross */
    private function crossings(Polygon $one, Polygon $two): array
    {
        $points = [];
        foreach (array_keys($one->corners) as $i) {
            [$a, $b] = [$one->corner($i), $one->corner($i + 1)];
            foreach (array_keys($two->corners) as $j) {
                [$c, $d] = [$two->corner($j), $two->corner($j + 1)];
                $cross = ($b->u - $a->u) * ($d->v - $c->v) - ($b->v - $a->v) * ($d->u - $c->u);
                if (($one === $two && $j <= $i) || abs($cross) < Tolerance::PARALLEL) {
                    continue;
                }
                $s = (($c->u - $a->u) * ($d->v - $c->v) - ($c->v - $a->v) * ($d->u - $c->u)) / $cross;
                $t = (($c->u - $a->u) * ($b->v - $a->v) - ($c->v - $a->v) * ($b->u - $a->u)) / $cross;
                if ($s > 0.0 && $s < 1.0 && $t > 0.0 && $t < 1.0) {
                    $points[] = new Point($a->u + $s * ($b->u - $a->u), $a->v + $s * ($b->v - $a->v));
                }
            }
        }

        return $points;
    }

    /**
     * Whether what is kept ends at a stretch: wound round often enough on its left, not on its right.
     *
     * @param  list<Polygon>  $loops
     */
    private function bounds(Point $from, Point $to, array $loops, int $times): bool
    {
        $length = max(Tolerance::LENGTH, $from->distanceTo($to));
        [$du, $dv] = [-($to->v - $from->v) / $length * self::BESIDE, ($to->u - $from->u) / $length * self::BESIDE];
        [$u, $v] = [($from->u + $to->u) / 2.0, ($from->v + $to->v) / 2.0];

        return $this->winding(new Point($u + $du, $v + $dv), $loops) >= $times && $this->winding(new Point($u - $du, $v - $dv), $loops) < $times;
    }

    /**
     * How often all loops together run round a point, counter-clockwise.
     *
     * @param  list<Polygon>  $loops
     */
    private function winding(Point $point, array $loops): int
    {
        $turns = 0;
        foreach ($loops as $loop) {
            foreach ($loop->corners as $i => $a) {
                $b = $loop->corner($i + 1);
                $left = ($b->u - $a->u) * ($point->v - $a->v) - ($point->u - $a->u) * ($b->v - $a->v);
                if ($a->v <= $point->v && $b->v > $point->v && $left > 0.0) {
                    $turns++;
                } elseif ($a->v > $point->v && $b->v <= $point->v && $left < 0.0) {
                    $turns--;
                }
            }
        }

        return $turns;
    }
}
