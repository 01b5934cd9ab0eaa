<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;

/** Parts a face into narrow stretches up the slope, so fine that every one of them has one foot. */
final readonly class FaceCells
{
    /** Nearer (in) than this two lines across are one. */
    private const SAME = 1e-6;

    /** @var list<float> where cells begin and end across the face */
    private array $cuts;

    /** @var list<list<Cell>> by column, from the eave up */
    private array $columns;

    /** @var list<Opening> that stand in the way of water; it goes round a pipe within its pan */
    private array $openings;

    /**
     * @param  list<float>  $seams  across the face: water does not pass them
     * @param  list<Cover>  $covers  roofs that lie over parts of it
     */
    public function __construct(private Face $face, array $seams, private array $covers)
    {
        $this->openings = array_values(array_filter($face->openings, static fn (Opening $opening): bool => $opening->kind->partsPanels()));
        $this->cuts = $this->cuts($seams);
        $columns = [];
        foreach (array_slice($this->cuts, 1) as $i => $to) {
            $columns[] = $this->column($this->cuts[$i], $to);
        }
        $this->columns = $columns;
    }

    /** @return list<Cell> */
    public function all(): array
    {
        return array_merge(...$this->columns);
    }

    /** The cell a drop is in; the nearest in its column where it is just beside one; null off the face. */
    public function at(float $u, float $v): ?Cell
    {
        [$low, $high] = [0, count($this->columns) - 1];
        if ($high < 0 || $u < $this->cuts[0] - self::SAME || $u > $this->cuts[$high + 1] + self::SAME) {
            return null;
        }
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($u <= $this->cuts[$middle + 1]) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
        $nearest = null;
        $off = INF;
        foreach ($this->columns[$low] as $cell) {
            $beside = max($cell->low - $v, $v - $cell->high, 0.0);
            if ($beside < $off) {
                [$nearest, $off] = [$cell, $beside];
            }
        }

        return $nearest;
    }

    /**
     * @param  list<float>  $seams
     * @return list<float>
     */
    private function cuts(array $seams): array
    {
        $bounds = $this->face->outline->bounds();
        $lines = [...$this->face->region()->loops(), ...array_map(static fn (Opening $opening): Polygon => $opening->outline, $this->openings), ...array_map(static fn (Cover $cover): Polygon => $cover->outline, $this->covers)];
        $cuts = $seams;
        foreach ($lines as $i => $loop) {
            foreach ($loop->corners as $corner) {
                $cuts[] = $corner->u;
            }
            foreach (array_slice($lines, $i + 1) as $other) {
                array_push($cuts, ...self::crossings($loop, $other));
            }
        }
        $cuts = array_filter($cuts, static fn (float $u): bool => $u > $bounds->left + self::SAME && $u < $bounds->right - self::SAME);
        sort($cuts);
        $distinct = [$bounds->left];
        foreach ([...$cuts, $bounds->right] as $u) {
            if ($u - $distinct[count($distinct) - 1] > self::SAME) {
                $distinct[] = $u;
            }
        }

        return $distinct;
    }

    /** @return list<float> where sides of two outlines cross, across the face */
    private static function crossings(Polygon $one, Polygon $other): array
    {
        $at = [];
        foreach ($one->corners as $i => $a) {
            $b = $one->corner($i + 1);
            foreach ($other->corners as $j => $c) {
                $d = $other->corner($j + 1);
                $turn = ($b->u - $a->u) * ($d->v - $c->v) - ($b->v - $a->v) * ($d->u - $c->u);
                if (abs($turn) < 1e-9) {
                    continue;
                }
                $s = (($c->u - $a->u) * ($d->v - $c->v) - ($c->v - $a->v) * ($d->u - $c->u)) / $turn;
                $t = (($c->u - $a->u) * ($b->v - $a->v) - ($c->v - $a->v) * ($b->u - $a->u)) / $turn;
                if ($s > 0.0 && $s < 1.0 && $t > 0.0 && $t < 1.0) {
                    $at[] = $a->u + $s * ($b->u - $a->u);
                }
            }
        }

        return $at;
    }

    /** @return list<Cell> */
    private function column(float $from, float $to): array
    {
        $u = ($from + $to) / 2.0;
        $crossings = [];
        foreach ($this->face->region()->loops() as $number => $loop) {
            foreach (self::sidesAt($loop, $u) as $side => $v) {
                $crossings[] = [$v, $number, $side];
            }
        }
        sort($crossings);
        $cells = [];
        foreach (array_chunk($crossings, 2) as $pair) {
            if (isset($pair[1]) && $pair[1][0] - $pair[0][0] > self::SAME) {
                array_push($cells, ...($this->face->isAcross() ? $this->halves($from, $to, $u, $pair[0], $pair[1]) : $this->stretch($from, $to, $u, $pair[0], $pair[1][0])));
            }
        }

        return $cells;
    }

    /**
     * A panel laid sideways is level: its water runs to the nearer end.
     *
     * @param  array{float, int, int}  $low  v, loop, side; `$high` the same at the other end
     * @param  array{float, int, int}  $high
     * @return list<Cell>
     */
    private function halves(float $from, float $to, float $u, array $low, array $high): array
    {
        $middle = ($low[0] + $high[0]) / 2.0;

        return [
            new Cell(
                face: $this->face->id,
                from: $from,
                to: $to,
                low: $low[0],
                high: $middle,
                squareFeet: $this->squareFeet($from, $to, $u, $low[0], $middle),
                loop: $low[1],
                side: $low[2],
                opening: null,
            ),
            new Cell(
                face: $this->face->id,
                from: $from,
                to: $to,
                low: $middle,
                high: $high[0],
                squareFeet: $this->squareFeet($from, $to, $u, $middle, $high[0]),
                loop: $high[1],
                side: $high[2],
                opening: null,
                leavesHigh: true,
            ),
        ];
    }

    /**
     * @param  array{float, int, int}  $foot  v, loop, side
     * @return list<Cell> what lies between openings; rain on an opening runs off below it
     */
    private function stretch(float $from, float $to, float $u, array $foot, float $high): array
    {
        $holes = [];
        foreach ($this->openings as $opening) {
            $through = array_values(self::sidesAt($opening->outline, $u));
            if (count($through) > 1 && min($through) > $foot[0] && max($through) < $high + self::SAME) {
                $holes[] = [min($through), max($through), $opening->id];
            }
        }
        sort($holes);
        $cells = [];
        [$low, $wet, $at] = [$foot[0], $foot[0], null];
        foreach ([...$holes, [$high, $high, null]] as [$holeLow, $holeHigh, $id]) {
            // Right above an opening a cricket or sideways panels begin.
            if ($id === null && $holeLow - $low < self::SAME) {
                continue;
            }
            $cells[] = new Cell(
                face: $this->face->id,
                from: $from,
                to: $to,
                low: $low,
                high: $holeLow,
                squareFeet: $this->squareFeet($from, $to, $u, $wet, $id === null ? $high : $holeHigh),
                loop: $foot[1],
                side: $foot[2],
                opening: $at,
            );
            [$low, $wet, $at] = [$holeHigh, $holeHigh, $id];
        }

        return $cells;
    }

    /** Of a stretch, in plan, what no other roof lies over. */
    private function squareFeet(float $from, float $to, float $u, float $low, float $high): float
    {
        $covered = [];
        foreach ($this->covers as $cover) {
            $through = array_values(self::sidesAt($cover->outline, $u));
            sort($through);
            foreach (array_chunk($through, 2) as $pair) {
                [$a, $b] = [max($low, $pair[0]), min($high, $pair[1] ?? $pair[0])];
                if ($b > $a && $cover->isAbove($u, ($a + $b) / 2.0)) {
                    $covered[] = [$a, $b];
                }
            }
        }
        sort($covered);
        $open = $high - $low;
        $at = $low;
        foreach ($covered as [$a, $b]) {
            $open -= max(0.0, $b - max($at, $a));
            $at = max($at, $b);
        }

        return max(0.0, $open) * ($to - $from) * cos(deg2rad($this->face->pitch->degrees())) / Profile::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** @return array<int, float> v where sides of an outline cross a line straight up the slope, by side */
    private static function sidesAt(Polygon $outline, float $u): array
    {
        $at = [];
        foreach ($outline->corners as $side => $a) {
            $b = $outline->corner($side + 1);
            if (($a->u < $u) !== ($b->u < $u)) {
                $at[$side] = $a->v + ($u - $a->u) / ($b->u - $a->u) * ($b->v - $a->v);
            }
        }

        return $at;
    }
}
