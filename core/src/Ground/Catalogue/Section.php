<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

use Imbrex\Core\Ground\Geometry\Point;

/**
 * A profile cut across, as it is drawn to be told from others: a line of metal, u across from the left module line, v up
 * from the pan, inches. Cover, height, legs and places of the ribs are the profile's own; how a rib leans is representative.
 */
final class Section
{
    /** A rib's half width at its foot and at its top, in its heights. */
    private const RIB_FOOT = 1.0;

    private const RIB_TOP = 0.45;

    /** Points on one wave of a corrugated sheet. */
    private const WAVE_STEPS = 12;

    /** @return non-empty-list<Point> from left to right */
    public static function of(Profile $profile): array
    {
        return match (true) {
            $profile->family === Family::Corrugated => self::waves($profile),
            $profile->family->isConcealed() => self::pan($profile),
            default => self::ribs($profile),
        };
    }

    /** @return non-empty-list<Point> a leg stands up, reaches out and ends in its return, where that is known */
    private static function pan(Profile $profile): array
    {
        [$cover, $height] = [$profile->cover, $profile->height];
        $left = [new Point(0.0, $height), new Point(0.0, 0.0)];
        $right = [new Point($cover, 0.0), new Point($cover, $height)];
        if ($profile->leftMetal > 0.0) {
            array_unshift($left, new Point(-$profile->leftMetal, $height));
            $profile->legReturns !== null && array_unshift($left, new Point(-$profile->leftMetal, max(0.0, $height - $profile->legReturns->left)));
        }
        if ($profile->family === Family::NailStrip) {
            // The strip lies flat on the deck, under the next panel.
            return [...$left, ...$right, new Point($cover, 0.0), new Point($cover + $profile->rightMetal, 0.0)];
        }
        if ($profile->rightMetal > 0.0) {
            $right[] = new Point($cover + $profile->rightMetal, $height);
            $profile->legReturns !== null && $right[] = new Point($cover + $profile->rightMetal, max(0.0, $height - $profile->legReturns->right));
        }

        return [...$left, ...$right];
    }

    /** @return non-empty-list<Point> */
    private static function ribs(Profile $profile): array
    {
        [$from, $to] = [-$profile->leftMetal, $profile->cover + $profile->rightMetal];
        $line = [new Point($from, 0.0)];
        foreach ($profile->ribs as $rib) {
            foreach ([[-self::RIB_FOOT, 0.0], [-self::RIB_TOP, 1.0], [self::RIB_TOP, 1.0], [self::RIB_FOOT, 0.0]] as [$aside, $up]) {
                $line[] = new Point(max($from, min($to, $rib + $aside * $profile->height)), $up * $profile->height);
            }
        }
        $line[] = new Point($to, 0.0);

        return $line;
    }

    /** @return non-empty-list<Point> crowns where the ribs are */
    private static function waves(Profile $profile): array
    {
        [$from, $to] = [-$profile->leftMetal, $profile->cover + $profile->rightMetal];
        $crown = $profile->ribs[0] ?? 0.0;
        $pitch = count($profile->ribs) > 1 ? $profile->ribs[1] - $crown : $profile->cover;
        $steps = max(1, (int) round(($to - $from) / $pitch * self::WAVE_STEPS));

        return array_map(static function (int $step) use ($from, $to, $steps, $crown, $pitch, $profile): Point {
            $u = $from + ($to - $from) * $step / $steps;

            return new Point($u, $profile->height / 2.0 * (1.0 + cos(2.0 * M_PI * ($u - $crown) / $pitch)));
        }, range(0, $steps));
    }
}
