<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

/** A full panel at the starting rake, whatever remains at the far one. */
final readonly class OneEnd implements WayToStart
{
    public function __construct(private bool $fromLeft)
    {
    }

    public function moduleLine(Span $span, float $cover): float
    {
        return $this->fromLeft ? $span->left : $span->right;
    }

    public function controlLine(Span $span, float $cover): float
    {
        return $this->moduleLine($span, $cover);
    }
}
