<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\LoadOut\OrderLine;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\CsvUnits;
use Imbrex\Stations\Wire;

/** The cut list as CSV: one line for each length. Columns are described in docs/formats. */
final class CutListCsv
{
    private const COLUMNS = ['quantity', 'length_in', 'length', 'profile', 'cover_in', 'hand', 'material', 'gauge', 'colour', 'ripped', 'square_feet', 'pounds', 'panels', 'plan', 'order', 'released_by', 'released_at'];

    public function write(Edition $edition): string
    {
        $plan = $edition->plan();
        $release = $edition->release;
        $tape = Wire::tape($plan);
        $covering = $plan->job->covering;

        return CsvUnits::write(self::COLUMNS, array_map(static fn (OrderLine $line): array => [
            $line->quantity, $line->length, $tape->print($line->length, Rounding::Up), $line->profile, $covering->profile->cover,
            $line->hand, $covering->material->key, $covering->gauge, $covering->colour?->value, $line->ripped, round($line->squareFeet, 2), round($line->pounds, 1),
            implode(', ', $plan->of(CuttingStage::class)->names(array_values($line->panels))), $edition->revision, $release?->number, $release?->by, $release?->at,
        ], $plan->of(LoadOutStage::class)->order->lines), $plan->job->units);
    }
}
