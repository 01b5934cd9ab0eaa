<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Fit\FittedLine;
use Imbrex\Core\Cutting\Fit\LineFit;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Cutting\Fit\TapedMark;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;

/**
 * Puts edges' fitted lines into the wire shape of the whole plan.
 *
 * @phpstan-import-type PlanAnglesShape from PanelWriter
 *
 * @phpstan-type LineFittedShape array{
 *     angleToRibDegrees: PlanAnglesShape,
 *     // From the middle of the drawn edge, square to the line on the deck of its first face; positive where that has grown.
 *     offset: float,
 * }
 * @phpstan-type PlanLineShape array{
 *     edge: string,
 *     planned: array{angleToRibDegrees: PlanAnglesShape},
 *     // Null where none of the observations could be used.
 *     fitted: LineFittedShape|null,
 *     // The observation without which the others agree best, where one misses by more than the house rule.
 *     likeliestWrong: string|null,
 *     observations: list<PlanObservationShape>,
 * }
 * @phpstan-type PlanObservationShape array{
 *     id: string,
 *     panel?: string,
 *     side?: 'long'|'short',
 *     // u of the seam.
 *     seam?: float,
 *     measured: float,
 *     // How much more was read than the fitted line has it.
 *     miss: float,
 *     // Kept apart until somebody confirms it.
 *     apart: bool,
 * }
 */
final class LinesWriter
{
    /** @return list<PlanLineShape> */
    public function lines(Plan $plan): array
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $lines = [];
        foreach ($plan->of(CuttingStage::class)->fits->lines as $id => $fitted) {
            $edge = $roof->edge($id);
            if ($edge !== null) {
                $lines[] = [
                    'edge' => $id,
                    'planned' => ['angleToRibDegrees' => (object) $edge->angleToRibDegrees],
                    'fitted' => $fitted->line === null ? null : $this->fitted($roof, $edge, $fitted->line),
                    'likeliestWrong' => $fitted->likeliestWrong,
                    'observations' => array_map(static fn (TapedMark $mark): array => self::observation($fitted, $mark), $fitted->marks),
                ];
            }
        }

        return $lines;
    }

    /** @return LineFittedShape */
    private function fitted(Roof $roof, Edge $edge, LineFit $line): array
    {
        $angles = [];
        $offset = null;
        foreach ($edge->faces as $face) {
            $frame = $roof->face($face)?->frame;
            if ($frame !== null) {
                $angles[$face] = $line->angleToRibDegrees($frame);
                $offset ??= $line->offset($frame);
            }
        }

        return ['angleToRibDegrees' => (object) $angles, 'offset' => $offset ?? 0.0];
    }

    /** @return PlanObservationShape */
    private static function observation(FittedLine $fitted, TapedMark $mark): array
    {
        $taped = $mark->observation->taped;

        return [
            'id' => $mark->observation->id,
            ...($taped instanceof SideTaped ? ['panel' => $taped->panel, 'side' => $taped->longSide ? 'long' : 'short'] : ['seam' => $taped->u]),
            'measured' => $mark->observation->measured(),
            'miss' => $fitted->misses[$mark->observation->id],
            'apart' => isset($fitted->apart[$mark->observation->id]),
        ];
    }
}
