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
        [$du, $dv] = [$to->u - $from->u, $to->v - $from->v];
        $length = hypot($du, $dv);
        $length = $length > Tolerance::LENGTH ? $length : Tolerance::LENGTH;
        $share = (($this->u - $from->u) * $du + ($this->v - $from->v) * $dv) / $length ** 2;
        $share = $share < 0.0 ? 0.0 : ($share > 1.0 ? 1.0 : $share);

        return hypot($from->u + $share * $du - $this->u, $from->v + $share * $dv - $this->v);
    }

    public function mirrored(): self
    {
        return new self(-$this->u, $this->v);
    }
}
