<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

/** From where a panel moves. */
enum FixedAt: string
{
    case Head = 'head';
    case Middle = 'middle';
    case Foot = 'foot';

    /** How much of a panel moves at its foot, as a part of its length; the rest moves at its head. */
    public function share(): float
    {
        return match ($this) {
            self::Head => 1.0,
            self::Middle => 0.5,
            self::Foot => 0.0,
        };
    }

    /**
     * @param  float  $in  from an end, inches
     * @return float where it lies between a low and a high end
     */
    public function between(float $low, float $high, float $in): float
    {
        $in = min($in, ($high - $low) / 2.0);

        return match ($this) {
            self::Head => $high - $in,
            self::Middle => ($low + $high) / 2.0,
            self::Foot => $low + $in,
        };
    }
}
