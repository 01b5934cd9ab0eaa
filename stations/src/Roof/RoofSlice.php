<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\CheckResult;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\WallLine;
use Imbrex\Stations\Wire;

/**
 * The whole roof as the Roof station wants it: faces and edges in plan and in the air, walls, checks.
 *
 * @phpstan-import-type ReadingSourceShape from Wire
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type PlanEdgeShape from FaceWriter
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanOpeningShape from FaceWriter
 * @phpstan-import-type PlanOutlineShape from Wire
 *
 * @phpstan-type SpacePointShape array{float, float, float}
 * @phpstan-type RoofFaceShape array{
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
 *     // The outline, then the holes, in x, y and height.
 *     loops: list<list<SpacePointShape>>,
 *     openings: list<PlanOpeningShape>,
 *     longestRun: float,
 * }
 * @phpstan-type RoofWallShape array{block: string, side: string, top: list<SpacePointShape>}
 * @phpstan-type RoofCheckShape array{
 *     id: string,
 *     quantity: 'length'|'eaveToRidge'|'pitch'|'eaveHeight',
 *     where: string,
 *     value: float,
 *     source: ReadingSourceShape,
 *     expected: float,
 *     miss: float,
 *     tolerance: float,
 *     agrees: bool,
 * }
 * @phpstan-type RoofSliceShape array{
 *     faces: list<RoofFaceShape>,
 *     edges: list<PlanEdgeShape>,
 *     walls: list<RoofWallShape>,
 *     checks: list<RoofCheckShape>,
 *     wanting: list<string>,
 *     findings: list<PlanFindingShape>,
 *     areaSquareFeet: float,
 *     edgeTotals: list<array{
 *         kind: EdgeKindShape,
 *         count: int,
 *         length: float,
 *     }>,
 * }
 */
final readonly class RoofSlice
{
    public function __construct(private FaceWriter $faces, private Wire $wire)
    {
    }

    /** @return RoofSliceShape */
    public function of(Plan $plan): array
    {
        $roof = $plan->of(RoofStage::class)->roof;

        return [
            'faces' => array_map(fn (Face $f): array => [...$this->faces->face($f), 'loops' => $this->inTheAir($f), 'longestRun' => $f->longestRun()], $plan->of(RoofStage::class)->roof->faces),
            'edges' => array_map($this->faces->edge(...), $plan->of(RoofStage::class)->roof->edges),
            'areaSquareFeet' => $roof->areaSquareFeet(),
            'edgeTotals' => array_map(static fn (array $total): array => [...$total, 'kind' => $total['kind']->value], $roof->edgeTotals()),
            'walls' => array_merge([], ...array_map(fn (Block $b): array => $this->walls($b, $plan->job->part(RoofInput::class)->blocks), $plan->job->part(RoofInput::class)->blocks)),
            'checks' => array_map($this->check(...), $plan->of(RoofStage::class)->checks->results),
            'wanting' => $plan->of(RoofStage::class)->checks->wanting,
            'findings' => $this->wire->findings($plan, $plan->findingsOf('roof')),
        ];
    }

    /** @return list<list<array{float, float, float}>> the outline, then the holes, in x, y and height */
    private function inTheAir(Face $face): array
    {
        $loops = $face->plan()?->loops() ?? [];

        return array_map(static fn ($loop): array => array_map(
            static fn (Point $p): array => [$p->u, $p->v, $face->frame?->plane->at($p) ?? 0.0],
            $loop->corners,
        ), $loops);
    }

    /**
     * @param  list<Block>  $all
     * @return list<array{block: string, side: string, top: list<array{float, float, float}>}>
     */
    private function walls(Block $block, array $all): array
    {
        return array_map(static fn (WallLine $line): array => [
            'block' => $block->id,
            'side' => $line->side->value,
            'top' => array_map(static fn (array $at): array => [$at[0]->u, $at[0]->v, $at[1]], $line->top),
        ], WallLine::round($block, $all));
    }

    /** @return RoofCheckShape */
    private function check(CheckResult $result): array
    {
        return [
            'id' => $result->check->id,
            'quantity' => $result->check->quantity->value,
            'where' => $result->check->where,
            'value' => $result->check->value,
            'source' => $result->check->source->value,
            'expected' => $result->expected,
            'miss' => $result->miss(),
            'tolerance' => $result->tolerance,
            'agrees' => $result->agrees(0.0),
        ];
    }
}
