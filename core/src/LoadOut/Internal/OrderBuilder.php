<?php

declare(strict_types=1);

namespace Imbrex\Core\LoadOut\Internal;

use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Cutting\Sheet;
use Imbrex\Core\Cutting\SheetList;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\LoadOut\Order;
use Imbrex\Core\LoadOut\OrderLine;

/** Gathers panels into an order: equal lengths in one line, a rip counted as the full panel it is cut from. */
final readonly class OrderBuilder
{
    public function __construct(private Covering $covering)
    {
    }

    public function build(SheetList $list): Order
    {
        $groups = [];
        foreach ($list->sheets as $sheet) {
            $groups[Rounding::Nearest->steps($sheet->length, Tolerance::SAME_CUT)][] = $sheet;
        }
        krsort($groups);
        $lines = array_map($this->line(...), array_values($groups));

        return new Order(
            lines: $lines,
            sheets: array_sum(array_map(static fn (OrderLine $line): int => $line->quantity, $lines)),
            coilFeet: $list->length / 12.0,
            coilWidth: $this->covering->profile->coil,
            squareFeet: $list->squareFeet,
            wasteSquareFeet: $list->wasteSquareFeet,
            pounds: $list->squareFeet * $this->poundsPerSquareFoot(),
            colour: $this->covering->colour,
        );
    }

    private function poundsPerSquareFoot(): float
    {
        return $this->covering->material->poundsPerSquareFoot($this->covering->gauge);
    }

    /** @param  non-empty-list<Sheet>  $sheets  of one length */
    private function line(array $sheets): OrderLine
    {
        $length = $sheets[0]->length;
        $panels = array_merge(...array_map(static fn (Sheet $sheet): array => $sheet->panels, $sheets));
        $each = $this->covering->profile->squareFeet($length);
        $pounds = $each * $this->poundsPerSquareFoot();

        return new OrderLine(
            profile: $this->covering->profile->key,
            hand: $this->covering->profile->hand->value,
            length: $length,
            quantity: count($sheets),
            ripped: count(array_filter($panels, static fn (Panel $p): bool => $p->rip !== null)),
            panels: array_map(static fn (Panel $p): string => $p->id, $panels),
            squareFeet: $each * count($sheets),
            pounds: $pounds * count($sheets),
            poundsEach: $pounds,
            handHolds: max(1, (int) ceil($length / $this->covering->rules->number('load.handHold'))),
        );
    }
}
