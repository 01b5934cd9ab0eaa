<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** What a unit of trade is worth in a metric one (exact where the inch, the pound and the gallon are defined so). */
final readonly class Factors
{
    /** psf in a kPa. */
    public const PSF = 20.885434;

    /** N in a pound of force. */
    public const NEWTONS = 4.4482216;

    /** m² in a square foot. */
    public const SQUARE_METRES = 0.09290304;

    /** kg in a pound. */
    public const KILOGRAMS = 0.45359237;

    /** L in a gallon. */
    public const LITRES = 3.785411784;

    /** m in a foot. */
    public const METRES = 0.3048;

    /** m/s in a mile an hour. */
    public const METRES_A_SECOND = 0.44704;

    private function __construct()
    {
    }

    public static function celsius(float $fahrenheit): float
    {
        return ($fahrenheit - 32.0) / 1.8;
    }
}
