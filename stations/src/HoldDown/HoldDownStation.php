<?php

declare(strict_types=1);

namespace Imbrex\Stations\HoldDown;

use Imbrex\Core\Ground\Metalwork\FastenerKind;
use Imbrex\Core\HoldDown\Carrier;
use Imbrex\Core\HoldDown\ClipBook;
use Imbrex\Core\HoldDown\ClipKind;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\Exposure;
use Imbrex\Core\HoldDown\FixedBy;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\HoldDown\Snow\GuardFor;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Stations\Change;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type HoldDownTileShape array{state: StateShape, open: int, fasteners: int}
 */
final class HoldDownStation extends Station
{
    public function __construct(private readonly HoldDownSlice $slice, private readonly HemTable $hems, private readonly HoldDownWriter $writer, private readonly FastenersCsv $csv, private readonly HoldDownSheet $sheet, private readonly DrillTemplateSheet $drill, private readonly HemCard $card)
    {
    }

    public function key(): string
    {
        return 'hold-down';
    }

    public function stage(): string
    {
        return 'hold-down';
    }

    public function read(Reading $reading): HoldDownInput
    {
        $reading->keep((new SnowReader($reading))->input());

        return (new HoldDownReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        $changes = [];
        foreach (['wind' => 'wind', 'holdDown' => 'hold-down', 'snow' => 'snow'] as $field => $change) {
            if (($before->{$field} ?? null) != ($after->{$field} ?? null)) {
                $changes[] = new Change($change, []);
            }
        }

        return $changes;
    }

    public function families(): array
    {
        return [
            'clip.' => array_keys(ClipBook::shipped()->all()),
            'hold.school.' => ClipSchool::keys(),
            'hold.school-how.' => ClipSchool::keys(),
            'hold.screw.' => array_values(array_unique(array_map(static fn (ClipKind $clip): string => $clip->screw, ClipBook::shipped()->all()))),
            'hold.row.' => array_column(ScrewRow::cases(), 'value'),
            'hold.wind.' => ['none', 'estimate', 'given'],
            'hold.exposure.' => array_column(Exposure::cases(), 'value'),
            'hold.pressures.' => array_column(WindZone::cases(), 'value'),
            'hold.level.' => ['allowable', 'ultimate'],
            'hold.fix.' => FixedBy::keys(),
            'carrier.' => array_column(Carrier::cases(), 'value'),
            'snow.for.' => array_column(GuardFor::cases(), 'value'),
            'snow.kind.' => array_column(GuardKind::cases(), 'value'),
            'supply.' => ['boards', 'flat-metal', 'pads', 'clamps', 'rail', 'slip-sheet'],
            'fastener.' => [...array_column(FastenerKind::cases(), 'value'), 'hex', 'hex-long'],
        ];
    }

    /** @return HoldDownTileShape */
    public function tile(Plan $plan): array
    {
        $held = $plan->of(HoldDownStage::class);

        return [...Wire::state($plan, $this->stage(), $held->faces !== []), 'fasteners' => $held->fasteners()];
    }

    public function slices(): array
    {
        return ['hold-down' => $this->slice->of(...), 'hem' => $this->hems->of(...)];
    }

    public function slicesOfTheDay(): array
    {
        return ['hem'];
    }

    public function has(Plan $plan, string $pick): bool
    {
        return isset($plan->of(HoldDownStage::class)->faces[$pick]);
    }

    public function whole(Plan $plan): array
    {
        return $this->writer->whole($plan);
    }

    public function files(): array
    {
        return [
            new StationFile('hold-down.pdf', 'application/pdf', $this->sheet->pdf(...), isDear: true),
            new StationFile('drill-template.pdf', 'application/pdf', $this->drill->pdf(...), fn (Edition $edition): bool => $this->drill->isThere($edition->plan())),
            new StationFile('hem-card.pdf', 'application/pdf', $this->card->pdf(...), fn (Edition $edition): bool => $this->card->isThere($edition->plan())),
            new StationFile('fasteners.csv', 'text/csv; charset=UTF-8', $this->csv->write(...), isDear: true),
        ];
    }
}
