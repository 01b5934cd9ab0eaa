<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

/** The middle of the face is snapped and carries a seam, or the centre of a pan. Equal rips either way. */
final readonly class CentreLine implements WayToStart
{
    public function __construct(private bool $asSeam)
    {
    }

    public function moduleLine(Span $span, float $cover): float
    {
        return $span->middle() - ($this->asSeam ? 0.0 : $cover / 2.0);
    }

    public function controlLine(Span $span, float $cover): float
    {
        return $span->middle();
    }
}
