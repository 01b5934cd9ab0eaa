<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Geometry\StripCutter;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Rules\RuleSet;

/**
 * Parts panels too long to make or carry: the upper length laps over the lower one, every second panel's lap is
 * staggered, and laps keep away from openings. House rules say how much of each.
 */
final readonly class EndLaps
{
    /** From here on up the shorter lap will do, rise in 12. */
    private const STEEP = 3.0;

    private StripCutter $cutter;

    public function __construct(private Profile $profile, private RuleSet $rules)
    {
        $this->cutter = new StripCutter;
    }

    /** How far the upper length laps over the lower one, inches. */
    public function lap(Face $face): float
    {
        return $this->rules->number($face->pitch->riseIn12 < self::STEEP - Tolerance::LENGTH ? 'cut.endLapLowSlope' : 'cut.endLap');
    }

    /** @return list<Panel> the panel, or its lengths from the eave up */
    public function part(Panel $panel, Face $face, OrderLength $order): array
    {
        if ($panel->orderLength <= $this->profile->longest + Tolerance::LENGTH || $this->rules->choice('cut.overLong') === 'report') {
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
            array_push($parts, ...$this->between($panel, $bottom, $top, $lap, $order));
            $bottom = $top;
        }

        return $parts;
    }

    /**
     * Where the laps begin, v from the eave up: lengths as equal as the stagger allows.
     *
     * @return list<float>
     */
    private function lines(Panel $panel, Face $face, OrderLength $order, float $lap): array
    {
        $most = $order->longestBlank($this->profile->longest);
        $bounds = $panel->sheet->bounds();
        $stagger = $this->rules->number('cut.endLapStagger') / 2.0;
        $least = max($this->profile->shortest, $lap * 2.0);
        if ($most < $least) {
            return [];
        }
        for ($pieces = 2; ; $pieces++) {
            $each = ($bounds->height() + ($pieces - 1) * $lap) / $pieces;
            if ($each + $stagger <= $most || $each < $least + $stagger) {
                break;
            }
        }
        $shift = max(0.0, min($stagger, $most - $each, $each - $least)) * ($panel->strip->position % 2 === 0 ? 1.0 : -1.0);
        $lines = [];
        $from = $bounds->bottom;
        for ($i = 1; $i < $pieces; $i++) {
            $wanted = $bounds->bottom + $i * ($each - $lap) + $shift;
            $from = $lines[] = $this->clearOf($face, $panel, $wanted, $from + $least - $lap, $from + $most - $lap, $lap);
        }

        return $lines;
    }

    /** The nearest place to the one wanted that keeps away from every opening, within what the lengths allow. */
    private function clearOf(Face $face, Panel $panel, float $wanted, float $low, float $high, float $lap): float
    {
        $clear = $this->rules->number('cut.endLapClear');
        $bounds = $panel->sheet->bounds();
        $blocked = [];
        foreach ($face->openings as $opening) {
            $round = $opening->outline->bounds();
            if ($round->left - $clear < $bounds->right && $round->right + $clear > $bounds->left) {
                $blocked[] = [$round->bottom - $clear - $lap, $round->top + $clear];
            }
        }
        $free = static fn (float $v): bool => array_filter($blocked, static fn (array $b): bool => $v > $b[0] + Tolerance::LENGTH && $v < $b[1] - Tolerance::LENGTH) === [];
        $places = array_filter([$wanted, ...array_merge(...$blocked)], static fn (float $v): bool => $v >= $low && $v <= $high && $free($v));
        usort($places, static fn (float $a, float $b): int => abs($a - $wanted) <=> abs($b - $wanted));

        return $places[0] ?? $wanted;
    }

    /** @return list<Panel> what lies between two laps; more than one where the panel is notched there */
    private function between(Panel $panel, float $bottom, float $top, float $lap, OrderLength $order): array
    {
        // The lower length runs on under the upper one.
        $under = $top < INF ? $top + $lap : INF;
        $blanks = $this->cutter->across(new Region($panel->blank), $bottom, $under);
        $sheets = $this->cutter->across(new Region($panel->sheet, $panel->sheetHoles), $bottom, $under);
        $parts = [];
        foreach ($this->cutter->across(new Region($panel->metal, $panel->holes), $bottom, $top) as $metal) {
            $sheet = $this->round($metal, $sheets) ?? $metal;
            $parts[] = $panel->lengthOf($metal, ($this->round($metal, $blanks) ?? $metal)->outline, $sheet, $order, $bottom > -INF);
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
