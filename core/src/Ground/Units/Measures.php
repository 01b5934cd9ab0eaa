<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** Prints areas, weights, water, pressures, forces, temperatures, slopes and winds in a job's own units: sq ft, lb, gal, psf, lb, °F, in 12 and mph, or m², kg, L, kPa, N, °C, degrees and m/s. */
final readonly class Measures
{
    /** psf in a kPa. */
    public const PSF = 20.885434;

    public const NEWTONS = 4.4482216;

    public const SQUARE_METRES = 0.09290304;

    public const KILOGRAMS = 0.45359237;

    private const LITRES = 3.785411784;

    private const METRES = 0.3048;

    private const METRES_A_SECOND = 0.44704;

    private function __construct(private bool $isMetric)
    {
    }

    public static function in(UnitSystem $units): self
    {
        return new self($units === UnitSystem::Metric);
    }

    /** @param  int  $digits  of square feet; a square metre has one more */
    public function area(float $squareFeet, int $digits = 0): string
    {
        return $this->isMetric ? self::number($squareFeet * self::SQUARE_METRES, $digits + 1).' m²' : self::number($squareFeet, $digits).' sq ft';
    }

    /** A number of square feet or metres, where the column's head says which. */
    public function areaNumber(float $squareFeet, int $digits): string
    {
        return number_format($this->isMetric ? $squareFeet * self::SQUARE_METRES : $squareFeet, $this->isMetric ? $digits + 1 : $digits);
    }

    /** Square feet a foot of an edge takes, or square metres a metre; at one place the whole. */
    public function reach(float $squareFeet, bool $atOnce): float
    {
        return $squareFeet * (! $this->isMetric ? 1.0 : ($atOnce ? self::SQUARE_METRES : self::METRES));
    }

    public function weight(float $pounds, int $digits = 0): string
    {
        return self::number($this->isMetric ? $pounds * self::KILOGRAMS : $pounds, $digits).($this->isMetric ? ' kg' : ' lb');
    }

    public function weightNumber(float $pounds): string
    {
        return number_format($this->isMetric ? $pounds * self::KILOGRAMS : $pounds);
    }

    /** Of metal bought by its length. */
    public function run(float $feet, int $digits = 0): string
    {
        return $this->isMetric ? self::number($feet * self::METRES, $digits + 1).' m' : self::number($feet, $digits).' ft';
    }

    public function water(float $gallons, int $digits = 1): string
    {
        return $this->isMetric ? self::number($gallons * self::LITRES, $digits).' L' : self::number($gallons, $digits).' gal';
    }

    public function pressure(float $psf, int $digits = 1): string
    {
        return $this->isMetric ? sprintf('%.2f kPa', $psf / self::PSF) : number_format($psf, $digits).' psf';
    }

    public function force(float $pounds): string
    {
        return $this->isMetric ? number_format($pounds * self::NEWTONS).' N' : number_format($pounds).' lb';
    }

    public function degrees(float $fahrenheit): string
    {
        $degrees = round($this->isMetric ? ($fahrenheit - 32.0) / 1.8 : $fahrenheit);

        return ($degrees < 0.0 ? '−' : '').abs((int) $degrees).($this->isMetric ? ' °C' : ' °F');
    }

    /** A roof's slope as one says it: rise in 12, or degrees. */
    public function pitch(float $riseIn12): string
    {
        return $this->isMetric ? self::number(Pitch::ofRise($riseIn12)->degrees(), 1).'°' : self::number($riseIn12, 2).' in 12';
    }

    /** Of wind, from miles an hour. */
    public function speed(float $mph): string
    {
        return $this->isMetric ? self::number($mph * self::METRES_A_SECOND, 1).' m/s' : self::number($mph, 0).' mph';
    }

    /** Without the noughts that say nothing. */
    private static function number(float $value, int $digits): string
    {
        $said = number_format($value, $digits);

        return str_contains($said, '.') ? rtrim(rtrim($said, '0'), '.') : $said;
    }
}
