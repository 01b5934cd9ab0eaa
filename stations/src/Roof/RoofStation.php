<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\CheckedQuantity;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\Side;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * @phpstan-import-type PlanEdgeShape from FaceWriter
 * @phpstan-import-type PlanFaceShape from FaceWriter
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type RoofTileShape array{state: StateShape, open: int, faces: int, edges: int}
 * @phpstan-type WholeRoofShape array{faces: list<PlanFaceShape>, edges: list<PlanEdgeShape>}
 */
final class RoofStation extends Station
{
    public function __construct(
        private readonly FaceWriter $faces,
        private readonly RoofSlice $slice,
        private readonly RoofChanges $changes,
        private readonly RoofDxf $drawing,
    ) {
    }

    public function key(): string
    {
        return 'roof';
    }

    public function stage(): string
    {
        return 'roof';
    }

    public function read(Reading $reading): RoofInput
    {
        return (new RoofReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return $this->changes->between($before, $after);
    }

    public function families(): array
    {
        return [
            'deck.' => array_column(DeckKind::cases(), 'value'),
            'edge.' => array_column(EdgeKind::cases(), 'value'),
            'opening.' => array_column(OpeningKind::cases(), 'value'),
            'check.' => array_column(CheckedQuantity::cases(), 'value'),
            'side.' => array_column(Side::cases(), 'value'),
            'roof.view.' => ['plan', 'space', 'still', 'table'],
            'roof.from.' => ['south-west', 'south-east', 'north-east', 'north-west'],
            'roof.form.' => ['gable', 'gable-across', 'hip', 'hip-one-end', 'shed'],
        ];
    }

    /** @return RoofTileShape */
    public function tile(Plan $plan): array
    {
        $roof = $plan->of(RoofStage::class)->roof;

        return [...Wire::state($plan, $this->stage(), $roof->faces !== []), 'faces' => count($roof->faces), 'edges' => count($roof->edges)];
    }

    public function slices(): array
    {
        return ['roof' => fn (Plan $plan, ?string $pick): array => $this->slice->of($plan)];
    }

    /** @return WholeRoofShape */
    public function whole(Plan $plan): array
    {
        $roof = $plan->of(RoofStage::class)->roof;

        $built = $plan->of(EdgesStage::class)->edges;

        return [
            'faces' => array_map($this->faces->face(...), $roof->faces),
            'edges' => array_map(fn (Edge $edge): array => [...$this->faces->edge($edge), 'build' => isset($built[$edge->id]) ? $built[$edge->id]->build->key : null], $roof->edges),
        ];
    }

    public function files(): array
    {
        return [new StationFile('roof.dxf', 'image/vnd.dxf', fn (Edition $edition): string => $this->drawing->write($edition->plan()))];
    }
}
