<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** The two lengths a piece is marked by, along its left and its right in a view, from the card's own end; inches. */
final readonly class TwoLengths
{
    /** @param  float  $between  inches across the sheet from one to the other, where the tape lies */
    public function __construct(public float $left, public float $right, public float $between = 0.0)
    {
    }

    public function long(): float
    {
        return max($this->left, $this->right);
    }

    public function short(): float
    {
        return min($this->left, $this->right);
    }

    public function mirrored(): self
    {
        return new self($this->right, $this->left, $this->between);
    }

    public function less(float $inches): self
    {
        return new self($this->left - $inches, $this->right - $inches, $this->between);
    }

    public function isNear(self $other, float $within): bool
    {
        return abs($this->left - $other->left) <= $within && abs($this->right - $other->right) <= $within;
    }
}
