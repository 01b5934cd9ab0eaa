<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** The two lengths a piece is marked by, along its left and its right in a view, from the card's own end; inches. */
final readonly class TwoLengths
{
    /** What a tape is read and a pencil cut to, inches: lengths that differ by less are marked as one. */
    public const SHOWS = 1.0 / 32.0;

    /**
     * @param  float  $between  inches across the sheet from one to the other, where the tape lies
     * @param  bool  $insideLeft  the tape lies at the inside of the leg there, not at the sheet's own edge
     */
    public function __construct(public float $left, public float $right, public float $between = 0.0, public bool $insideLeft = false, public bool $insideRight = false)
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

    /** Whether there are two to be marked, and not one twice. */
    public function differ(): bool
    {
        return $this->long() - $this->short() > self::SHOWS;
    }

    /** Whether it is the width from the inside of one leg to the outside of the other that lies between them. */
    public function isInsideToOutside(): bool
    {
        return $this->insideLeft || $this->insideRight;
    }

    public function mirrored(): self
    {
        return new self($this->right, $this->left, $this->between, $this->insideRight, $this->insideLeft);
    }

    public function less(float $inches): self
    {
        return new self($this->left - $inches, $this->right - $inches, $this->between, $this->insideLeft, $this->insideRight);
    }

    public function isNear(self $other, float $within): bool
    {
        return abs($this->left - $other->left) <= $within && abs($this->right - $other->right) <= $within;
    }
}
