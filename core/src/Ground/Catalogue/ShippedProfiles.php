<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/**
 * Reads data/profiles.php and makes one profile of every cover of a series.
 *
 * @phpstan-type Row array{
 *     family: string, covers: list<int|float>, height: int|float, left: int|float, right: int|float,
 *     coilAdd: int|float, hold: string, travel: int|float, leastPitch: int|float, hand?: string, turn?: bool,
 *     ribs?: list<int|float>, field?: list<int|float>, end?: list<int|float>, stitch?: int|float,
 *     returns?: array{int|float, int|float}, ribPitch?: int|float,
 * }
 */
final class ShippedProfiles
{
    /** Formed panels and sheets alike: a forming machine's shortest, and the longest ordinary load. */
    private const SHORTEST = 24.0;

    private const LONGEST = 540.0;

    /** @return array<string, Profile> */
    public static function read(): array
    {
        /** @var array<string, Row> $rows */
        $rows = require __DIR__.'/data/profiles.php';
        $profiles = [];
        foreach ($rows as $series => $row) {
            foreach ($row['covers'] as $cover) {
                $profile = self::profile($series, $row, (float) $cover);
                $profiles[$profile->key] = $profile;
            }
        }

        return $profiles;
    }

    /** @param  Row  $row */
    private static function profile(string $series, array $row, float $cover): Profile
    {
        $ribs = self::ribs($row, $cover);

        return new Profile(
            key: str_ends_with($series, 'mm') ? $series : "$series-".(int) $cover,
            family: Family::from($row['family']),
            cover: $cover,
            height: (float) $row['height'],
            leftMetal: (float) $row['left'],
            rightMetal: (float) $row['right'],
            coil: $cover + (float) $row['coilAdd'],
            hand: Hand::from($row['hand'] ?? 'female-left'),
            mayTurn: $row['turn'] ?? false,
            leastPitch: (float) $row['leastPitch'],
            hold: new Hold(HoldKind::from($row['hold']), (float) $row['travel']),
            fieldScrews: self::screws($row, 'field', ScrewPlaces::field(...), $ribs),
            endScrews: self::screws($row, 'end', ScrewPlaces::end(...), $ribs),
            ribs: $ribs,
            stitchSpacing: (float) ($row['stitch'] ?? 0),
            shortest: self::SHORTEST,
            longest: self::LONGEST,
            representative: true,
            legReturns: isset($row['returns']) ? new LegReturns((float) $row['returns'][0], (float) $row['returns'][1]) : null,
        );
    }

    /**
     * @param  Row  $row
     * @return list<float> x of rib centres, or of the two seams of a concealed panel
     */
    private static function ribs(array $row, float $cover): array
    {
        if (isset($row['ribs'])) {
            return array_map(floatval(...), $row['ribs']);
        }

        return isset($row['ribPitch']) ? ScrewPlaces::ribs($cover, (float) $row['ribPitch']) : [0.0, $cover];
    }

    /**
     * @param  Row  $row
     * @param  'field'|'end'  $listed
     * @param  callable(Family, list<float>): list<float>  $usual
     * @param  list<float>  $ribs
     * @return list<float>
     */
    private static function screws(array $row, string $listed, callable $usual, array $ribs): array
    {
        $family = Family::from($row['family']);

        return $family->isConcealed() ? [] : (isset($row[$listed]) ? array_map(floatval(...), $row[$listed]) : $usual($family, $ribs));
    }
}
