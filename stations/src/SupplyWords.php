<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Ground\Units\Measures;
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
        $name = match ($one->kind) {
            SupplyKind::Tape => $this->words->say('supply.tape', array_map(static fn (string $size): string => $tape->inInches()->print((float) $size), array_combine(['high', 'width'], explode(' ', $one->key, 2) + ['', '']))),
            SupplyKind::Sealant => $this->words->say("sealant.$one->key"),
            SupplyKind::Fastener => $this->words->say("fastener.$one->key"),
            SupplyKind::Clip => $this->words->say("clip.$one->key"),
            SupplyKind::Boot => $this->boot((int) $one->key, $tape),
            SupplyKind::Guard, SupplyKind::Rail, SupplyKind::SlipSheet, SupplyKind::Board, SupplyKind::Flat => $this->words->say("supply.$one->key"),
            default => $this->words->say("layer.$one->key"),
        };

        return [
            'name' => $name,
            'said' => $this->words->say("supply.of.{$one->kind->value}", ['amount' => match (true) {
                $one->isByFoot() && $tape->isMetric() => Measures::in($tape->units)->run(ceil($one->amount / 12.0)),
                $one->isByFoot() => $tape->print($one->amount, Rounding::Up),
                in_array($one->kind, [SupplyKind::Board, SupplyKind::Flat], true) => Measures::in($tape->units)->area(ceil($one->amount - 1e-9)),
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
