<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Stations\Wire;

/** Puts faces and edges into their wire shapes. Lengths are inches, unrounded. */
final class FaceWriter
{
    /** @return array<string, mixed> */
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

    /** @return array<string, mixed> */
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
