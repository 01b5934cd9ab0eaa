<?php

declare(strict_types=1);

namespace App\Stations;

use Imbrex\Core\Plan;
use Imbrex\Core\Units\UnitSystem;

/** Prints pressures, forces and temperatures in a job's own units: psf, lb and °F, or kPa, N and °C. */
final readonly class Loads
{
    /** psf in a kPa. */
    public const PSF = 20.885434;

    private const NEWTONS = 4.4482216;

    private function __construct(private bool $isMetric)
    {
    }

    public static function of(Plan $plan): self
    {
        return new self($plan->job->units === UnitSystem::Metric);
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
}
