<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

/** Says where the module lines of a face fall by naming one of them; the rest follow at every cover. */
interface WayToStart
{
    /** u of one module line, inches. */
    public function moduleLine(Span $span, float $cover): float;

    /** u of the line snapped square to the eave that running marks are measured from. */
    public function controlLine(Span $span, float $cover): float;
}
