<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Vector;

/** A part of a piece that stays flat between its bends, and where it stands when they are made: x across the face, y up the slope, z square to the deck, from the opening's low left corner; inches. */
final readonly class FlatPart
{
    /**
     * @param  list<Point>  $corners  on the flat
     * @param  Point  $base  of the flat, that comes to stand at `$origin`
     * @param  Vector  $x  where an inch along the flat's u goes, `$y` one along its v; both one long
     */
    public function __construct(public array $corners, private Point $base, private Vector $origin, private Vector $x, private Vector $y)
    {
    }

    /** Where a place of the flat stands. */
    public function at(Point $flat): Vector
    {
        return $this->origin->plus($this->x, $flat->u - $this->base->u)->plus($this->y, $flat->v - $this->base->v);
    }

    /** @return list<Vector> */
    public function stands(): array
    {
        return array_map($this->at(...), $this->corners);
    }

    /** Whether it lies on the deck or the panels. */
    public function lies(): bool
    {
        return abs($this->x->z) < 1e-9 && abs($this->y->z) < 1e-9;
    }
}
