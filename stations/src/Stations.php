<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Plan;
use Imbrex\Stations\Builds\BuildsStation;
use Imbrex\Stations\Cutting\CuttingStation;
use Imbrex\Stations\Edges\EdgesStation;
use Imbrex\Stations\Fit\FitStation;
use Imbrex\Stations\HoldDown\HoldDownStation;
use Imbrex\Stations\Layout\LayoutStation;
use Imbrex\Stations\LoadOut\LoadOutStation;
use Imbrex\Stations\Movement\MovementStation;
use Imbrex\Stations\Openings\OpeningsStation;
use Imbrex\Stations\Roof\RoofStation;
use Imbrex\Stations\RoofLog\RoofLogStation;
use Imbrex\Stations\Survey\SurveyStation;
use Imbrex\Stations\Trims\TrimsStation;
use Imbrex\Stations\Water\WaterStation;
use LogicException;
use Psr\Container\ContainerInterface;

/**
 * The one list of stations, in the order of work.
 *
 * @phpstan-import-type AnyTile from Station
 */
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
        FitStation::class,
        LoadOutStation::class,
        RoofLogStation::class,
    ];

    /** @var list<Station>|null */
    private ?array $stations = null;

    public function __construct(private readonly ContainerInterface $container)
    {
    }

    /** @return list<Station> */
    public function all(): array
    {
        return $this->stations ??= array_map(fn (string $class): Station => $this->made($class), self::IN_ORDER);
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

    /** @return array<string, AnyTile> how far each is, of those that have a tile */
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
        foreach ($this->all() as $station) {
            if (isset($station->slices()[$slice])) {
                return $station;
            }
        }

        return null;
    }

    public function file(string $name): ?StationFile
    {
        return array_column($this->files(), null, 'name')[$name] ?? null;
    }

    /** @return list<StationFile> in the order of work */
    public function files(): array
    {
        return array_merge(...array_map(static fn (Station $station): array => $station->files(), $this->all()));
    }

    /** @param  class-string<Station>  $class */
    private function made(string $class): Station
    {
        $station = $this->container->get($class);

        return $station instanceof Station ? $station : throw new LogicException("$class is no station");
    }
}
