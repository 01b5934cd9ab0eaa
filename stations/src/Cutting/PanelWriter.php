<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Wire;

/** Puts panels and their pencil marks into the wire shape of the whole plan. */
final class PanelWriter
{
    /** @return list<array<string, mixed>> */
    public function panels(Plan $plan): array
    {
        $cards = CutCardMaker::of($plan);
        $strips = $plan->of(CuttingStage::class)->strips();
        $roof = $plan->of(RoofStage::class)->roof;

        return array_map(function (Panel $panel) use ($plan, $cards, $strips, $roof): array {
            $face = $roof->face($panel->face);

            return [
                ...$this->panel($plan, $panel),
                'pieces' => $strips["$panel->face {$panel->strip->position}"],
                'marks' => $face === null ? null : $this->marks($cards->card($face, $panel)),
            ];
        }, $plan->of(CuttingStage::class)->panels);
    }

    /** @return array<string, mixed> */
    private function panel(Plan $plan, Panel $panel): array
    {
        return [
            'id' => $panel->id,
            'face' => $panel->face,
            'direction' => $plan->of(RoofStage::class)->roof->face($panel->face)?->isAcross() === true ? 'across' : 'up',
            'position' => $panel->strip->position,
            'laid' => $panel->strip->laid,
            'left' => $panel->strip->left,
            'right' => $panel->strip->right,
            'metal' => Wire::outline($panel->metal),
            'holes' => array_map(Wire::outline(...), $panel->holes),
            'blank' => Wire::outline($panel->blank),
            'long' => $panel->long,
            'short' => $panel->short,
            'orderLength' => $panel->orderLength,
            'rip' => $panel->rip,
            'pairedWith' => $plan->of(CuttingStage::class)->pairing->of($panel->id)?->partner($panel->id),
            'corrected' => $plan->of(CuttingStage::class)->isCorrected($panel),
        ];
    }

    /** @return array<string, mixed>  pencil marks on the back, running distances from one end */
    private function marks(CutCard $card): array
    {
        return [
            'view' => $card->back ? 'back' : 'face',
            'from' => $card->fromHead ? 'T' : 'B',
            'points' => array_map(static fn (Mark $mark): array => [
                'edge' => $mark->line->value,
                'x' => $mark->x ?? match ($mark->line) {
                    MarkLine::Left => 0.0,
                    MarkLine::Right => $card->width,
                    default => null,
                },
                'distance' => $mark->distance,
                'kind' => $mark->kind->value,
                'name' => $mark->name,
            ], $card->marks),
        ];
    }
}
