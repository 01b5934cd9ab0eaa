<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Ground\Geometry\Tolerance;

/** The seams lie where the search put them; the control line is the first of them in from the left. */
final readonly class FoundLine implements WayToStart
{
    /** @param  float  $at u of a seam, inches */
    public function __construct(private float $at)
    {
    }

    public function moduleLine(Span $span, float $cover): float
    {
        return $this->at;
    }

    public function controlLine(Span $span, float $cover): float
    {
        return $this->at - floor(($this->at - $span->left) / $cover + Tolerance::LENGTH) * $cover;
    }
}
