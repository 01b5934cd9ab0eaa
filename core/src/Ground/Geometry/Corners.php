<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Corners that belong together: points nearer to each other than the reckoning's noise become one. */
final class Corners
{
    /** Side of a cell (in) of the grid the corners are looked up by. */
    private const CELL = 1.0;

    /** @var list<Point> */
    private array $points = [];

    /** @var array<int, list<int>> */
    private array $cells = [];

    /** @param  float  $near  inches under which two corners are one, and a corner lies on a side */
    public function __construct(private readonly float $near = Tolerance::SAME_CUT)
    {
    }

    public function numberOf(Point $point): int
    {
        foreach ($this->around($point) as $number) {
            if ($this->points[$number]->distanceTo($point) < $this->near) {
                return $number;
            }
        }
        $this->points[] = $point;
        $number = count($this->points) - 1;
        $this->cells[$this->cell($point->u, $point->v)][] = $number;

        return $number;
    }

    public function point(int $number): Point
    {
        return $this->points[$number];
    }

    /**
     * The corners that lie on a side, from its first to its last.
     *
     * @return list<int>
     */
    public function along(int $from, int $to): array
    {
        [$a, $b] = [$this->points[$from], $this->points[$to]];
        $length = $a->distanceTo($b);
        $between = [];
        [$left, $right] = [min($a->u, $b->u) - $this->near, max($a->u, $b->u) + $this->near];
        [$low, $high] = [min($a->v, $b->v) - $this->near, max($a->v, $b->v) + $this->near];
        foreach ($this->points as $number => $point) {
            if ($number === $from || $number === $to || $point->u < $left || $point->u > $right || $point->v < $low || $point->v > $high) {
                continue;
            }
            $along = (($point->u - $a->u) * ($b->u - $a->u) + ($point->v - $a->v) * ($b->v - $a->v)) / $length;
            $off = (($point->v - $a->v) * ($b->u - $a->u) - ($point->u - $a->u) * ($b->v - $a->v)) / $length;
            if ($along > 0.0 && $along < $length && abs($off) < $this->near) {
                $between[$number] = $along;
            }
        }
        asort($between);

        return [$from, ...array_keys($between), $to];
    }

    /** @return list<int> */
    private function around(Point $point): array
    {
        $t = $this->near;
        // A near corner lies in the same cell, or across the wall this point is close to.
        [$first, $last] = [$this->cell($point->u - $t, $point->v - $t), $this->cell($point->u + $t, $point->v + $t)];
        if ($first === $last) {
            return $this->cells[$first] ?? [];
        }
        $found = [];
        foreach (array_unique([$first, $this->cell($point->u + $t, $point->v - $t), $this->cell($point->u - $t, $point->v + $t), $last]) as $cell) {
            array_push($found, ...$this->cells[$cell] ?? []);
        }

        return $found;
    }

    private function cell(float $u, float $v): int
    {
        return (((int) floor($u / self::CELL)) << 32) + (int) floor($v / self::CELL);
    }
}
