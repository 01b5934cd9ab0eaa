<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\LoadOut\OrderCheck;
use Imbrex\Core\LoadOut\SheetCheck;
use Imbrex\Core\Plan;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** Says which ordered sheets no longer serve, and what to do about it. */
final readonly class ServesWriter
{
    public function __construct(private Words $words)
    {
    }

    /** @return list<array{severity: string, pieces: list<string>, text: string}> what is short and cannot be helped, then what is swapped, then what was never ordered */
    public function said(OrderCheck $check, Plan $today): array
    {
        $cutting = $today->of(CuttingStage::class);
        $tape = Wire::tape($today)->inInches();
        $named = static fn (SheetCheck $sheet): string => PanelRange::inWords($cutting->names($sheet->pieces));
        $said = array_map(fn (SheetCheck $sheet): array => [
            'severity' => $sheet->swap === null ? 'block' : 'settle',
            'pieces' => [...$sheet->pieces, ...$sheet->swap->pieces ?? []],
            'text' => $this->sheet($sheet, $named, $tape),
        ], $check->short);
        usort($said, static fn (array $a, array $b): int => $a['severity'] <=> $b['severity']);
        if ($check->unordered !== []) {
            $said[] = ['severity' => 'block', 'pieces' => $check->unordered, 'text' => $this->words->say('load.unordered', ['pieces' => PanelRange::inWords($cutting->names($check->unordered)), 'count' => count($check->unordered)])];
        }

        return $said;
    }

    /** @param  callable(SheetCheck): string  $named */
    private function sheet(SheetCheck $sheet, callable $named, TapePrinter $tape): string
    {
        if ($sheet->parted) {
            return $this->words->say('load.parted', ['pieces' => $named($sheet), 'length' => $tape->print($sheet->length, Rounding::Down)]);
        }
        $parameters = ['pieces' => $named($sheet), 'need' => $tape->print($sheet->need, Rounding::Up), 'length' => $tape->print($sheet->length, Rounding::Down), 'by' => $tape->print($sheet->by(), Rounding::Up)];

        return match (true) {
            $sheet->swap === null => $this->words->say('load.short', $parameters),
            $sheet->swap->pieces === [] => $this->words->say('load.take-spare', [...$parameters, 'other' => $tape->print($sheet->swap->length, Rounding::Down)]),
            default => $this->words->say('load.swap', [...$parameters, 'with' => $named($sheet->swap), 'other' => $tape->print($sheet->swap->length, Rounding::Down)]),
        };
    }
}
