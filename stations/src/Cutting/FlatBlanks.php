<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutGroup;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\FlatBlank;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Print\PanelRange;

/** Flat blanks to cut from, face up: one of each kind, or one piece alone. */
final readonly class FlatBlanks
{
    /**
     * @param  string|null  $piece  id of one panel; null for all
     * @return list<array{FlatBlank, string}> each with the panels it is for
     */
    public function of(Plan $plan, ?string $piece): array
    {
        $cards = CutCardMaker::of($plan);
        $blanks = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            $panels = array_values(array_filter($plan->of(CuttingStage::class)->panelsOf($face->id), static fn (Panel $p): bool => $piece === null || $p->id === $piece));
            foreach (CutGroup::gather($panels) as $group) {
                $blanks[] = [
                    FlatBlank::of($cards->card($face, $group->panels[0])->flipped(), $group->panels[0], $plan->job->covering->profile),
                    PanelRange::inWords(array_map(static fn (Panel $p): string => $face->pieceName($p->id), $group->panels)),
                ];
            }
        }

        return $blanks;
    }
}
