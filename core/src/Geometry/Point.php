<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

/** A point of a face, in inches: u along the eave to the right looking up-slope, v up the slope. */
final readonly class Point
{
    public function __construct(public float $u, public float $v)
    {
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->u - $this->u, $other->v - $this->v);
    }

    public function mirrored(): self
    {
        return new self(-$this->u, $this->v);
    }
}
