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

/** Puts edges' fitted lines into the wire shape of the whole plan. */
final class LinesWriter
{
    /** @return list<array<string, mixed>> */
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

    /** @return array<string, mixed> */
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

    /** @return array<string, mixed> */
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
