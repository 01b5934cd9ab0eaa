<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

/** A seam, or a pan's centre, at a stated place: a door, a dormer, a valley's point. */
final readonly class ControlPoint implements WayToStart
{
    /** @param  float  $at u of the place, inches */
    public function __construct(private float $at, private bool $asSeam)
    {
    }

    public function moduleLine(Span $span, float $cover): float
    {
        return $this->at - ($this->asSeam ? 0.0 : $cover / 2.0);
    }

    public function controlLine(Span $span, float $cover): float
    {
        return $this->at;
    }
}
