<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\LoadOut\Order;

/**
 * Puts an order into its wire shape.
 *
 * @phpstan-type OrderLineShape array{
 *     profile: string,
 *     hand: string,
 *     length: float,
 *     quantity: int,
 *     ripped: int,
 *     panels: list<string>,
 *     squareFeet: float,
 *     pounds: float,
 *     poundsEach: float,
 *     hands: int,
 * }
 * @phpstan-type PlanOrderShape array{
 *     lines: list<OrderLineShape>,
 *     pieces: int,
 *     coilFeet: float,
 *     coilWidth: float,
 *     squareFeet: float,
 *     wasteSquareFeet: float,
 *     pounds: float,
 *     // Of the panels' coat; null where nobody has said. Orders of before it was kept are without.
 *     colour?: string|null,
 *     // For the open ends of seams at the eave, where they are closed so.
 *     endPlugs?: int,
 *     // Clips, screws and snow guards of the field.
 *     supplies?: list<OrderSupplyShape>,
 * }
 * @phpstan-type OrderSupplyShape array{
 *     kind: string,
 *     key: string,
 *     // How many; inches of what comes by the foot.
 *     amount: float,
 *     packs: int,
 * }
 */
final class OrderWriter
{
    /** @return PlanOrderShape */
    public function order(Order $order): array
    {
        return [
            'lines' => array_map(static fn ($line): array => [
                'profile' => $line->profile,
                'hand' => $line->hand,
                'length' => $line->length,
                'quantity' => $line->quantity,
                'ripped' => $line->ripped,
                'panels' => $line->panels,
                'squareFeet' => $line->squareFeet,
                'pounds' => $line->pounds,
                'poundsEach' => $line->poundsEach,
                'hands' => $line->handHolds,
            ], $order->lines),
            'pieces' => $order->sheets,
            'coilFeet' => $order->coilFeet,
            'coilWidth' => $order->coilWidth,
            'squareFeet' => $order->squareFeet,
            'wasteSquareFeet' => $order->wasteSquareFeet,
            'pounds' => $order->pounds,
            'colour' => $order->colour?->value,
            // An order without says nothing of them, as it did before there were any.
            ...($order->endPlugs > 0 ? ['endPlugs' => $order->endPlugs] : []),
            ...($order->supplies !== [] ? ['supplies' => array_map(static fn (Supply $one): array => ['kind' => $one->item->kind->value, 'key' => $one->item->key(), 'amount' => $one->amount, 'packs' => $one->packs()], $order->supplies)] : []),
        ];
    }
}
