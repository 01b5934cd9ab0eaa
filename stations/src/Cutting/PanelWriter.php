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
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Wire;
use LogicException;
use stdClass;

/**
 * Puts panels and their pencil marks into the wire shape of the whole plan.
 *
 * @phpstan-import-type PlanOutlineShape from Wire
 *
 * @phpstan-type PlanPanelShape array{
 *     id: string,
 *     face: string,
 *     // Up the slope, or laid sideways behind an opening. Its coordinates are those of its own face.
 *     direction: 'up'|'across',
 *     position: int,
 *     laid: int,
 *     left: float,
 *     right: float,
 *     metal: PlanOutlineShape,
 *     blank: PlanOutlineShape,
 *     long: float,
 *     short: float,
 *     orderLength: float,
 *     rip: float|null,
 *     // In the metal, clockwise.
 *     holes: list<PlanOutlineShape>,
 *     // Pencil marks: along the edges from one end, across from the kept edge.
 *     marks: array{
 *         view: 'back'|'face',
 *         from: 'T'|'B',
 *         points: list<array{
 *             edge: 'left'|'right'|'inner'|'across-foot'|'across-head',
 *             // From the left edge as marked; null for marks across.
 *             x: float|null,
 *             distance: float,
 *             kind: 'cut'|'bend'|'notch',
 *             name: string,
 *         }>,
 *     },
 *     // Ids of all pieces of its strip, from the eave up.
 *     pieces: list<string>,
 *     pairedWith: string|null,
 *     corrected: bool,
 * }
 *
 * By face: 0 beside the rib to 90 square to it.
 * @phpstan-type PlanAnglesShape array<string, float>|stdClass
 */
final class PanelWriter
{
    /** @return list<PlanPanelShape> */
    public function panels(Plan $plan): array
    {
        $cards = CutCardMaker::of($plan);
        $strips = $plan->of(CuttingStage::class)->strips();
        $roof = $plan->of(RoofStage::class)->roof;

        return array_map(function (Panel $panel) use ($plan, $cards, $strips, $roof): array {
            $face = $roof->face($panel->face) ?? throw new LogicException("$panel->id lies on no face");

            return $this->panel($plan, $face, $panel, $strips["$panel->face {$panel->strip->position}"], $cards->card($face, $panel));
        }, $plan->of(CuttingStage::class)->panels);
    }

    /**
     * @param  list<string>  $pieces  of its strip
     * @return PlanPanelShape
     */
    private function panel(Plan $plan, Face $face, Panel $panel, array $pieces, CutCard $card): array
    {
        return [
            'id' => $panel->id,
            'face' => $panel->face,
            'direction' => $face->isAcross() ? 'across' : 'up',
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
            'pieces' => $pieces,
            'marks' => $this->marks($card),
        ];
    }

    /** @return PlanPanelShape['marks']  pencil marks on the back, running distances from one end */
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
