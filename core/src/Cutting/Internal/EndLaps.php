<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\StripCutter;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\FaceSide;
use Imbrex\Core\Roof\Face;

/**
 * Parts panels too long to make or carry: the upper length laps over the lower one, every second panel's lap is
 * staggered, and laps keep away from openings. House rules say how much of each.
 */
final readonly class EndLaps
{
    /** From here on up the shorter lap will do, rise in 12. */
    private const STEEP = 3.0;

    private StripCutter $cutter;

    public function __construct(private Covering $covering)
    {
        $this->cutter = new StripCutter;
    }

    /** How far the upper length laps over the lower one, inches. */
    public function lap(Face $face): float
    {
        return $this->covering->rules->number($face->pitch->riseIn12 < self::STEEP - Tolerance::LENGTH ? 'cut.endLapLowSlope' : 'cut.endLap');
    }

    /**
     * @param  list<FaceSide>  $sides  by the tag a sheet's side carries
     * @return list<Panel> the panel, or its lengths from the eave up
     */
    public function part(Panel $panel, Face $face, array $sides, OrderLength $order): array
    {
        if ($panel->orderLength <= $this->covering->profile->longest + Tolerance::LENGTH || $this->covering->rules->choice('cut.overLong') === 'report') {
            return [$panel];
        }
        $lap = $this->lap($face);
        $lines = $this->lines($panel, $face, $order, $lap);
        if ($lines === []) {
            return [$panel];
        }
        $parts = [];
        $bottom = -INF;
        foreach ([...$lines, INF] as $top) {
            array_push($parts, ...$this->between($panel, $sides, $bottom, $top, $lap, $order));
            $bottom = $top;
        }

        return $parts;
    }

    /**
     * Where the laps begin, v from the eave up: lengths as equal as the stagger allows. Where no lap can keep clear of
     * every opening, lengths that can be made come first, and the report says so.
     *
     * @return list<float>
     */
    private function lines(Panel $panel, Face $face, OrderLength $order, float $lap): array
    {
        $most = $order->longestBlank($this->covering->profile->longest);
        $bounds = $panel->sheet->bounds();
        $stagger = $this->covering->rules->number('cut.endLapStagger') / 2.0;
        $least = max($this->covering->profile->shortest, $lap * 2.0);
        if ($most < $least) {
            return [];
        }
        $each = static fn (int $pieces): float => ($bounds->height() + ($pieces - 1) * $lap) / $pieces;
        for ($pieces = 2; $each($pieces) + $stagger > $most && $each($pieces) >= $least + $stagger; $pieces++);
        $fewest = max(2, (int) ceil(($bounds->height() - $lap) / ($most - $lap) - Tolerance::LENGTH));
        foreach ([$this->blocked($face, $panel, $lap), []] as $blocked) {
            $places = new LapLines($bounds->bottom, $bounds->top, $lap, $least, $most, $blocked);
            foreach (array_unique([$pieces, ...range($fewest, $pieces + 2)]) as $count) {
                $shift = max(0.0, min($stagger, $most - $each($count), $each($count) - $least)) * ($panel->strip->position % 2 === 0 ? 1.0 : -1.0);
                $lines = $places->near(array_map(static fn (int $i): float => $bounds->bottom + $i * ($each($count) - $lap) + $shift, range(1, $count - 1)));
                if ($lines !== null) {
                    return $lines;
                }
            }
        }

        return [];
    }

    /** @return list<array{float, float}> where a lap would come too near an opening */
    private function blocked(Face $face, Panel $panel, float $lap): array
    {
        $clear = $this->covering->rules->number('cut.endLapClear');
        $bounds = $panel->sheet->bounds();
        $blocked = [];
        foreach ($face->openings as $opening) {
            $round = $opening->outline->bounds();
            if ($round->left - $clear < $bounds->right && $round->right + $clear > $bounds->left) {
                $blocked[] = [$round->bottom - $clear - $lap, $round->top + $clear];
            }
        }

        return $blocked;
    }

    /**
     * @param  list<FaceSide>  $sides
     * @return list<Panel> what lies between two laps; more than one where the panel is notched there
     */
    private function between(Panel $panel, array $sides, float $bottom, float $top, float $lap, OrderLength $order): array
    {
        // The lower length runs on under the upper one.
        $under = $top < INF ? $top + $lap : INF;
        $blanks = $this->cutter->across(new Region($panel->blank), $bottom, $under);
        $sheets = $this->cutter->across(new Region($panel->sheet, $panel->sheetHoles), $bottom, $under);
        $parts = [];
        foreach ($this->cutter->across(new Region($panel->metal, $panel->holes), $bottom, $top) as $metal) {
            $sheet = $this->round($metal, $sheets) ?? $metal;
            $parts[] = $panel->lengthOf($metal, ($this->round($metal, $blanks) ?? $metal)->outline, $sheet, $sides, $order, $bottom > -INF);
        }

        return $parts;
    }

    /** @param  list<Region>  $regions */
    private function round(Region $metal, array $regions): ?Region
    {
        $inside = $metal->outline->insidePoint();
        foreach ($regions as $region) {
            if ($region->outline->contains($inside)) {
                return $region;
            }
        }

        return null;
    }
}
