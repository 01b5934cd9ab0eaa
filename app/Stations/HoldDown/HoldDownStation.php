<?php

declare(strict_types=1);

namespace App\Stations\HoldDown;

use App\Documents\Reading;
use App\Stations\Change;
use App\Stations\Station;
use App\Stations\StationFile;
use App\Stations\Wire;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\Plan;
use stdClass;

final class HoldDownStation extends Station
{
    public function __construct(private readonly HoldDownSlice $slice, private readonly FastenersCsv $csv)
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
        return (new HoldDownReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return [
            ...(($before->wind ?? null) == ($after->wind ?? null) ? [] : [new Change('wind', [])]),
            ...(($before->holdDown ?? null) == ($after->holdDown ?? null) ? [] : [new Change('hold-down', [])]),
        ];
    }

    public function tile(Plan $plan): array
    {
        $held = $plan->of(HoldDownStage::class);

        return [...Wire::state($plan, $this->stage(), $held->faces !== []), 'fasteners' => $held->fasteners()];
    }

    public function slices(): array
    {
        return ['hold-down' => $this->slice->of(...)];
    }

    public function has(Plan $plan, string $pick): bool
    {
        return isset($plan->of(HoldDownStage::class)->faces[$pick]);
    }

    public function whole(Plan $plan): array
    {
        $held = $plan->of(HoldDownStage::class);
        $faces = array_values($held->faces);

        return [
            'clips' => array_merge(...array_map(static fn (FaceHold $hold): array => array_map(static fn (Clip $clip): array => [
                'face' => $clip->face, 'seam' => $clip->seam, 'u' => $clip->u, 'v' => $clip->v, 'kind' => $hold->clip->key ?? 'slot', 'zone' => $clip->zone->value,
                'tributarySqFt' => $clip->squareFeet, 'demandLb' => $clip->demand, 'allowableLb' => $clip->allowable,
            ], $hold->clips), $faces)),
            'screws' => array_merge(...array_map(static fn (FaceHold $hold): array => array_map(static fn (Screw $screw): array => ['face' => $screw->face, 'kind' => 'through', 'row' => $screw->row->value, 'u' => $screw->u, 'v' => $screw->v], $hold->screws), $faces)),
            'zones' => array_merge(...array_map(static fn (FaceHold $hold): array => array_map(static fn (array $zone): array => [
                'face' => $hold->face, 'zone' => $zone[0]->value, 'outline' => Wire::line($zone[1]), 'netPsf' => $held->pressures?->net($zone[0], $hold->pitchDegrees),
            ], $hold->zones->outlines()), $faces)),
        ];
    }

    public function files(): array
    {
        return [new StationFile('fasteners.csv', 'text/csv; charset=UTF-8', $this->csv->write(...), isDear: true)];
    }
}
