<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Exports\Csv;
use App\Stations\Wire;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\Rounding;

/** Every piece by face in the order of laying, one line each. Columns are described in docs/formats. */
final readonly class PiecesCsv
{
    private const COLUMNS = ['face', 'laid', 'panel', 'name', 'measured_from', 'long_in', 'short_in', 'between_in', 'long', 'short', 'rip_in', 'order_length', 'one_sheet_with', 'corrected', 'cut'];

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

        return Csv::write(self::COLUMNS, $rows);
    }

    /** @return list<string|int|float> */
    private function row(Plan $plan, Face $face, Panel $panel, CutCard $card): array
    {
        $tape = Wire::tape($plan)->inInches();
        $pair = $plan->of(CuttingStage::class)->pairing->of($panel->id);
        // A piece that is not made from two lengths has the one it is cut from.
        [$long, $short, $between] = $card->lengths === null ? [$card->length, null, null] : [$card->lengths->long(), $card->lengths->short(), $card->lengths->between];
        $inches = static fn (?float $length): float|string => $length === null ? '' : round($length, 4);

        return [
            $face->name, $panel->strip->laid, $panel->id, $plan->of(CuttingStage::class)->name($panel->id), $card->fromHead ? 'T' : 'B',
            $inches($long), $inches($short), $inches($between), $tape->print($long), $short === null ? '' : $tape->print($short),
            $inches($panel->rip), $tape->print($pair->orderLength ?? $panel->orderLength, Rounding::Up),
            $pair?->partner($panel->id) ?? '', $plan->of(CuttingStage::class)->isCorrected($panel) ? 'yes' : '', isset($plan->job->part(CuttingInput::class)->cut[$panel->id]) ? 'yes' : '',
        ];
    }
}
