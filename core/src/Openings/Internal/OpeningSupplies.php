<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Supplies\Item;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Ground\Supplies\SupplySum;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\PieceRole;

/** Sums what openings take besides panels and trims: boots, boards, flat metal, screws. */
final class OpeningSupplies
{
    /**
     * @param  array<string, FlashedOpening>  $openings
     * @return list<Supply>
     */
    public static function of(array $openings): array
    {
        $sum = new SupplySum;
        foreach ($openings as $flashed) {
            $flashed->boot === null || $sum->take(Item::boot($flashed->boot->number), 1.0);
            foreach ($flashed->bent() as $piece) {
                $piece->role !== PieceRole::FillBoards || $sum->take(Item::of(SupplyKind::Board, 'boards'), (float) $piece->count);
                [$along, $across] = $piece->sheet();
                $piece->flat === [] || $sum->take(Item::of(SupplyKind::Flat, 'flat-metal'), $along * $across / Profile::SQUARE_INCHES_PER_SQUARE_FOOT);
                // What edges hold is summed with them.
                $piece->fastener === null || $piece->role->isElsewhere() || $sum->take(Item::of(SupplyKind::Fastener, $piece->fastener->kind->value), (float) $piece->fasteners());
            }
        }

        return $sum->all();
    }
}
