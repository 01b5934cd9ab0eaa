<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Moves every side of an outline square to itself by its own distance. Sides keep their numbers. */
final readonly class EdgeMover
{
    /**
     * Sine of ten degrees. Two sides that run on nearly straight and move by different distances would meet far from
     * where they met; they are parted by a step instead.
     */
    private const NEARLY_STRAIGHT = 0.1736;

    /**
     * @param  list<float>  $outward  inches for side i (from corner i to the next); negative moves it inwards
     */
    public function move(Polygon $outline, array $outward): Polygon
    {
        $n = count($outline->corners);
        $corners = [];
        $tags = [];
        $before = $this->line($outline, $n - 1, $outward[$n - 1]);
        foreach ($outline->corners as $i => $corner) {
            $line = $this->line($outline, $i, $outward[$i]);
            foreach ($this->meet($before, $line, $corner) as $number => $point) {
                $corners[] = $point;
                if ($number === 1) {
                    $tags[] = Polygon::STEP;
                }
            }
            $tags[] = $outline->tags[$i] ?? Polygon::CUT;
            $before = $line;
        }

        return Polygon::sound($corners, $tags);
    }

    /**
     * One side moved outwards by itself, from neighbour to neighbour where those stand.
     *
     * @param  float  $out  inches; negative moves it inwards
     * @param  float  $before  how far the side before it has moved, `$after` the one after it
     * @return array{Point, Point} its ends
     */
    public function side(Polygon $outline, int $side, float $out, float $before = 0.0, float $after = 0.0): array
    {
        $n = count($outline->corners);
        $line = $this->line($outline, $side, $out);
        $before = $this->meet($this->line($outline, ($side + $n - 1) % $n, $before), $line, $outline->corner($side));
        $after = $this->meet($line, $this->line($outline, ($side + 1) % $n, $after), $outline->corner($side + 1));

        return [$before[count($before) - 1], $after[0]];
    }

    /**
     * Whether a point can lie inside after the sides were moved: no side that moved inwards is nearer than it moved.
     * An outline smaller than that turns inside out twice and looks sound again; this tells.
     *
     * @param  list<float>  $outward
     */
    public function leaves(Polygon $outline, array $outward, Point $point): bool
    {
        foreach ($outward as $side => $out) {
            if ($out < 0.0 && $point->distanceToLine($outline->corner($side), $outline->corner($side + 1)) < -$out - Tolerance::ON_LINE) {
                return false;
            }
        }

        // A triangle moved inwards by more than it holds stands on its head beyond itself, as far from every side as they moved.
        return $outline->area() < 0.0 || $outline->contains($point) || $this->nearest($outline, $point) <= max([0.0, ...$outward]) + Tolerance::ON_LINE;
    }

    private function nearest(Polygon $outline, Point $point): float
    {
        $distances = [INF];
        foreach (array_keys($outline->corners) as $side) {
            $distances[] = $point->distanceToLine($outline->corner($side), $outline->corner($side + 1));
        }

        return min($distances);
    }

    /**
     * The moved side as a line: a direction and its distance outwards.
     *
     * @return array{du: float, dv: float, out: float}
     */
    private function line(Polygon $outline, int $side, float $out): array
    {
        $a = $outline->corners[$side];
        $b = $outline->corners[$side + 1] ?? $outline->corners[0];
        [$du, $dv] = [$b->u - $a->u, $b->v - $a->v];
        $length = hypot($du, $dv);

        return ['du' => $du / $length, 'dv' => $dv / $length, 'out' => $out];
    }

    /**
     * Where two moved sides meet that met in the corner; two corners where they are parted by a step.
     *
     * @param  array{du: float, dv: float, out: float}  $before
     * @param  array{du: float, dv: float, out: float}  $after
     * @return non-empty-list<Point>
     */
    private function meet(array $before, array $after, Point $corner): array
    {
        $cross = $before['du'] * $after['dv'] - $before['dv'] * $after['du'];
        if (abs($cross) < self::NEARLY_STRAIGHT && ! Tolerance::same($before['out'], $after['out']) && $before['du'] * $after['du'] + $before['dv'] * $after['dv'] > 0.0) {
            return [$this->outwards($corner, $before), $this->outwards($corner, $after)];
        }
        if (abs($cross) < Tolerance::PARALLEL) {
            return [$this->outwards($corner, $before)];
        }

        // The outward normal of a counter-clockwise side is (dv, -du); solve normal·p = out for both sides.
        return [new Point(
            $corner->u + ($before['du'] * $after['out'] - $after['du'] * $before['out']) / $cross,
            $corner->v + ($before['dv'] * $after['out'] - $after['dv'] * $before['out']) / $cross,
        )];
    }

    /** @param  array{du: float, dv: float, out: float}  $line */
    private function outwards(Point $corner, array $line): Point
    {
        return new Point($corner->u + $line['dv'] * $line['out'], $corner->v - $line['du'] * $line['out']);
    }
}
