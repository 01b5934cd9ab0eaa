<?php

declare(strict_types=1);

namespace Imbrex\Stations\Fit;

use Imbrex\Core\Fit\BareSpot;
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\Fit\Misfit;
use Imbrex\Core\Fit\MisfitKind;
use Imbrex\Core\Plan;
use Imbrex\Stations\Station;
use Imbrex\Stations\Wire;

/**
 * The roof judged as it is built. What is found shows at the edges.
 *
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type BareSpotShape array{
 *     face: string,
 *     // Left, bottom, right and top of the rectangle round it, on the face, inches.
 *     bounds: array{float, float, float, float},
 *     // Square inches.
 *     area: float,
 *     // Convex parts it is made up of.
 *     outlines: list<PlanOutlineShape>,
 * }
 * @phpstan-type MisfitShape array{
 *     kind: 'screw-off'|'clip-off'|'fixed-off'|'cap-short',
 *     face: string,
 *     edge: string,
 *     piece: string,
 *     at: PlanPointShape,
 *     // Inches it misses by.
 *     by: float,
 * }
 * @phpstan-type WholeFitShape array{judged: array{cover: list<BareSpotShape>, fit: list<MisfitShape>}}
 */
final class FitStation extends Station
{
    public function key(): string
    {
        return 'fit';
    }

    public function stage(): string
    {
        return 'fit';
    }

    public function families(): array
    {
        return ['finding.fit.' => array_column(MisfitKind::cases(), 'value')];
    }

    /** @return WholeFitShape */
    public function whole(Plan $plan): array
    {
        $judged = $plan->of(FitStage::class);

        return ['judged' => [
            'cover' => array_map(static fn (BareSpot $spot): array => ['face' => $spot->face, 'bounds' => [$spot->left, $spot->bottom, $spot->right, $spot->top], 'area' => $spot->area, 'outlines' => $spot->outlines], $judged->bare),
            'fit' => array_map(static fn (Misfit $one): array => ['kind' => $one->kind->value, 'face' => $one->face, 'edge' => $one->edge, 'piece' => $one->piece, 'at' => Wire::point($one->at), 'by' => $one->by], $judged->misfits),
        ]];
    }
}
