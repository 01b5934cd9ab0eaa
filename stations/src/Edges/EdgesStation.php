<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Builds\Build;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\Layer;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\Junctions\JunctionBook;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Edges\Junctions\JunctionRun;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;

/**
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type PlanBuildShape array{
 *     // Of an edge: its id.
 *     edge?: string,
 *     key: string,
 *     version: int,
 *     layers: list<PlanLayerShape>,
 *     // Whether water leaves over every lap of its section; what is judged of the whole roof stands in `judged`.
 *     sheds: bool,
 *     // Of a junction: its id.
 *     junction?: string,
 *     // Ids of the edges that meet at the junction.
 *     edges?: list<string>,
 * }
 * @phpstan-type PlanLayerShape array{
 *     key: string,
 *     // Keys of the layers it lies on somewhere, from the deck up.
 *     over: list<string>,
 *     fastener?: string|null,
 *     // On centre, inches; 0 = at every rib.
 *     spacing?: float|null,
 *     sealant?: string|null,
 *     // On the section's path: inches from the roof line, positive outwards, or over the line of a ridge, a hip or a valley.
 *     position?: array{float, float},
 * }
 * @phpstan-type EdgesTileShape array{state: StateShape, open: int, builds: int}
 * @phpstan-type WholeEdgesShape array{builds: list<PlanBuildShape>}
 */
final class EdgesStation extends Station
{
    public function __construct(private readonly EdgesSlice $slice, private readonly SticksSlice $sticks, private readonly EndsSlice $ends, private readonly EdgeBook $book, private readonly EndCardsPdf $cards)
    {
    }

    public function key(): string
    {
        return 'edges';
    }

    public function stage(): string
    {
        return 'edges';
    }

    public function read(Reading $reading): MetalsInput
    {
        $metals = $reading->document->metals ?? null;

        return new MetalsInput(
            isset($metals->trims) ? (string) $metals->trims : null,
            isset($metals->screws) ? (string) $metals->screws : null,
            isset($metals->rivets) ? (string) $metals->rivets : null,
            ($metals->fascia ?? null) === 'treated',
            ($metals->walls ?? null) === 'mortar',
        );
    }

    public function families(): array
    {
        $builds = array_map(static fn (Build $build): string => $build->key, BuildBook::shipped()->all());
        $layers = array_unique(array_merge(...array_map(static fn (Build $build): array => array_map(static fn (Layer $layer): string => $layer->key, $build->layers), BuildBook::shipped()->all())));
        $pieces = array_merge(...array_map(static fn (JunctionKind $kind): array => array_column(JunctionBook::of($kind)->pieces, 'key'), JunctionKind::cases()));

        return [
            'edges.view.' => ['section', 'sticks', 'ends', 'corners', 'roof', 'schedule'],
            'layer.' => [...$layers, ...$pieces],
            'junction.' => [...array_column(JunctionKind::cases(), 'value'), ...array_map(static fn (string $kind): string => "$kind.why", array_column(JunctionKind::cases(), 'value'))],
            'build.' => [...$builds, ...array_map(static fn (string $build): string => "$build.why", $builds)],
            'finding.edges.contact-' => ['run-off', 'touch', 'rivet', 'nail', 'screw', 'timber', 'mortar'],
            'seal.' => array_column(SealKind::cases(), 'value'),
            'layer-role.' => ['membrane', 'trim', 'cleat', 'zee', 'closure', 'vent', 'tape', 'sealant'],
            'edges.own.' => ['from', 'to', 'lap'],
            'edges.metals.' => ['trims', 'screws', 'rivets', 'fascia', 'walls', 'trims-usual', 'screws-usual', 'rivets-usual', 'fascia-usual', 'walls-usual'],
            'layer-note.' => LayerWords::NOTED,
            'layer-caution.' => ['swarf', ...array_values(array_unique(LayerWords::CAUTIONS))],
            'edges.differs-' => ['added', 'dropped', 'moved', 'spaced'],
        ];
    }

    /** @return EdgesTileShape */
    public function tile(Plan $plan): array
    {
        return [...Wire::state($plan, $this->stage(), $plan->of(RoofStage::class)->roof->edges !== [], $plan->findingsOf('fit')), 'builds' => $plan->of(EdgesStage::class)->kinds()];
    }

    public function slices(): array
    {
        return ['edges' => $this->slice->of(...), 'sticks' => $this->sticks->of(...), 'ends' => $this->ends->of(...)];
    }

    public function slicesOfTheLog(): array
    {
        return ['sticks', 'ends'];
    }

    public function has(Plan $plan, string $pick): bool
    {
        $built = $plan->of(EdgesStage::class);

        return isset($built->edges[$pick]) || isset($built->junctions[$pick]) || isset($plan->of(TrimsStage::class)->runs[$pick]);
    }

    /** @return WholeEdgesShape */
    public function whole(Plan $plan): array
    {
        return ['builds' => [...array_values(array_map($this->edge(...), $plan->of(EdgesStage::class)->edges)), ...array_values(array_map($this->junction(...), $plan->of(EdgesStage::class)->junctions))]];
    }

    /** @return PlanBuildShape */
    private function edge(BuiltEdge $built): array
    {
        return [

            'edge' => $built->edge->id,
            'key' => $built->build->key,
            'version' => $built->build->version,
            'layers' => array_map(static fn (PlacedLayer $layer): array => [
                'key' => $layer->layer->key,
                'over' => array_map(static fn (PlacedLayer $other): string => $other->layer->key, $built->section->under($layer)),
                'fastener' => $layer->layer->fastener?->kind->value,
                'spacing' => $layer->layer->fastener?->spacing,
                'sealant' => $layer->layer->seal()?->kind->value,
                'position' => [$layer->from, $layer->to],
            ], $built->section->layers),
            'sheds' => $built->sheds(),
        ];
    }

    /** @return PlanBuildShape */
    private function junction(BuiltJunction $built): array
    {
        return [
            'junction' => $built->id,
            'edges' => $built->edges,
            'key' => $built->junction->kind->value,
            'version' => 1,
            'layers' => array_map(static fn (string $key, array $over): array => ['key' => $key, 'over' => $over], array_keys($over = JunctionRun::laps($built->junction)), array_values($over)),
            'sheds' => $built->sheds(),
        ];
    }

    public function files(): array
    {
        return [
            new StationFile('edge-book.pdf', 'application/pdf', $this->book->pdf(...), isDear: true),
            new StationFile('end-cards.pdf', 'application/pdf', $this->cards->cards(...), fn (Edition $edition): bool => $this->cards->hasCards($edition->plan()), isDear: true),
            new StationFile('end-templates.pdf', 'application/pdf', $this->cards->templates(...), fn (Edition $edition): bool => $this->cards->hasTemplates($edition->plan()), isDear: true),
        ];
    }
}
