<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Ground\Geometry\Tolerance;

/** Equal rips at both rakes, as wide as they can be: whichever of the two centre lines leaves the wider ones. */
final readonly class Balanced implements WayToStart
{
    public function moduleLine(Span $span, float $cover): float
    {
        return $span->left + $this->rip($span, $cover);
    }

    /** The first module line in from the left: that is where the tape is hooked. */
    public function controlLine(Span $span, float $cover): float
    {
        return $this->moduleLine($span, $cover);
    }

    /** Half of what is left over together with one panel: at least half a cover, and never a sliver. */
    private function rip(Span $span, float $cover): float
    {
        $full = floor($span->width() / $cover + Tolerance::LENGTH);
        $rest = $span->width() - $full * $cover;

        return $rest < Tolerance::LENGTH ? 0.0 : ($full < 1.0 ? $cover : ($rest + $cover) / 2.0);
    }
}
