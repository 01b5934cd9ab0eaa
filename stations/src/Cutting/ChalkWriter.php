<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CleatLine;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Fit\Taped;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Stations\Wire;

/**
 * Puts the lines snapped on the deck into their wire shape.
 *
 * @phpstan-import-type PlanPointShape from Wire
 *
 * Where to snap for a valley cleat: its uphill edge, reveal + nose + flange from the centre; behind a closure its uphill side.
 *
 * @phpstan-type PlanChalkShape array{
 *     face: string,
 *     edge: string|null,
 *     reveal: float,
 *     offset: float,
 *     from: PlanPointShape,
 *     to: PlanPointShape,
 * }
 */
final class ChalkWriter
{
    /**
     * @param  list<Face>  $faces
     * @return list<PlanChalkShape> what is snapped for the cleats of their valleys
     */
    public function chalk(Plan $plan, array $faces): array
    {
        // Where nothing was taped, nothing need be cut to know where to snap.
        $fits = $plan->circumstances->part(Taped::class)->marks === [] ? null : $plan->of(CuttingStage::class)->fits;
        $lines = new CleatLines($plan->of(BuildsStage::class), new SideFinder($plan->of(RoofStage::class)->roof), $fits);

        return array_merge(...array_map(static fn (Face $face): array => array_map(static fn (CleatLine $line): array => [
            'face' => $line->face,
            'edge' => $line->edge,
            'reveal' => $line->reveal,
            'offset' => $line->offset,
            'from' => [$line->from->u, $line->from->v],
            'to' => [$line->to->u, $line->to->v],
        ], $lines->on($face)), $faces));
    }
}
