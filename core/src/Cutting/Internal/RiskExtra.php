<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/**
 * The extra length that costs least in the long run. With reading error of standard deviation σ, metal at c an inch
 * and a scrapped panel costing S, the extra x minimises c·x + S·P(error > x): x = σ·√(2·ln(S / (c·σ·√(2π)))), and
 * 0 where the logarithm is negative.
 */
final class RiskExtra
{
    /** @return float inches */
    public static function least(float $sigma, float $metalPerInch, float $scrapCost): float
    {
        if ($sigma <= 0.0) {
            return 0.0;
        }
        $log = log($scrapCost / ($metalPerInch * $sigma * sqrt(2.0 * M_PI)));

        return $log <= 0.0 ? 0.0 : $sigma * sqrt(2.0 * $log);
    }

    /** Probability that a reading is short by more than the extra (normal error). */
    public static function shortfall(float $extra, float $sigma): float
    {
        return $sigma <= 0.0 ? 0.0 : self::upperTail($extra / $sigma);
    }

    /** 1 − Φ(z): Abramowitz and Stegun 26.2.17, error under 7.5e-8. */
    private static function upperTail(float $z): float
    {
        if ($z < 0.0) {
            return 1.0 - self::upperTail(-$z);
        }
        $t = 1.0 / (1.0 + 0.2316419 * $z);
        $series = $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return exp(-$z * $z / 2.0) / sqrt(2.0 * M_PI) * $series;
    }
}
