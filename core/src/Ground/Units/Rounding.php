<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/**
 * The direction a length is rounded in when it leaves the core: orders up, marks to the nearest, limits down.
 */
enum Rounding
{
    case Up;
    case Nearest;
    case Down;

    /** A sum like 216.375 + 2 may come out a hair over a whole step; that hair must not cost a step. */
    private const SLACK = 1e-7;

    /** The value rounded to a multiple of the step; both in the same unit. */
    public function toStep(float $value, float $step): float
    {
        return $this->steps($value, $step) * $step;
    }

    /** How many whole steps the rounded value holds. */
    public function steps(float $value, float $step): int
    {
        $steps = $value / $step;

        return (int) match ($this) {
            self::Up => ceil($steps - self::SLACK),
            self::Nearest => floor($steps + 0.5 + self::SLACK),
            self::Down => floor($steps + self::SLACK),
        };
    }
}
