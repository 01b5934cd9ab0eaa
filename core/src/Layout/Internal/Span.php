<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

/** The width metal must cover on a face: u of its left and right limit, inches. */
final readonly class Span
{
    public function __construct(public float $left, public float $right)
    {
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }

    public function middle(): float
    {
        return ($this->left + $this->right) / 2.0;
    }
}
