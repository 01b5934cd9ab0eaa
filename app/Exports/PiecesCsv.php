<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\PlanWriter;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\Rounding;

/** Every piece by face in the order of laying, one line each. Columns are described in docs/formats.md. */
final readonly class PiecesCsv
{
    private const COLUMNS = ['face', 'laid', 'panel', 'measured_from', 'long_in', 'short_in', 'between_in', 'long', 'short', 'rip_in', 'order_length', 'one_sheet_with', 'corrected', 'cut'];

    public function write(Plan $plan): string
    {
        $tape = PlanWriter::tape($plan)->inInches();
        $cards = CutCardMaker::of($plan);
        $out = fopen('php://memory', 'r+') ?: throw new \RuntimeException('no memory stream');
        fputcsv($out, self::COLUMNS, ',', '"', '');
        foreach ($plan->of(CuttingStage::class)->inOrderOfLaying() as $panel) {
            $face = $plan->of(RoofStage::class)->roof->face($panel->face);
            if ($face === null) {
                continue;
            }
            $card = $cards->card($face, $panel);
            // A piece that is not made from two lengths has the one it is cut from.
            [$long, $short, $between] = $card->lengths === null ? [$card->length, null, null] : [$card->lengths->long(), $card->lengths->short(), $card->lengths->between];
            fputcsv($out, [
                $face->name, $panel->strip->laid, $panel->id, $card->fromHead ? 'T' : 'B',
                round($long, 4), $short === null ? '' : round($short, 4), $between === null ? '' : round($between, 4), $tape->print($long), $short === null ? '' : $tape->print($short),
                $panel->rip === null ? '' : round($panel->rip, 4), $tape->print($this->ordered($plan, $panel), Rounding::Up),
                $plan->of(CuttingStage::class)->pairing->of($panel->id)?->partner($panel->id) ?? '', $panel->corrections === [] ? '' : 'yes', isset($plan->job->part(CuttingInput::class)->cut[$panel->id]) ? 'yes' : '',
            ], ',', '"', '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /** Of the sheet it comes out of. */
    private function ordered(Plan $plan, Panel $panel): float
    {
        return $plan->of(CuttingStage::class)->pairing->of($panel->id)->orderLength ?? $panel->orderLength;
    }
}
