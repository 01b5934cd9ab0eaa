<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

/** How deep water runs in a valley or in a pan: Manning's formula, n = 0.012 of smooth metal, feet and seconds inside. */
final class Channel
{
    private const ROUGHNESS = 0.012;

    private const IMPERIAL = 1.486;

    private const GALLONS_A_MINUTE = 448.831;

    private const INCHES = 12.0;

    /** Deeper (in) nothing on a roof runs. */
    private const DEEPEST = 48.0;

    private const HALVINGS = 60;

    /**
     * A V whose sides rise at half of what its faces are bent from flat.
     *
     * @param  float  $gallons  a minute
     * @param  float  $dihedralDegrees  between its two sides, under 180
     * @param  float  $slopeDegrees  of its line
     * @return float inches
     */
    public static function valley(float $gallons, float $dihedralDegrees, float $slopeDegrees): float
    {
        $rise = self::rise($dihedralDegrees);

        return self::depth($gallons, $slopeDegrees, static fn (float $d): array => [$d * $d / tan($rise), 2.0 * $d / sin($rise)]);
    }

    /** How far water so deep reaches up either side of a valley, inches along the metal. */
    public static function wetted(float $depth, float $dihedralDegrees): float
    {
        return $depth / sin(self::rise($dihedralDegrees));
    }

    /**
     * Flat between two seams.
     *
     * @param  float  $gallons  a minute
     * @param  float  $width  between the seams, inches
     * @return float inches
     */
    public static function pan(float $gallons, float $width, float $slopeDegrees): float
    {
        $wide = $width / self::INCHES;

        return self::depth($gallons, $slopeDegrees, static fn (float $d): array => [$wide * $d, $wide + 2.0 * $d]);
    }

    /** Radians. */
    private static function rise(float $dihedralDegrees): float
    {
        return deg2rad(max(0.5, (180.0 - $dihedralDegrees) / 2.0));
    }

    /** @param  callable(float): array{float, float}  $section  square feet of water and wetted feet, by depth in feet */
    private static function depth(float $gallons, float $slopeDegrees, callable $section): float
    {
        $slope = sqrt(max(1e-6, sin(deg2rad($slopeDegrees))));
        [$low, $high] = [0.0, self::DEEPEST];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $depth = ($low + $high) / 2.0;
            [$area, $wetted] = $section($depth / self::INCHES);
            $carried = self::IMPERIAL / self::ROUGHNESS * $area * ($area / $wetted) ** (2.0 / 3.0) * $slope * self::GALLONS_A_MINUTE;
            if ($carried < $gallons) {
                $low = $depth;
            } else {
                $high = $depth;
            }
        }

        return ($low + $high) / 2.0;
    }
}
