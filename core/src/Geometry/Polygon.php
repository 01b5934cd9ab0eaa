<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/** A closed outline in face coordinates (inches), its corners counter-clockwise. */
final readonly class Polygon
{
    /** @param  list<Point>  $corners at least three */
    private function __construct(public array $corners)
    {
    }

    /**
     * @param  list<Point>  $corners  as drawn
     *
     * @throws NotAPolygon fewer than three corners, no area, or clockwise
     */
    public static function of(array $corners): self
    {
        $polygon = new self($corners);
        if (count($corners) < 3) {
            throw NotAPolygon::tooFewCorners(count($corners));
        }
        if (abs($polygon->area()) < Tolerance::AREA) {
            throw NotAPolygon::noArea();
        }
        if ($polygon->area() < 0) {
            throw NotAPolygon::clockwise();
        }

        return $polygon;
    }

    /**
     * For results of the geometry itself, which are already known to be sound.
     *
     * @param  list<Point>  $corners
     */
    public static function sound(array $corners): self
    {
        return new self($corners);
    }

    public static function rectangle(float $left, float $bottom, float $right, float $top): self
    {
        return new self([new Point($left, $bottom), new Point($right, $bottom), new Point($right, $top), new Point($left, $top)]);
    }

    /** Inches from a corner to the next. */
    public function sideLength(int $side): float
    {
        return $this->corner($side)->distanceTo($this->corner($side + 1));
    }

    /** Square inches; negative for a clockwise outline. */
    public function area(): float
    {
        $twice = 0.0;
        $previous = $this->corners[count($this->corners) - 1] ?? null;
        foreach ($this->corners as $corner) {
            if ($previous !== null) {
                $twice += $previous->u * $corner->v - $corner->u * $previous->v;
            }
            $previous = $corner;
        }

        return $twice / 2.0;
    }

    public function bounds(): Bounds
    {
        $u = array_map(static fn (Point $p): float => $p->u, $this->corners);
        $v = array_map(static fn (Point $p): float => $p->v, $this->corners);

        return new Bounds(min($u ?: [0.0]), min($v ?: [0.0]), max($u ?: [0.0]), max($v ?: [0.0]));
    }

    /** The same outline seen from behind: u turned round, still counter-clockwise. */
    public function mirrored(): self
    {
        return new self(array_reverse(array_map(static fn (Point $p): Point => $p->mirrored(), $this->corners)));
    }

    /** The same outline with u and v changed over, still running the same way round. */
    public function transposed(): self
    {
        return new self(array_reverse(array_map(static fn (Point $p): Point => new Point($p->v, $p->u), $this->corners)));
    }

    public function moved(float $du, float $dv): self
    {
        return new self(array_map(static fn (Point $p): Point => new Point($p->u + $du, $p->v + $dv), $this->corners));
    }

    /** The first pair of sides that cross or touch where they should not, or null for a simple outline. */
    public function crossing(): ?SideCrossing
    {
        $n = count($this->corners);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 1; $j < $n; $j++) {
                $neighbours = $j === $i + 1 || ($i === 0 && $j === $n - 1);
                if (! $neighbours && $this->sidesMeet($i, $j)) {
                    return new SideCrossing($i, $j);
                }
            }
        }

        return null;
    }

    private function sidesMeet(int $i, int $j): bool
    {
        [$a, $b, $c, $d] = [$this->corner($i), $this->corner($i + 1), $this->corner($j), $this->corner($j + 1)];
        $abc = $this->turn($a, $b, $c);
        $abd = $this->turn($a, $b, $d);
        $cda = $this->turn($c, $d, $a);
        $cdb = $this->turn($c, $d, $b);
        if ($abc * $abd < 0 && $cda * $cdb < 0) {
            return true;
        }

        return ($abc === 0 && $this->between($a, $b, $c)) || ($abd === 0 && $this->between($a, $b, $d))
            || ($cda === 0 && $this->between($c, $d, $a)) || ($cdb === 0 && $this->between($c, $d, $b));
    }

    /** -1, 0 or 1: which side of the line a→b the point lies on. */
    private function turn(Point $a, Point $b, Point $p): int
    {
        $cross = ($b->u - $a->u) * ($p->v - $a->v) - ($b->v - $a->v) * ($p->u - $a->u);
        $distance = $cross / max($a->distanceTo($b), Tolerance::LENGTH);

        return abs($distance) < Tolerance::LENGTH ? 0 : ($distance > 0 ? 1 : -1);
    }

    private function between(Point $a, Point $b, Point $p): bool
    {
        return $p->u >= min($a->u, $b->u) - Tolerance::LENGTH && $p->u <= max($a->u, $b->u) + Tolerance::LENGTH
            && $p->v >= min($a->v, $b->v) - Tolerance::LENGTH && $p->v <= max($a->v, $b->v) + Tolerance::LENGTH;
    }

    /** Whether a point lies inside, whichever way round the corners run. */
    public function contains(Point $point): bool
    {
        $inside = false;
        $previous = $this->corner(count($this->corners) - 1);
        foreach ($this->corners as $corner) {
            if (($corner->v > $point->v) !== ($previous->v > $point->v)
                && $point->u < $corner->u + ($point->v - $corner->v) / ($previous->v - $corner->v) * ($previous->u - $corner->u)) {
                $inside = ! $inside;
            }
            $previous = $corner;
        }

        return $inside;
    }

    /** Whether it turns the same way at every corner, to a thousandth of an inch. */
    public function isConvex(): bool
    {
        $n = count($this->corners);
        for ($i = 0; $i < $n; $i++) {
            [$a, $b, $c] = [$this->corner($i), $this->corner($i + 1), $this->corner($i + 2)];
            $cross = ($b->u - $a->u) * ($c->v - $b->v) - ($b->v - $a->v) * ($c->u - $b->u);
            if ($cross / max(Tolerance::LENGTH, $a->distanceTo($c)) < -Tolerance::SAME_CUT) {
                return false;
            }
        }

        return true;
    }

    /** Some point well inside. */
    public function insidePoint(): Point
    {
        return (new Region($this))->insidePoint();
    }

    /** @return list<float> u where the outline crosses a level that no corner lies on, from the left */
    public function crossingsAt(float $v): array
    {
        $crossings = [];
        $previous = $this->corner(count($this->corners) - 1);
        foreach ($this->corners as $corner) {
            if (($corner->v > $v) !== ($previous->v > $v)) {
                $crossings[] = $corner->u + ($v - $corner->v) / ($previous->v - $corner->v) * ($previous->u - $corner->u);
            }
            $previous = $corner;
        }
        sort($crossings);

        return $crossings;
    }

    /** Without the corners that lie on the straight line between their neighbours, and without spikes that have no area. */
    public function withoutFlatCorners(): self
    {
        $kept = $this->corners;
        for ($i = 0; $i < count($kept) && count($kept) > 3;) {
            $n = count($kept);
            if ($this->isFlat($kept[($i + $n - 1) % $n], $kept[$i], $kept[($i + 1) % $n])) {
                array_splice($kept, $i, 1);
                $i = max(0, $i - 1);
            } else {
                $i++;
            }
        }

        return new self($kept);
    }

    /** Whether the nearer of two neighbours lies on the line from a corner to the farther one. */
    private function isFlat(Point $before, Point $corner, Point $after): bool
    {
        [$near, $far] = $corner->distanceTo($before) < $corner->distanceTo($after) ? [$before, $after] : [$after, $before];
        $off = ($far->u - $corner->u) * ($near->v - $corner->v) - ($far->v - $corner->v) * ($near->u - $corner->u);

        return abs($off) / max($corner->distanceTo($far), Tolerance::LENGTH) < Tolerance::ON_LINE * 4.0;
    }

    public function corner(int $index): Point
    {
        return $this->corners[$index % count($this->corners)];
    }
}
