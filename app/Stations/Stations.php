<?php

declare(strict_types=1);

namespace App\Stations;

use App\Stations\Builds\BuildsStation;
use App\Stations\Cutting\CuttingStation;
use App\Stations\Edges\EdgesStation;
use App\Stations\HoldDown\HoldDownStation;
use App\Stations\Layout\LayoutStation;
use App\Stations\LoadOut\LoadOutStation;
use App\Stations\Movement\MovementStation;
use App\Stations\Openings\OpeningsStation;
use App\Stations\Roof\RoofStation;
use App\Stations\Survey\SurveyStation;
use App\Stations\Trims\TrimsStation;
use App\Stations\Water\WaterStation;
use Illuminate\Contracts\Container\Container;
use Illuminate\Support\Arr;
use Imbrex\Core\Plan;

/** The one list of stations, in the order of work. */
final class Stations
{
    /** @var list<class-string<Station>> */
    private const IN_ORDER = [
        SurveyStation::class,
        RoofStation::class,
        BuildsStation::class,
        LayoutStation::class,
        CuttingStation::class,
        EdgesStation::class,
        TrimsStation::class,
        OpeningsStation::class,
        HoldDownStation::class,
        MovementStation::class,
        WaterStation::class,
        LoadOutStation::class,
    ];

    /** @var list<Station>|null */
    private ?array $stations = null;

    public function __construct(private readonly Container $container)
    {
    }

    /** @return list<Station> */
    public function all(): array
    {
        return $this->stations ??= array_map(fn (string $class): Station => $this->container->make($class), self::IN_ORDER);
    }

    public function station(string $key): ?Station
    {
        foreach ($this->all() as $station) {
            if ($station->key() === $key) {
                return $station;
            }
        }

        return null;
    }

    /** @return array<string, array<string, mixed>> how far each is, of those that have a tile */
    public function tiles(Plan $plan): array
    {
        $tiles = [];
        foreach ($this->all() as $station) {
            $tiles[$station->key()] = $station->tile($plan);
        }

        return array_filter($tiles, static fn (?array $tile): bool => $tile !== null);
    }

    /** The station that shows a slice. */
    public function showing(string $slice): ?Station
    {
        return Arr::first($this->all(), static fn (Station $station): bool => isset($station->slices()[$slice]));
    }

    public function file(string $name): ?StationFile
    {
        return Arr::first($this->files(), static fn (StationFile $file): bool => $file->name === $name);
    }

    /** @return list<StationFile> in the order of work */
    public function files(): array
    {
        return array_merge(...array_map(static fn (Station $station): array => $station->files(), $this->all()));
    }
}
