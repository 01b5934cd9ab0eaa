<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

/** Rain that falls straight down, and what becomes of it. */
final class Rain
{
    /** gpm of an inch in an hour on a square foot is one part in so many: trade practice, §12. */
    private const PARTS = 96.23;

    /**
     * @param  float  $squareFeet  in plan
     * @param  float  $intensity  inches an hour
     * @return float gallons a minute
     */
    public static function gallons(float $squareFeet, float $intensity): float
    {
        return $squareFeet * $intensity / self::PARTS;
    }
}
