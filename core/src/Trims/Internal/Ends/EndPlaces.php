<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Internal\RunEnds;

/** Where the runs of a roof's edges end, and what they meet there. */
final class EndPlaces
{
    /** @var array<string, Face> by id */
    private array $faces = [];

    public function __construct(Roof $roof, private readonly RunEnds $ends)
    {
        foreach ($roof->faces as $face) {
            $this->faces[$face->id] = $face;
        }
    }

    /** @param  Point  $at  one end of the edge, in plan */
    public function of(Edge $edge, EndKind $kind, Point $at): EndPlace
    {
        $out = self::away($edge, $at)->times(-1.0);
        $others = $this->ends->others($edge, $at);
        $across = $this->across($edge);
        $faces = $this->inOrder($edge);
        $alike = array_values(array_filter($others, static fn (Edge $other): bool => $other->kind === $edge->kind || ($edge->kind === EdgeKind::Peak && $other->kind === EdgeKind::Eave) || ($edge->kind === EdgeKind::Eave && $other->kind === EdgeKind::Peak)));

        return new EndPlace(
            kind: $kind,
            out: $out,
            across: $across,
            sides: array_map(fn (string $face): ?EndSide => $this->side($face, $others, $at), $faces),
            neighbour: $alike === [] ? null : self::away($alike[0], $at)->level(),
            slope: $this->slope($edge, $others),
            onward: $alike === [] ? null : self::away($alike[0], $at),
        );
    }

    /** Along an edge away from one of its ends, one long. */
    private static function away(Edge $edge, Point $from): Vector
    {
        $way = new Vector($edge->to->u - $edge->from->u, $edge->to->v - $edge->from->v, $edge->toHeight - $edge->fromHeight);

        return ($edge->from->distanceTo($from) <= $edge->to->distanceTo($from) ? $way : $way->times(-1.0))->unit();
    }

    /** On the level, square to the edge. The first face lies to the left of its way. */
    private function across(Edge $edge): Vector
    {
        $left = (new Vector($edge->from->v - $edge->to->v, $edge->to->u - $edge->from->u, 0.0))->unit();
        $isFromFirst = match ($edge->kind) {
            EdgeKind::Ridge, EdgeKind::Hip, EdgeKind::Valley, EdgeKind::Headwall, EdgeKind::Sidewall => true,
            EdgeKind::Transition => $this->isFirstBelow($edge),
            default => false,
        };

        return $left->times($isFromFirst ? -1.0 : 1.0);
    }

    /** @return list<string> ids of the faces a trim lies on, its low side first */
    private function inOrder(Edge $edge): array
    {
        return $edge->kind === EdgeKind::Transition && ! $this->isFirstBelow($edge) ? array_reverse($edge->faces) : $edge->faces;
    }

    /** At a change of pitch: whether the first face falls away from it. */
    private function isFirstBelow(Edge $edge): bool
    {
        $normal = $this->normal($edge->faces[0] ?? '');

        return $normal === null || $normal->x * ($edge->from->v - $edge->to->v) + $normal->y * ($edge->to->u - $edge->from->u) > 0.0;
    }

    /** @param  list<Edge>  $others  that end at the point */
    private function side(string $face, array $others, Point $at): ?EndSide
    {
        $normal = $this->normal($face);
        if ($normal === null) {
            return null;
        }
        foreach ($others as $other) {
            if (in_array($face, $other->faces, true)) {
                return new EndSide($normal, $other->kind, self::away($other, $at));
            }
        }

        return new EndSide($normal);
    }

    /**
     * Square to what a ridge runs into: the roof beyond the valleys it ends between, that between the hips it ends over, or a wall, however askew it stands.
     *
     * @param  list<Edge>  $others
     */
    private function slope(Edge $edge, array $others): ?Vector
    {
        foreach ($edge->kind === EdgeKind::Ridge ? $others : [] as $other) {
            foreach (in_array($other->kind, [EdgeKind::Valley, EdgeKind::Hip], true) ? $other->faces : [] as $face) {
                if (! in_array($face, $edge->faces, true)) {
                    return $this->normal($face);
                }
            }
        }
        foreach ($edge->kind === EdgeKind::Ridge ? $others : [] as $other) {
            if (in_array($other->kind, [EdgeKind::Headwall, EdgeKind::Sidewall], true)) {
                return (new Vector($other->from->v - $other->to->v, $other->to->u - $other->from->u, 0.0))->unit();
            }
        }

        return null;
    }

    private function normal(string $face): ?Vector
    {
        $plane = ($this->faces[$face] ?? null)?->frame?->plane;

        return $plane === null ? null : (new Vector(-$plane->east, -$plane->north, 1.0))->unit();
    }
}
