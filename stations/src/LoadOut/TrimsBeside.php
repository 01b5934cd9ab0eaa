<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

use Imbrex\Core\Plan;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Words\Words;

/** Says that trims are ordered from the list of sticks, and how many there are. */
final readonly class TrimsBeside
{
    public function __construct(private Words $words)
    {
    }

    /** Null where there are none. */
    public function said(Plan $plan): ?string
    {
        $lots = $plan->of(TrimsStage::class)->lots;

        return $lots === [] ? null : $this->words->say('load.trims', ['kinds' => count($lots), 'sticks' => array_sum(array_map(static fn (StickLot $lot): int => count($lot->sticks), $lots)), 'pieces' => array_sum(array_map(static fn (StickLot $lot): int => count($lot->pieces), $lots))]);
    }
}
