<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Print\CsvUnits;
use Imbrex\Stations\Wire;

/** Every piece by face in the order of laying, one line each. Columns are described in docs/formats. */
final readonly class PiecesCsv
{
    private const COLUMNS = ['face', 'laid', 'panel', 'name', 'measured_from', 'length_in', 'long_side_in', 'short_side_in', 'between_in', 'length', 'long_side', 'short_side', 'rip_in', 'order_length', 'one_sheet_with', 'corrected', 'cut'];

    public function write(Plan $plan): string
    {
        $cards = CutCardMaker::of($plan);
        $rows = [];
        foreach ($plan->of(CuttingStage::class)->inOrderOfLaying() as $panel) {
            $face = $plan->of(RoofStage::class)->roof->face($panel->face);
            if ($face !== null) {
                $rows[] = $this->row($plan, $face, $panel, $cards->card($face, $panel));
            }
        }

        return CsvUnits::write(self::COLUMNS, $rows, $plan->job->units);
    }

    /** @return list<string|int|float> */
    private function row(Plan $plan, Face $face, Panel $panel, CutCard $card): array
    {
        $tape = Wire::tape($plan)->inInches();
        $pair = $plan->of(CuttingStage::class)->pairing->of($panel->id);
        // Its tip may lie beyond both sides: a pan that two hips end.
        [$long, $short, $between] = [$card->lengths?->long(), $card->lengths?->short(), $card->lengths?->between];
        $inches = static fn (?float $length): float|string => $length === null ? '' : round($length, 4);
        $taped = static fn (?float $length): string => $length === null ? '' : $tape->print($length);

        return [
            $face->name, $panel->strip->laid, $panel->id, $plan->of(CuttingStage::class)->name($panel->id), $card->fromHead ? 'T' : 'B',
            $inches($card->length), $inches($long), $inches($short), $inches($between), $taped($card->length), $taped($long), $taped($short),
            $inches($panel->rip), $tape->print($pair->orderLength ?? $panel->orderLength, Rounding::Up),
            $pair?->partner($panel->id) ?? '', $plan->of(CuttingStage::class)->isCorrected($panel) ? 'yes' : '', isset($plan->circumstances->part(PiecesCut::class)->panels[$panel->id]) ? 'yes' : '',
        ];
    }
}
