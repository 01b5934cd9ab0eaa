<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** The only epsilons of the core. A roof is under 12 000 in across, so doubles hold far more than these ask. */
final class Tolerance
{
    /** Two lengths (in) that differ by less are the same: far below any tape, far above rounding noise. */
    public const LENGTH = 1e-6;

    /** A piece (sq in) smaller than this is noise of the cutting, not metal. */
    public const AREA = 1e-6;

    /** Sine of the angle under which two lines count as parallel. */
    public const PARALLEL = 1e-9;

    /** A point this near a line (in) lies on it, after moving and cutting. */
    public const ON_LINE = 1e-4;

    /** Cuts that differ by less (in) are one cut: far finer than any ordering step or pencil. */
    public const SAME_CUT = 1e-3;

    /** Steps of an inch that lengths are told apart by where a name is made of them; what a tape reads lies well within its step. */
    private const STEPS = 2048.0;

    private const WITHIN = 0.3217;

    /** A number for a length: the same for the same length, whatever noise is on it. */
    public static function step(float $inches): int
    {
        return (int) floor($inches * self::STEPS + self::WITHIN);
    }

    public static function same(float $a, float $b): bool
    {
        return abs($a - $b) < self::LENGTH;
    }
}
