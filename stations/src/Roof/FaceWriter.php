<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * Puts faces and edges into their wire shapes. Lengths are inches, unrounded.
 *
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type PlanOutlineShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type PlanFaceShape array{
 *     id: string,
 *     name: string,
 *     riseIn12: float,
 *     outline: PlanOutlineShape,
 *     edges: list<EdgeKindShape>,
 *     areaSquareFeet: float,
 *     // The block it belongs to; null for a measured plane.
 *     block: string|null,
 *     // The opening it sheds behind: a face of its cricket, or its panels laid sideways.
 *     behind: string|null,
 *     // Which way its panels run. Its own frame is turned with them: v along the panels.
 *     direction: 'up'|'across',
 *     slopeFactor: float,
 *     // On the deck, clockwise.
 *     holes: list<PlanOutlineShape>,
 *     holeEdges: list<list<EdgeKindShape>>,
 *     // Corners [x, y] in plan, counter-clockwise.
 *     planOutline: PlanOutlineShape,
 *     planHoles: list<PlanOutlineShape>,
 *     openings: list<PlanOpeningShape>,
 * }
 * @phpstan-type PlanOpeningShape array{
 *     id: string,
 *     name: string,
 *     kind: 'pipe'|'chimney'|'skylight'|'curb'|'vent',
 *     outline: PlanOutlineShape,
 * }
 * @phpstan-type PlanEdgeShape array{
 *     id: string,
 *     kind: EdgeKindShape,
 *     faces: list<string>,
 *     // True length in inches.
 *     length: float,
 *     plan: array{PlanPointShape, PlanPointShape},
 *     // Counter-clockwise from east, 0 to under 180.
 *     planAngleDegrees: float,
 *     // At both ends, inches.
 *     heights: array{float, float},
 *     // On the deck, by face id.
 *     angleToRibDegrees: array<string, float>|stdClass,
 *     // The angle a trim is bent to, 180 in one flat; null at an open edge.
 *     dihedralDegrees: float|null,
 *     // The block whose wall stands there.
 *     wall: string|null,
 *     // The build it has, by key; in the whole plan only.
 *     build?: string|null,
 * }
 */
final class FaceWriter
{
    /** @return PlanFaceShape */
    public function face(Face $face): array
    {
        $plan = $face->plan();

        return [
            'id' => $face->id,
            'name' => $face->name,
            'riseIn12' => $face->pitch->riseIn12,
            'outline' => Wire::outline($face->outline),
            'edges' => array_map(static fn ($kind): string => $kind->value, $face->edges),
            'areaSquareFeet' => $face->areaSquareFeet(),
            'block' => $face->block,
            'behind' => $face->behind,
            'direction' => $face->isAcross() ? 'across' : 'up',
            'slopeFactor' => $face->pitch->slopeFactor(),
            'holes' => array_map(Wire::outline(...), $face->holes),
            'holeEdges' => array_map(static fn (array $edges): array => array_map(static fn ($kind): string => $kind->value, $edges), $face->holeEdges),
            'planOutline' => Wire::outline($plan->outline ?? $face->outline),
            'planHoles' => array_map(Wire::outline(...), $plan->holes ?? []),
            'openings' => array_map(static fn (Opening $opening): array => [
                'id' => $opening->id, 'name' => $opening->name, 'kind' => $opening->kind->value, 'outline' => Wire::outline($opening->outline),
            ], $face->openings),
        ];
    }

    /** @return PlanEdgeShape */
    public function edge(Edge $edge): array
    {
        return [
            'id' => $edge->id,
            'kind' => $edge->kind->value,
            'faces' => $edge->faces,
            'length' => $edge->length(),
            'plan' => [[$edge->from->u, $edge->from->v], [$edge->to->u, $edge->to->v]],
            'planAngleDegrees' => $edge->planAngleDegrees(),
            'heights' => [$edge->fromHeight, $edge->toHeight],
            'angleToRibDegrees' => (object) $edge->angleToRibDegrees,
            'dihedralDegrees' => $edge->dihedralDegrees,
            'wall' => $edge->wall,
        ];
    }
}
