<?php

declare(strict_types=1);

namespace Imbrex\Stations\Survey;

use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\ShapeKind;
use Imbrex\Core\Survey\Source;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Core\Survey\SurveyStage;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type SurveyTileShape array{state: StateShape, open: int, readings: int}
 */
final class SurveyStation extends Station
{
    public function __construct(private readonly SurveySlice $slice, private readonly SurveyChanges $changes, private readonly ReadingsTable $readings)
    {
    }

    public function key(): string
    {
        return 'survey';
    }

    public function stage(): string
    {
        return 'survey';
    }

    public function read(Reading $reading): SurveyInput
    {
        return (new SurveyReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return $this->changes->between($before->roof->planes ?? [], $after->roof->planes ?? []);
    }

    public function families(): array
    {
        return [
            'bring.' => ['report', 'drawing', 'table'],
            'bring.unit.' => ['in', 'ft', 'mm', 'cm', 'm'],
            'survey.still-' => ['missing', 'wanting'],
            'survey.place.' => ['far-left', 'left', 'middle', 'right', 'far-right'],
            'extra.' => ['risk', 'fixed', 'in-all'],
            'survey.low.' => ['deck', 'old-panel'],
            'shape.' => array_column(ShapeKind::cases(), 'value'),
            'source.' => array_column(Source::cases(), 'value'),
        ];
    }

    /** @return SurveyTileShape */
    public function tile(Plan $plan): array
    {
        $readings = array_sum(array_map(static fn (PlaneSurvey $s): int => count($s->plane->readings), $plan->of(SurveyStage::class)->surveys));

        return [...Wire::state($plan, $this->stage(), $readings > 0 || $plan->of(RoofStage::class)->roof->faces !== []), 'readings' => $readings];
    }

    public function slices(): array
    {
        return ['survey' => fn (Plan $plan, ?string $pick): array => $this->slice->of($plan)];
    }

    public function files(): array
    {
        return [new StationFile('readings.csv', 'text/csv; charset=UTF-8', fn (Edition $edition): string => $this->readings->write($edition->document()))];
    }
}
