<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** The upright rectangle round an outline, in inches of the face. */
final readonly class Bounds
{
    public function __construct(public float $left, public float $bottom, public float $right, public float $top)
    {
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }

    public function height(): float
    {
        return $this->top - $this->bottom;
    }

    public function meets(self $other): bool
    {
        return $this->left <= $other->right && $other->left <= $this->right
            && $this->bottom <= $other->top && $other->bottom <= $this->top;
    }
}
