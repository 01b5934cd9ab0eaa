<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\FixedPoint;
use Imbrex\Core\HoldDown\Screw;
use Imbrex\Core\HoldDown\ScrewRow;
use Imbrex\Core\HoldDown\WindZone;

/** Clips, screws and fixed points as bare numbers, for where a plan is kept: a large one has hundreds of thousands. */
final class HeldPack
{
    private const CLIP = 6;

    private const SCREW = 7;

    /** @param  list<Clip>  $clips */
    public static function clips(array $clips): string
    {
        $flat = [];
        foreach ($clips as $one) {
            array_push($flat, $one->seam, $one->u, $one->v, self::place(WindZone::cases(), $one->zone), $one->squareFeet, $one->demand ?? NAN);
        }

        return pack('d*', ...$flat);
    }

    /** @return list<Clip> */
    public static function clipsFrom(string $packed, string $face, float $allowable): array
    {
        $zones = WindZone::cases();
        $clips = [];
        foreach (self::rows($packed, self::CLIP) as [$seam, $u, $v, $zone, $squareFeet, $demand]) {
            $clips[] = new Clip(
                face: $face,
                seam: (int) $seam,
                u: $u,
                v: $v,
                zone: $zones[(int) $zone],
                squareFeet: $squareFeet,
                demand: is_nan($demand) ? null : $demand,
                allowable: $allowable,
            );
        }

        return $clips;
    }

    /**
     * @param  list<Screw>  $screws
     * @return array{list<string>, string} ids of the panels, and the screws
     */
    public static function screws(array $screws): array
    {
        $panels = $flat = [];
        foreach ($screws as $one) {
            $panels[$one->panel] ??= count($panels);
            array_push($flat, $panels[$one->panel], self::place(ScrewRow::cases(), $one->row), $one->u, $one->v, self::place(WindZone::cases(), $one->zone), $one->squareFeet, $one->demand ?? NAN);
        }

        return [array_map(strval(...), array_keys($panels)), pack('d*', ...$flat)];
    }

    /**
     * @param  array{list<string>, string}  $packed
     * @return list<Screw>
     */
    public static function screwsFrom(array $packed, string $face, float $allowable): array
    {
        [$rows, $zones] = [ScrewRow::cases(), WindZone::cases()];
        $screws = [];
        foreach (self::rows($packed[1], self::SCREW) as [$panel, $row, $u, $v, $zone, $squareFeet, $demand]) {
            $screws[] = new Screw(
                face: $face,
                panel: $packed[0][(int) $panel],
                row: $rows[(int) $row],
                u: $u,
                v: $v,
                zone: $zones[(int) $zone],
                squareFeet: $squareFeet,
                demand: is_nan($demand) ? null : $demand,
                allowable: $allowable,
            );
        }

        return $screws;
    }

    /**
     * @param  list<FixedPoint>  $fixed
     * @return list<array{string, float, float, string}>
     */
    public static function fixed(array $fixed): array
    {
        return array_map(static fn (FixedPoint $one): array => [$one->panel, $one->demand, $one->allowable, pack('d*', ...array_merge(...array_map(static fn (Point $point): array => [$point->u, $point->v], $one->at)))], $fixed);
    }

    /**
     * @param  list<array{string, float, float, string}>  $packed
     * @return list<FixedPoint>
     */
    public static function fixedFrom(array $packed): array
    {
        return array_map(static function (array $one): FixedPoint {
            $at = [];
            foreach (self::rows($one[3], 2) as [$u, $v]) {
                $at[] = new Point($u, $v);
            }

            return new FixedPoint($one[0], $at, $one[1], $one[2]);
        }, $packed);
    }

    /** @return iterable<list<float>> */
    private static function rows(string $packed, int $wide): iterable
    {
        $bytes = 8 * $wide;
        for ($at = 0, $end = strlen($packed); $at < $end; $at += $bytes) {
            /** @var array<int, float> $row */
            $row = unpack("d$wide", $packed, $at);

            yield array_values($row);
        }
    }

    /**
     * @template T of \UnitEnum
     *
     * @param  list<T>  $cases
     * @param  T  $case
     */
    private static function place(array $cases, \UnitEnum $case): int
    {
        return (int) array_search($case, $cases, true);
    }
}
