<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/**
 * A point in inches. On a face u runs along the eave to the right looking up-slope and v up the slope; in plan u is
 * x (east) and v is y (north).
 */
final readonly class Point
{
    public function __construct(public float $u, public float $v)
    {
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->u - $this->u, $other->v - $this->v);
    }

    /** Inches to the nearest place on the straight line between two points. */
    public function distanceToLine(self $from, self $to): float
    {
        $length = max(Tolerance::LENGTH, $from->distanceTo($to));
        $share = (($this->u - $from->u) * ($to->u - $from->u) + ($this->v - $from->v) * ($to->v - $from->v)) / $length ** 2;
        $share = max(0.0, min(1.0, $share));

        return $this->distanceTo(new self($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v)));
    }

    public function mirrored(): self
    {
        return new self(-$this->u, $this->v);
    }
}
