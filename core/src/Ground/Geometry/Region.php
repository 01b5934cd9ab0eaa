<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** An outline with holes. The region lies to the left of every side, so holes run clockwise. */
final readonly class Region
{
    /** @param  list<Polygon>  $holes */
    public function __construct(public Polygon $outline, public array $holes = [])
    {
    }

    /**
     * Sorts loops into outlines (counter-clockwise) and the holes in them (clockwise).
     *
     * @param  list<Polygon>  $loops
     * @return list<self>
     */
    public static function ofLoops(array $loops): array
    {
        if (count($loops) === 1) {
            return $loops[0]->area() > Tolerance::AREA ? [new self($loops[0])] : [];
        }
        $loops = array_values(array_filter($loops, static fn (Polygon $p): bool => abs($p->area()) > Tolerance::AREA));
        $outer = array_values(array_filter($loops, static fn (Polygon $p): bool => $p->area() > 0.0));
        $holes = array_fill(0, count($outer), []);
        foreach ($loops as $loop) {
            $home = $loop->area() < 0.0 ? self::home($loop, $outer) : null;
            if ($home !== null) {
                $holes[$home][] = $loop;
            }
        }

        return array_map(static fn (Polygon $outline, array $own): self => new self($outline, $own), $outer, $holes);
    }

    /**
     * The smallest outline round a hole.
     *
     * @param  list<Polygon>  $outer
     */
    private static function home(Polygon $hole, array $outer): ?int
    {
        $home = null;
        $inside = $hole->insidePoint();
        foreach ($outer as $i => $outline) {
            if ($outline->contains($inside) && ($home === null || $outline->area() < $outer[$home]->area())) {
                $home = $i;
            }
        }

        return $home;
    }

    /** The same region seen from behind. */
    public function mirrored(): self
    {
        return new self($this->outline->mirrored(), array_map(static fn (Polygon $hole): Polygon => $hole->mirrored(), $this->holes));
    }

    /** The same region with u and v changed over. */
    public function transposed(): self
    {
        return new self($this->outline->transposed(), array_map(static fn (Polygon $hole): Polygon => $hole->transposed(), $this->holes));
    }

    public function moved(float $du, float $dv): self
    {
        return new self($this->outline->moved($du, $dv), array_map(static fn (Polygon $hole): Polygon => $hole->moved($du, $dv), $this->holes));
    }

    /** Square inches. */
    public function area(): float
    {
        return $this->outline->area() + array_sum(array_map(static fn (Polygon $hole): float => $hole->area(), $this->holes));
    }

    public function contains(Point $point): bool
    {
        if (! $this->outline->contains($point)) {
            return false;
        }
        foreach ($this->holes as $hole) {
            if ($hole->contains($point)) {
                return false;
            }
        }

        return true;
    }

    /** Whether a point lies on one of its sides, to a thousandth of an inch. */
    public function isNear(Point $point): bool
    {
        foreach ($this->loops() as $loop) {
            foreach ($loop->corners as $i => $from) {
                $to = $loop->corner($i + 1);
                if ($point->u > min($from->u, $to->u) - Tolerance::SAME_CUT && $point->u < max($from->u, $to->u) + Tolerance::SAME_CUT && $point->distanceToLine($from, $to) < Tolerance::SAME_CUT) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Some point well inside and in no hole: the middle of the widest stretch on a level between two corners. */
    public function insidePoint(): Point
    {
        $levels = [];
        foreach ($this->loops() as $loop) {
            array_push($levels, ...array_map(static fn (Point $p): float => $p->v, $loop->corners));
        }
        sort($levels);
        $between = [];
        for ($i = 0; $i + 1 < count($levels); $i++) {
            $between[] = $levels[$i + 1] - $levels[$i];
        }
        // The farthest apart first: no stretch is wider than its levels are apart, so one seldom looks at many.
        arsort($between);
        [$best, $widest, $at] = [$this->outline->corner(0), -1.0, 0];
        foreach ($between as $i => $apart) {
            if ($apart < $widest) {
                break;
            }
            $v = ($levels[$i] + $levels[$i + 1]) / 2.0;
            $crossings = array_merge(...array_map(static fn (Polygon $loop): array => $loop->crossingsAt($v), $this->loops()));
            sort($crossings);
            for ($k = 0; $k + 1 < count($crossings); $k += 2) {
                $room = min($crossings[$k + 1] - $crossings[$k], $apart);
                // Of equals the lowest counts.
                if ($room > $widest || ($room === $widest && $i < $at)) {
                    [$widest, $at, $best] = [$room, $i, new Point(($crossings[$k] + $crossings[$k + 1]) / 2.0, $v)];
                }
            }
        }

        return $best;
    }

    /** @return list<Polygon> the outline, then the holes */
    public function loops(): array
    {
        return [$this->outline, ...$this->holes];
    }
}
