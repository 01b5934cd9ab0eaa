<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

/** From where a panel moves. */
enum FixedAt: string
{
    case Head = 'head';
    case Middle = 'middle';
    case Foot = 'foot';

    /** How much of a panel moves at its eave, as a part of its length. */
    public function share(): float
    {
        return match ($this) {
            self::Head => 1.0,
            self::Middle => 0.5,
            self::Foot => 0.0,
        };
    }
}
