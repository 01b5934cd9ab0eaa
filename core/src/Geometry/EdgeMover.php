<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/** Moves every side of an outline square to itself by its own distance. */
final readonly class EdgeMover
{
    /**
     * @param  list<float>  $outward  inches for side i (from corner i to the next); negative moves it inwards
     */
    public function move(Polygon $outline, array $outward): Polygon
    {
        $n = count($outline->corners);
        $corners = [];
        for ($i = 0; $i < $n; $i++) {
            $before = $this->line($outline, ($i + $n - 1) % $n, $outward[($i + $n - 1) % $n]);
            $after = $this->line($outline, $i, $outward[$i]);
            array_push($corners, ...$this->meet($before, $after, $outline->corner($i)));
        }

        return Polygon::sound($corners);
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

        return true;
    }

    /**
     * The moved side as a line: a direction and its distance outwards.
     *
     * @return array{du: float, dv: float, out: float}
     */
    private function line(Polygon $outline, int $side, float $out): array
    {
        $a = $outline->corner($side);
        $b = $outline->corner($side + 1);
        $length = $a->distanceTo($b);

        return ['du' => ($b->u - $a->u) / $length, 'dv' => ($b->v - $a->v) / $length, 'out' => $out];
    }

    /**
     * Where two moved sides meet that met in the corner. Sides in one straight line that move by different
     * distances leave a step of two corners.
     *
     * @param  array{du: float, dv: float, out: float}  $one
     * @param  array{du: float, dv: float, out: float}  $two
     * @return list<Point>
     */
    private function meet(array $one, array $two, Point $corner): array
    {
        $cross = $one['du'] * $two['dv'] - $one['dv'] * $two['du'];
        if (abs($cross) < Tolerance::PARALLEL) {
            $points = [$this->outwards($corner, $one), $this->outwards($corner, $two)];

            return Tolerance::same($one['out'], $two['out']) ? [$points[0]] : $points;
        }

        // The outward normal of a counter-clockwise side is (dv, -du); solve normal·p = out for both sides.
        return [new Point(
            $corner->u + ($one['du'] * $two['out'] - $two['du'] * $one['out']) / $cross,
            $corner->v + ($one['dv'] * $two['out'] - $two['dv'] * $one['out']) / $cross,
        )];
    }

    /** @param  array{du: float, dv: float, out: float}  $line */
    private function outwards(Point $corner, array $line): Point
    {
        return new Point($corner->u + $line['dv'] * $line['out'], $corner->v - $line['du'] * $line['out']);
    }
}
