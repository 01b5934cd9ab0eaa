<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** The two lengths an angled piece is marked by, along the left and the right edge of its back, from the card's own end; inches. */
final readonly class TwoLengths
{
    public function __construct(public float $left, public float $right)
    {
    }

    public function mirrored(): self
    {
        return new self($this->right, $this->left);
    }

    public function less(float $inches): self
    {
        return new self($this->left - $inches, $this->right - $inches);
    }

    public function isNear(self $other, float $within): bool
    {
        return abs($this->left - $other->left) <= $within && abs($this->right - $other->right) <= $within;
    }
}
