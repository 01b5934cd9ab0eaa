<?php

declare(strict_types=1);

namespace Imbrex\Stations\Water;

use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\Rain;
use Imbrex\Core\Water\WaterInput;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Core\Water\WaterWay;
use Imbrex\Stations\Change;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;
use stdClass;

/**
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type PlanFlowShape array{
 *     of: 'valley'|'opening'|'eave'|'pan',
 *     id: string,
 *     planAreaSqFt: float,
 *     gpm: float,
 *     depth: float|null,
 *     wettedWidth: float|null,
 *     room: float|null,
 * }
 * @phpstan-type WaterTileShape array{state: StateShape, open: int, flow: string}
 * @phpstan-type WholeWaterShape array{flows: list<PlanFlowShape>}
 */
final class WaterStation extends Station
{
    public function __construct(private readonly WaterSlice $slice, private readonly DropSlice $drop, private readonly WaterSheet $sheet, private readonly Words $words)
    {
    }

    public function key(): string
    {
        return 'water';
    }

    public function stage(): string
    {
        return 'water';
    }

    public function read(Reading $reading): WaterInput
    {
        $said = $reading->document->water ?? new stdClass;
        $gutters = [];
        foreach ((array) ($said->gutters ?? []) as $edge => $gutter) {
            $outlets = array_map(static fn (mixed $at): float => (float) $at, array_values((array) $gutter->outlets));
            sort($outlets);
            if ($outlets !== []) {
                $gutters[(string) $edge] = $outlets;
            }
        }

        return new WaterInput(isset($said->intensity) ? (float) $said->intensity : null, $gutters);
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return ($before->water ?? null) == ($after->water ?? null) ? [] : [new Change('water', [])];
    }

    public function families(): array
    {
        return [
            'drop.' => array_column(WaterWay::cases(), 'value'),
            'drop.how.' => array_column(WaterWay::cases(), 'value'),
            'drop.end.' => array_column(DropEnd::cases(), 'value'),
        ];
    }

    /** @return WaterTileShape */
    public function tile(Plan $plan): array
    {
        $water = $plan->of(WaterStage::class);

        return [...Wire::state($plan, $this->stage(), $water->squareFeet > 0.0), 'flow' => $this->words->measures($plan->job->units)->water(Rain::gallons($water->squareFeet, $water->intensity), 0)];
    }

    public function slices(): array
    {
        return ['water' => $this->slice->of(...), 'drop' => $this->drop->of(...)];
    }

    /** Eaves may be asked for again; of drops there are as many as anybody lets fall. */
    public function has(Plan $plan, string $pick): bool
    {
        return $plan->of(RoofStage::class)->roof->edge($pick) !== null;
    }

    public function files(): array
    {
        return [new StationFile('water.pdf', 'application/pdf', $this->sheet->pdf(...))];
    }

    /** @return WholeWaterShape */
    public function whole(Plan $plan): array
    {
        return ['flows' => array_map(static fn (Flow $flow): array => [
            'of' => $flow->of, 'id' => $flow->id, 'planAreaSqFt' => $flow->squareFeet, 'gpm' => $flow->gallons, 'depth' => $flow->depth, 'wettedWidth' => $flow->wetted, 'room' => $flow->room,
        ], $plan->of(WaterStage::class)->flows)];
    }
}
