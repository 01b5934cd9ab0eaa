<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\FaceSide;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\SideFinder;

/** Carries what first fits needed to the sheets of the same edge that are not yet cut. */
final readonly class Corrections
{
    /** @param  list<Correction>  $all in the order they were entered; those of one edge add up */
    public function __construct(private array $all, private SideFinder $sides)
    {
    }

    public function touch(Face $face): bool
    {
        foreach ($this->all as $correction) {
            if ($correction->face === $face->id) {
                return true;
            }
        }

        return false;
    }

    /**
     * The panel with the angled ends of its sheet moved; as it was where nothing was entered for them.
     *
     * @param  list<FaceSide>  $sides  by the tag a sheet's side carries
     */
    public function on(Panel $panel, Face $face, array $sides, OrderLength $order): Panel
    {
        $sheet = $panel->sheet;
        $applied = [];
        foreach (array_keys($sheet->corners) as $i) {
            $own = $this->ofSide($panel, $face, $sides[$sheet->tag($i)] ?? null);
            if ($own !== []) {
                $sheet = $this->turned($sheet, $i, $own);
                array_push($applied, ...$own);
            }
        }

        return $applied === [] ? $panel : $panel->corrected($sheet, $sides, array_values(array_unique($applied, SORT_REGULAR)), $order);
    }

    /** @return list<Correction> */
    private function ofSide(Panel $panel, Face $face, ?FaceSide $side): array
    {
        $edge = $side === null || $side->isBeside() ? null : $this->sides->edge($face, $side->loop, $side->side);

        return $edge === null ? [] : array_values(array_filter(
            $this->all,
            static fn (Correction $c): bool => $c->face === $face->id && $c->edge === $edge->id && ! in_array($panel->id, $c->before, true),
        ));
    }

    /**
     * Moves both ends of a side along the rib by what its long and its short end want, and lets it meet its
     * neighbours anew.
     *
     * @param  list<Correction>  $corrections
     */
    private function turned(Polygon $sheet, int $side, array $corrections): Polygon
    {
        $n = count($sheet->corners);
        [$from, $to] = [$sheet->corner($side), $sheet->corner($side + 1)];
        $long = array_sum(array_map(static fn (Correction $c): float => $c->longSide ? $c->uphill : 0.0, $corrections));
        $short = array_sum(array_map(static fn (Correction $c): float => $c->longSide ? 0.0 : $c->uphill, $corrections));
        // Metal lies to the left: a side that runs to the right is a foot, where the lower end is the longer one.
        $foot = $to->u > $from->u;
        $fromIsLong = $foot ? $from->v < $to->v : $from->v > $to->v;
        $a = new Point($from->u, $from->v + ($fromIsLong ? $long : $short));
        $b = new Point($to->u, $to->v + ($fromIsLong ? $short : $long));
        $corners = $sheet->corners;
        $corners[$side] = $this->meet($sheet->corner($side + $n - 1), $from, $a, $b, $a);
        $corners[($side + 1) % $n] = $this->meet($to, $sheet->corner($side + 2), $a, $b, $b);

        return $sheet->withCorners(array_values($corners));
    }

    /** Where the neighbour through p and q meets the moved side through a and b. */
    private function meet(Point $p, Point $q, Point $a, Point $b, Point $otherwise): Point
    {
        [$du, $dv, $eu, $ev] = [$q->u - $p->u, $q->v - $p->v, $b->u - $a->u, $b->v - $a->v];
        $cross = $du * $ev - $dv * $eu;
        if (abs($cross) < Tolerance::AREA) {
            return $otherwise;
        }
        $share = (($a->u - $p->u) * $ev - ($a->v - $p->v) * $eu) / $cross;

        return new Point($p->u + $share * $du, $p->v + $share * $dv);
    }
}
