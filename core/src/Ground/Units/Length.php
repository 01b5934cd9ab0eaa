<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/**
 * A length in inches, kept unrounded. Used where a length must be told from a plain number: in the
 * parameters of findings and in what the tape reader understood. Inside formulas lengths are float inches.
 */
final readonly class Length
{
    public const MILLIMETRES_PER_INCH = 25.4;

    private function __construct(public float $inches)
    {
    }

    public static function ofInches(float $inches): self
    {
        return new self($inches);
    }

    public static function ofFeet(float $feet, float $inches = 0.0): self
    {
        return new self($feet * 12.0 + $inches);
    }

    public static function ofMillimetres(float $millimetres): self
    {
        return new self($millimetres / self::MILLIMETRES_PER_INCH);
    }

    public function millimetres(): float
    {
        return $this->inches * self::MILLIMETRES_PER_INCH;
    }
}
