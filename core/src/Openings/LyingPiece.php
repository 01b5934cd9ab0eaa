<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

/** What of a piece lies on the deck or the panels: a rectangle, x across the opening from its left side, y up from its low side; inches. */
final readonly class LyingPiece
{
    public function __construct(public PieceRole $role, public float $left, public float $bottom, public float $right, public float $top)
    {
    }

    public function covers(float $x, float $y): bool
    {
        return $x > $this->left && $x < $this->right && $y > $this->bottom && $y < $this->top;
    }

    public function meets(self $other): bool
    {
        return $this->left < $other->right - 1e-6 && $other->left < $this->right - 1e-6 && $this->bottom < $other->top - 1e-6 && $other->bottom < $this->top - 1e-6;
    }
}
