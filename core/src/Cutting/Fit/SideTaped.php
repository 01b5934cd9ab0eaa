<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Fit;

/**
 * The long or short side of a panel that has been set, taped along the rib from one of its ends to where metal has to
 * end at the edge, where the tape lies on its card: out to out, at a valley from the inside of the female leg.
 */
final readonly class SideTaped
{
    /**
     * @param  float  $measured  inches from the hooked end
     * @param  bool  $fromHead  the tape hooks T, not B
     * @param  bool  $folded  the hems are folded under and in none of it; else as on the card, hems flat
     */
    public function __construct(public string $panel, public bool $longSide, public float $measured, public bool $fromHead, public bool $folded = false)
    {
    }

    /**
     * So much more uphill (in) than its card has it there.
     *
     * @param  float  $card  what the card reads from the hooked end, inches
     */
    public static function off(string $panel, bool $longSide, float $card, bool $fromHead, float $uphill): self
    {
        return new self($panel, $longSide, $card + ($fromHead ? -$uphill : $uphill), $fromHead);
    }
}
