<?php

declare(strict_types=1);

namespace Imbrex\Core\RoofLog;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;

/** Panels that are cut, held against what they would be now. */
final class PanelsCut
{
    /** A piece that differs by less (in) from its card is still that piece. */
    private const SAME_PIECE = 1.0 / 32.0;

    /** So many are told by name. */
    private const NAMED = 6;

    /** @return list<Finding> a face with panels cut before the plan changed under them */
    public static function findings(Plan $plan): array
    {
        $cut = $plan->circumstances->part(PiecesCut::class)->panels;
        $otherwise = [];
        foreach ($cut === [] ? [] : $plan->of(CuttingStage::class)->panels as $panel) {
            $was = $cut[$panel->id] ?? null;
            if ($was !== null && max(abs($was->long - $panel->long), abs($was->short - $panel->short)) > self::SAME_PIECE) {
                $otherwise[$panel->face][] = $panel->id;
            }
        }
        $findings = [];
        foreach ($otherwise === [] ? [] : $plan->of(RoofStage::class)->roof->faces as $face) {
            $own = $otherwise[$face->id] ?? [];
            if ($own !== []) {
                $findings[] = Finding::settle('log.panels-otherwise', $face->id, ['panels' => count($own), 'pieces' => implode(', ', array_map($face->pieceName(...), array_slice($own, 0, self::NAMED)))]);
            }
        }

        return array_map(static fn (Finding $finding): Finding => $finding->from('roof-log'), $findings);
    }
}
