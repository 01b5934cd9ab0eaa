<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/**
 * A set of regions made ready to be cut into many strips and asked about many points: of all their holes and sides it
 * looks at those under the strip, or beside the point, and at no others.
 */
final readonly class StripGround
{
    /** Sides are kept by slabs, about so many to each side of an outline; none is narrower (in) than the least. */
    private const SIDES_A_SLAB = 8.0;

    private const LEAST_SLAB = 1.0;

    private float $slab;

    private StripCutter $cutter;

    /** @var list<list<Bounds>> by region: round each hole */
    private array $round;

    /** @var array<int, list<array{Point, Point}>> by slab: the sides that reach into it */
    private array $slabs;

    /** @var array<int, array<int, list<array{Point, Point}>>> by slab and by level of the same size: the sides that come near */
    private array $cells;

    /** @var list<Point> all corners, by u */
    private array $corners;

    /** @param  list<Region>  $regions  that do not overlap */
    public function __construct(public array $regions)
    {
        $this->cutter = new StripCutter;
        [$round, $slabs, $cells, $corners] = [[], [], [], []];
        foreach ($regions as $region) {
            $round[] = array_map(static fn (Polygon $hole): Bounds => $hole->bounds(), $region->holes);
            foreach ($region->loops() as $loop) {
                array_push($corners, ...$loop->corners);
            }
        }
        usort($corners, static fn (Point $a, Point $b): int => $a->u <=> $b->u);
        $n = count($corners);
        $this->slab = $n === 0 ? self::LEAST_SLAB : max(self::LEAST_SLAB, self::SIDES_A_SLAB * ($corners[$n - 1]->u - $corners[0]->u) / $n);
        foreach ($regions as $region) {
            foreach ($region->loops() as $loop) {
                foreach ($loop->corners as $i => $from) {
                    $to = $loop->corner($i + 1);
                    $low = min($from->u, $to->u) - Tolerance::SAME_CUT;
                    $high = max($from->u, $to->u) + Tolerance::SAME_CUT;
                    for ($slab = $this->slab($low), $last = $this->slab($high); $slab <= $last; $slab++) {
                        $slabs[$slab][] = [$from, $to];
                        [$bottom, $top] = self::levels($from, $to, max($low, $slab * $this->slab - Tolerance::SAME_CUT), min($high, ($slab + 1) * $this->slab + Tolerance::SAME_CUT));
                        for ($level = $this->slab($bottom), $end = $this->slab($top); $level <= $end; $level++) {
                            $cells[$slab][$level][] = [$from, $to];
                        }
                    }
                }
            }
        }
        [$this->round, $this->slabs, $this->cells, $this->corners] = [$round, $slabs, $cells, $corners];
    }

    /**
     * The pieces between left and right, as `StripCutter` cuts them.
     *
     * @return list<Region>
     */
    public function strip(float $left, float $right): array
    {
        $pieces = [];
        foreach ($this->regions as $number => $region) {
            $holes = [];
            foreach ($this->round[$number] as $i => $bounds) {
                if ($bounds->right > $left + Tolerance::LENGTH && $bounds->left < $right - Tolerance::LENGTH) {
                    $holes[] = $region->holes[$i];
                }
            }
            array_push($pieces, ...$this->cutter->strip(count($holes) === count($region->holes) ? $region : new Region($region->outline, $holes), $left, $right));
        }

        return $pieces;
    }

    /** Whether a point lies in a region, or at its end to a thousandth of an inch. */
    public function holds(Point $point): bool
    {
        return $this->place($point) >= 0;
    }

    /** Whether a point lies in a region and not at its end. */
    public function surrounds(Point $point): bool
    {
        return $this->place($point) > 0;
    }

    /** 1 in a region, 0 at its end to a thousandth of an inch, −1 outside. */
    private function place(Point $point): int
    {
        $slab = $this->slab($point->u);
        foreach ($this->cells[$slab][$this->slab($point->v)] ?? [] as [$from, $to]) {
            if ($point->distanceToLine($from, $to) < Tolerance::SAME_CUT) {
                return 0;
            }
        }
        $above = 0;
        foreach ($this->slabs[$slab] ?? [] as [$from, $to]) {
            if (($from->u > $point->u) !== ($to->u > $point->u) && $point->v < $from->v + ($point->u - $from->u) / ($to->u - $from->u) * ($to->v - $from->v)) {
                $above++;
            }
        }

        return $above % 2 === 1 ? 1 : -1;
    }

    /** Whether a corner lies between left and right, ends not counted. */
    public function hasCornerBetween(float $left, float $right): bool
    {
        $number = $this->firstRightOf($left);

        return $number < count($this->corners) && $this->corners[$number]->u < $right;
    }

    /** Whether nothing but sides that run level, to the last bit, lies between left and right. */
    public function isLevelBetween(float $left, float $right): bool
    {
        if ($this->hasCornerBetween($left, $right)) {
            return false;
        }
        // With no corner between, whatever lies there passes the middle.
        foreach ($this->slabs[$this->slab(($left + $right) / 2.0)] ?? [] as [$from, $to]) {
            if ($from->v !== $to->v && min($from->u, $to->u) < $right && max($from->u, $to->u) > $left) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Point> the corners within bounds, ends not counted */
    public function cornersWithin(Bounds $bounds): array
    {
        $within = [];
        for ($i = $this->firstRightOf($bounds->left), $n = count($this->corners); $i < $n && $this->corners[$i]->u < $bounds->right; $i++) {
            if ($this->corners[$i]->v > $bounds->bottom && $this->corners[$i]->v < $bounds->top) {
                $within[] = $this->corners[$i];
            }
        }

        return $within;
    }

    /** @return list<float> u of its corners, from the left */
    public function cornersAcross(): array
    {
        return array_column($this->corners, 'u');
    }

    /** @return array{float, float} v between which a side runs from one u to another, with the tolerance of nearness */
    private static function levels(Point $from, Point $to, float $left, float $right): array
    {
        $run = $to->u - $from->u;
        [$low, $high] = [min($from->v, $to->v), max($from->v, $to->v)];
        if (abs($run) > Tolerance::SAME_CUT) {
            $rise = ($to->v - $from->v) / $run;
            [$a, $b] = [$from->v + ($left - $from->u) * $rise, $from->v + ($right - $from->u) * $rise];
            [$low, $high] = [max($low, min($a, $b)), min($high, max($a, $b))];
        }

        return [$low - 2.0 * Tolerance::SAME_CUT, $high + 2.0 * Tolerance::SAME_CUT];
    }

    private function firstRightOf(float $u): int
    {
        [$low, $high] = [0, count($this->corners)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->corners[$middle]->u > $u ? [$low, $middle] : [$middle + 1, $high];
        }

        return $low;
    }

    private function slab(float $u): int
    {
        return (int) floor($u / $this->slab);
    }
}
