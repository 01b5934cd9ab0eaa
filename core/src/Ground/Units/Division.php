<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** The finest mark of the tape one reads and prints by. */
enum Division: string
{
    case Eighth = '1/8';
    case Sixteenth = '1/16';
    case ThirtySecond = '1/32';
    case Millimetre = 'mm';

    /** One mark, in inches. */
    public function inches(): float
    {
        return match ($this) {
            self::Eighth => 1 / 8,
            self::Sixteenth => 1 / 16,
            self::ThirtySecond => 1 / 32,
            self::Millimetre => 1 / Length::MILLIMETRES_PER_INCH,
        };
    }

    /** Marks to the inch; a millimetre tape has none that are whole. */
    public function marksPerInch(): int
    {
        return match ($this) {
            self::Eighth => 8,
            self::Sixteenth, self::Millimetre => 16,
            self::ThirtySecond => 32,
        };
    }
}
