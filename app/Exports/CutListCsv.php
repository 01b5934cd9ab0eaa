<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\PlanWriter;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Units\Rounding;

/** The cut list as CSV: one line for each length. Columns are described in docs/formats.md. */
final class CutListCsv
{
    private const COLUMNS = ['quantity', 'length_in', 'length', 'profile', 'cover_in', 'hand', 'material', 'gauge', 'ripped', 'square_feet', 'pounds', 'panels'];

    public function write(Plan $plan): string
    {
        $tape = PlanWriter::tape($plan);
        $system = $plan->job->covering;
        $out = fopen('php://memory', 'r+') ?: throw new \RuntimeException('no memory stream');
        fputcsv($out, self::COLUMNS, ',', '"', '');
        foreach ($plan->of(LoadOutStage::class)->order->lines as $line) {
            fputcsv($out, [
                $line->quantity, $line->length, $tape->print($line->length, Rounding::Up), $line->profile, $system->profile->cover,
                $line->hand, $system->material->key, $system->gauge, $line->ripped, round($line->squareFeet, 2), round($line->pounds, 1),
                implode(' ', $line->panels),
            ], ',', '"', '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }
}
