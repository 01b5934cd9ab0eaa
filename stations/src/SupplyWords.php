<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Openings\Boot;
use Imbrex\Stations\Words\Words;

/** Says what a roof takes besides panels and trims, by the foot or by number, and in how many packs. */
final readonly class SupplyWords
{
    public function __construct(private Words $words)
    {
    }

    /** @return array{name: string, said: string} */
    public function of(Supply $one, TapePrinter $tape): array
    {
        $item = $one->item;
        $name = match ($item->kind) {
            SupplyKind::Tape => $this->words->say('supply.tape', ['high' => $tape->inInches()->print($item->high), 'width' => $tape->inInches()->print($item->wide)]),
            SupplyKind::Sealant => $this->words->say("sealant.$item->name"),
            SupplyKind::Fastener => $this->words->say("fastener.$item->name"),
            SupplyKind::Clip => $this->words->say("clip.$item->name"),
            SupplyKind::Boot => $this->boot($item->number, $tape),
            SupplyKind::Guard, SupplyKind::Rail, SupplyKind::SlipSheet, SupplyKind::Board, SupplyKind::Flat => $this->words->say("supply.$item->name"),
            default => $this->words->say("layer.$item->name"),
        };

        return [
            'name' => $name,
            'said' => $this->words->say("supply.of.{$item->kind->value}", ['amount' => match (true) {
                $one->isByFoot() && $tape->isMetric() => $this->words->measures($tape->units)->run(ceil($one->amount / 12.0)),
                $one->isByFoot() => $tape->print($one->amount, Rounding::Up),
                in_array($item->kind, [SupplyKind::Board, SupplyKind::Flat], true) => $this->words->measures($tape->units)->area(ceil($one->amount - 1e-9)),
                default => $this->words->number(ceil($one->amount - 1e-9)),
            }, 'packs' => $one->packs()]),
        ];
    }

    private function boot(int $number, TapePrinter $tape): string
    {
        [$from, $to] = Boot::fits($number);

        return $this->words->say('supply.boot', ['from' => $tape->inInches()->print($from), 'to' => $tape->inInches()->print($to)]);
    }
}
