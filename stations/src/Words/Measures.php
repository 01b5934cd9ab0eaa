<?php

declare(strict_types=1);

namespace Imbrex\Stations\Words;

use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\AmountKind;
use Imbrex\Core\Ground\Units\Factors;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Ground\Units\UnitSystem;

/** Says areas, weights, water, pressures, forces, temperatures, slopes and winds in a job's own units and a reader's language: sq ft, lb, gal, psf, lb, °F, in 12 and mph, or m², kg, L, kPa, N, °C, degrees and m/s. The twin on the screen is measures.ts. */
final readonly class Measures
{
    /** Of fewer square feet than this an amount tells a tenth, too. */
    private const FEW = 100.0;

    /** What rounds to ten is told without a tenth. */
    private const LITTLE = 9.95;

    private bool $isMetric;

    public function __construct(private Words $words, private UnitSystem $units)
    {
        $this->isMetric = $units === UnitSystem::Metric;
    }

    /** @param  int  $digits  of square feet; a square metre has one more */
    public function area(float $squareFeet, int $digits = 0): string
    {
        return $this->told('measure.area', $squareFeet, Factors::SQUARE_METRES, $this->finer($digits));
    }

    /** A number of square feet or metres, where the column's head says which. */
    public function areaNumber(float $squareFeet, int $digits): string
    {
        return $this->words->number($squareFeet * $this->times(Factors::SQUARE_METRES), $this->finer($digits), just: true);
    }

    public function weight(float $pounds, int $digits = 0): string
    {
        return $this->told('measure.weight', $pounds, Factors::KILOGRAMS, $digits);
    }

    public function weightNumber(float $pounds): string
    {
        return $this->words->number($pounds * $this->times(Factors::KILOGRAMS));
    }

    /** Of metal bought by its length. */
    public function run(float $feet, int $digits = 0): string
    {
        return $this->told('measure.run', $feet, Factors::METRES, $this->finer($digits));
    }

    public function water(float $gallons, int $digits = 1): string
    {
        return $this->told('measure.water', $gallons, Factors::LITRES, $digits);
    }

    public function pressure(float $psf, int $digits = 1): string
    {
        return $this->told('measure.pressure', $psf, 1.0 / Factors::PSF, $this->isMetric ? 2 : $digits, just: true);
    }

    public function force(float $pounds): string
    {
        return $this->told('measure.force', $pounds, Factors::NEWTONS, 0);
    }

    /** Of heat and cold, to the nearest. */
    public function degrees(float $fahrenheit): string
    {
        $degrees = (int) round($this->isMetric ? Factors::celsius($fahrenheit) : $fahrenheit);

        return $this->words->say('measure.degrees', ['units' => $this->units->value, 'said' => ($degrees < 0 ? '−' : '').$this->words->number(abs($degrees))]);
    }

    /** A roof's slope as one says it: rise in 12, or degrees. */
    public function pitch(float $riseIn12): string
    {
        return $this->words->say('measure.pitch', ['units' => $this->units->value, 'said' => $this->isMetric ? $this->words->number(Pitch::ofRise($riseIn12)->degrees(), 1) : $this->words->number($riseIn12, 2)]);
    }

    /** Of wind, from miles an hour. */
    public function speed(float $mph): string
    {
        return $this->told('measure.speed', $mph, Factors::METRES_A_SECOND, $this->finer(0));
    }

    /** Square feet a foot of an edge takes, or square metres a metre; at one place the whole. */
    public function reach(float $squareFeet, bool $atOnce): string
    {
        $much = $squareFeet * $this->times($atOnce ? Factors::SQUARE_METRES : Factors::METRES);

        return $this->words->number($much, $much < self::LITTLE ? 1 : 0, just: true);
    }

    public function amount(Amount $amount): string
    {
        return match ($amount->kind) {
            AmountKind::Area => $this->area($amount->value, $amount->value < self::FEW ? 1 : 0),
            AmountKind::Water => $this->water($amount->value),
            AmountKind::Force => $this->force($amount->value),
            AmountKind::Pitch => $this->pitch($amount->value),
        };
    }

    /** @param  bool  $just  so many digits behind the point; else at most */
    private function told(string $code, float $value, float $metric, int $digits, bool $just = false): string
    {
        return $this->words->say($code, ['units' => $this->units->value, 'said' => $this->words->number($value * $this->times($metric), $digits, $just)]);
    }

    private function times(float $metric): float
    {
        return $this->isMetric ? $metric : 1.0;
    }

    private function finer(int $digits): int
    {
        return $this->isMetric ? $digits + 1 : $digits;
    }
}
