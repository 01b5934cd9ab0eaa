<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\PieceRole;

/** Sums what openings take besides panels and trims: boots, boards, flat metal, screws. */
final class OpeningSupplies
{
    /** Screws come so many in a box; boards and sheets of flat metal are 4 by 8 and 4 by 10 ft; catalogue. */
    private const BOX = 250.0;

    private const BOARD = 32.0;

    private const SHEET = 40.0;

    /**
     * @param  array<string, FlashedOpening>  $openings
     * @return list<Supply>
     */
    public static function of(array $openings): array
    {
        $taken = [];
        $take = static function (SupplyKind $kind, string $key, float $amount, float $pack) use (&$taken): void {
            $was = $taken["$kind->value $key"] ?? null;
            $taken["$kind->value $key"] = new Supply($kind, $key, ($was->amount ?? 0.0) + $amount, $pack);
        };
        foreach ($openings as $flashed) {
            $flashed->boot === null || $take(SupplyKind::Boot, (string) $flashed->boot->number, 1.0, 1.0);
            foreach ($flashed->bent() as $piece) {
                $piece->role !== PieceRole::FillBoards || $take(SupplyKind::Board, 'boards', (float) $piece->count, self::BOARD);
                [$along, $across] = $piece->sheet();
                $piece->flat === [] || $take(SupplyKind::Flat, 'flat-metal', $along * $across / Profile::SQUARE_INCHES_PER_SQUARE_FOOT, self::SHEET);
                // What edges hold is summed with them.
                $piece->fastener === null || $piece->role->isElsewhere() || $take(SupplyKind::Fastener, $piece->fastener->kind->value, (float) $piece->fasteners(), self::BOX);
            }
        }

        return array_values($taken);
    }
}
