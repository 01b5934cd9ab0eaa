<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Supplies;

/** How much of a thing comes in one roll, tube, piece or box: inches, square feet or a number, as it is counted. Source: catalogue. */
final readonly class Packs
{
    private const FOOT = 12.0;

    /** Anything else comes one by one. A tube is 24 ft of a bead a quarter wide; foam 36 in; a board 4 by 8, a sheet 4 by 10 ft. */
    private const BY_KIND = [
        SupplyKind::Sealant->value => 24.0 * self::FOOT,
        SupplyKind::Foam->value => 36.0,
        SupplyKind::Vent->value => 20.0 * self::FOOT,
        SupplyKind::Fastener->value => 250.0,
        SupplyKind::Rail->value => 10.0 * self::FOOT,
        SupplyKind::SlipSheet->value => 166.0 * self::FOOT,
        SupplyKind::Board->value => 32.0,
        SupplyKind::Flat->value => 40.0,
    ];

    /** Rolls of tape: so wide at most (in), so high at most (in), so long; the first that fits. */
    private const ROLLS = [
        [0.5, INF, 50.0 * self::FOOT],
        [INF, 0.1, 45.0 * self::FOOT],
        [INF, INF, 40.0 * self::FOOT],
    ];

    public static function of(Item $item): float
    {
        foreach ($item->kind === SupplyKind::Tape ? self::ROLLS : [] as [$wide, $high, $roll]) {
            if ($item->wide <= $wide && $item->high <= $high) {
                return $roll;
            }
        }

        return self::BY_KIND[$item->kind->value] ?? 1.0;
    }

    private function __construct()
    {
    }
}
