<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Fit\Misfit;
use Imbrex\Core\Fit\MisfitKind;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsResult;

/** Whether caps and flashings reach over what they are hooked to: reckoned in the round, from the planes they lie on. */
final readonly class Caps
{
    /** Half the foot of a zee, whose outer half is what is hooked. */
    private const HALF_FOOT = 0.5;

    /** How true one bends, inches. */
    private const TRUE = 1.0 / 16.0;

    public function __construct(private Roof $roof, private float $height, private TrimsResult $trims)
    {
    }

    /** @return list<Misfit> one a run and face at most */
    public function on(Face $face): array
    {
        $misfits = [];
        foreach ($this->trims->runs as $run) {
            $covers = $run->layer->role === LayerRole::Trim && in_array($run->edge->kind, [EdgeKind::Ridge, EdgeKind::Hip, EdgeKind::Headwall], true) && in_array($face->id, $run->edge->faces, true);
            $misfit = $covers ? $this->short($run, $face) : null;
            if ($misfit !== null) {
                $misfits[] = $misfit;
            }
        }

        return $misfits;
    }

    private function short(TrimRun $run, Face $face): ?Misfit
    {
        $reach = $this->reach($run, $face);
        if ($reach === null || $face->frame === null) {
            return null;
        }
        $worst = null;
        [$from, $to] = [$face->frame->toDeck($run->edge->from), $face->frame->toDeck($run->edge->to)];
        foreach ($this->trims->closures as $closure) {
            if ($closure->edge !== $run->edge->id || $closure->face !== $face->id) {
                continue;
            }
            foreach ($closure->line as $at) {
                $by = self::off($at, $from, $to) + self::HALF_FOOT - $reach;
                if ($by > self::TRUE && $by > ($worst->by ?? 0.0)) {
                    $worst = new Misfit(MisfitKind::CapShort, $face->id, $run->edge->id, $run->id, $at, $by);
                }
            }
        }

        return $worst;
    }

    /** How far (in) from the roof line a leg lying on the seams of a face covers, square to the line. */
    private function reach(TrimRun $run, Face $face): ?float
    {
        $own = self::normal($face);
        $piece = $run->pieces[0] ?? null;
        if ($own === null || $piece === null) {
            return null;
        }
        $long = null;
        foreach ($run->laid($piece) as $leg) {
            // The leg that lies along this face: none of its corners stands off it.
            $off = max([0.0, ...array_map(static fn (Vector $corner): float => abs(self::height($face, $corner)), $leg->corners)]);
            if ($off < 0.05) {
                [$a, $b] = [$leg->corners[0], $leg->corners[count($leg->corners) - 1]];
                $line = (new Vector($run->edge->to->u - $run->edge->from->u, $run->edge->to->v - $run->edge->from->v, $run->edge->toHeight - $run->edge->fromHeight))->unit();
                $long = max($long ?? 0.0, $b->plus($a, -1.0)->squareTo($line)->length());
            }
        }
        if ($long === null) {
            return null;
        }
        $other = $this->other($run->edge, $face);
        if ($other === null) {
            return null;
        }
        $cosine = max(-1.0, min(1.0, $own->dot($other)));
        // Both lifted by the seams, two planes meet past their line by this; a wall is not lifted.
        $past = $run->edge->kind === EdgeKind::Headwall ? $this->height * $cosine / max(1e-6, sqrt(1.0 - $cosine ** 2)) : $this->height * sqrt((1.0 - $cosine) / (1.0 + $cosine));

        return $long - $past;
    }

    /** Square to the face beyond, or to the wall, out of the roof; null where nobody knows what lies beyond. */
    private function other(Edge $edge, Face $face): ?Vector
    {
        foreach ($edge->faces as $id) {
            $other = $id === $face->id ? null : $this->roof->face($id);
            if ($other !== null) {
                return self::normal($other);
            }
        }
        if ($edge->kind !== EdgeKind::Headwall) {
            return null;
        }
        $wall = (new Vector($edge->to->v - $edge->from->v, $edge->from->u - $edge->to->u, 0.0))->unit();

        // The face lies to the left of its edge.
        return $wall->times(-1.0);
    }

    private static function normal(Face $face): ?Vector
    {
        $plane = $face->frame?->plane;

        return $plane === null ? null : (new Vector(-$plane->east, -$plane->north, 1.0))->unit();
    }

    private static function height(Face $face, Vector $at): float
    {
        $plane = $face->frame?->plane;

        return $plane === null ? INF : ($at->z - $plane->height - $plane->east * $at->x - $plane->north * $at->y) / sqrt(1.0 + $plane->east ** 2 + $plane->north ** 2);
    }

    private static function off(Point $at, Point $from, Point $to): float
    {
        $long = max(1e-9, hypot($to->u - $from->u, $to->v - $from->v));

        return abs((($to->u - $from->u) * ($at->v - $from->v) - ($to->v - $from->v) * ($at->u - $from->u)) / $long);
    }
}
