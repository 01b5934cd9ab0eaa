<?php

declare(strict_types=1);

namespace Imbrex\Core\Geometry;

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

    public function mirrored(): self
    {
        return new self(-$this->u, $this->v);
    }
}
