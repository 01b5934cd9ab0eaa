<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/**
 * Where sheets are screwed whose maker does not list it: ribbed ones beside each rib in the field and at both sides of it at ends,
 * corrugated ones on every third crown and at ends on every second (trade practice, §10). x across the sheet from its left module line, inches.
 */
final class ScrewPlaces
{
    /** So far (in) beside a rib's centre a screw goes through the flat. */
    private const BESIDE = 1.0;

    private const FIELD_CROWNS = 3;

    private const END_CROWNS = 2;

    /** Side laps (in): ribbed, corrugated. */
    private const STITCH = [24.0, 18.0];

    /**
     * @param  float  $spacing  from rib to rib as it was taped, inches; they part the cover evenly
     * @return list<float> ribs' centres, the first at the left module line, the last at the right one
     */
    public static function ribs(float $cover, float $spacing): array
    {
        $count = max(1, (int) round($cover / $spacing));

        return array_map(static fn (int $i): float => $i * $cover / $count, range(0, $count));
    }

    /**
     * @param  list<float>  $ribs  centres, the last one the next sheet's first
     * @return list<float> of a row in the field
     */
    public static function field(Family $family, array $ribs): array
    {
        return $family === Family::Corrugated ? self::crowns($ribs, self::FIELD_CROWNS) : array_map(static fn (float $rib): float => $rib + self::beside($ribs), array_slice($ribs, 0, -1));
    }

    /**
     * @param  list<float>  $ribs
     * @return list<float> of a row at an end
     */
    public static function end(Family $family, array $ribs): array
    {
        if ($family === Family::Corrugated) {
            return self::crowns($ribs, self::END_CROWNS);
        }
        $screws = [];
        foreach ($ribs as $i => $rib) {
            $i > 0 && $screws[] = $rib - self::beside($ribs);
            $i < count($ribs) - 1 && $screws[] = $rib + self::beside($ribs);
        }

        return $screws;
    }

    /** From screw to screw up a side lap, inches; 0 where nothing is stitched. */
    public static function stitch(Family $family): float
    {
        return $family->isConcealed() ? 0.0 : self::STITCH[$family === Family::Corrugated ? 1 : 0];
    }

    /**
     * @param  list<float>  $ribs
     * @return list<float>
     */
    private static function crowns(array $ribs, int $every): array
    {
        return array_values(array_filter(array_slice($ribs, 0, -1), static fn (int $i): bool => $i % $every === 0, ARRAY_FILTER_USE_KEY));
    }

    /**
     * Between close ribs half way to the next is as far as it goes.
     *
     * @param  list<float>  $ribs
     */
    private static function beside(array $ribs): float
    {
        return min([self::BESIDE, ...array_map(static fn (float $a, float $b): float => ($b - $a) / 2.0, array_slice($ribs, 0, -1), array_slice($ribs, 1))]);
    }
}
