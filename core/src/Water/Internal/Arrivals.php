<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\DropPath;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\WaterWay;

/** Adds up what reaches each place while the rain of every cell runs its way. */
final class Arrivals
{
    /** @var array<string, array<string, float>> square feet by valley, by the face they come from */
    public array $valleys = [];

    /** @var array<string, float> by opening */
    public array $openings = [];

    /** @var array<string, float> of what arrives at an opening, what came from a valley or another roof before */
    public array $onto = [];

    /** @var array<string, list<array{string, Point, float, float}>> by edge: face, where, square feet, and over how many inches it comes off; 0 at one place */
    public array $ends = [];

    /** @var array<string, float> the most of it that is in a pan anywhere, by pan */
    public array $pans = [];

    /** @var array<string, float> square feet poured onto it from elsewhere, by pan */
    public array $poured = [];

    /** @var array<string, array{float, string}> square feet, and the lap, by edge it gets in at */
    public array $entered = [];

    /** @var array<string, float> by edge it is held at */
    public array $trapped = [];

    /** @var array<string, float> by pan and foot */
    private array $feet = [];

    /** @param  array<string, string>  $behind  openings by the edges of what is built behind them: water that runs there has arrived at them */
    public function __construct(private readonly array $behind = [])
    {
    }

    /** @param  float  $width  of the cell it fell on, inches */
    public function add(DropPath $path, float $squareFeet, float $width): void
    {
        // Straight down its pan and off: over its whole width.
        $wide = count($path->steps) === 2 ? $width : 0.0;
        $before = null;
        $poured = false;
        foreach ($path->steps as $step) {
            $poured = $poured || in_array($step->on, [WaterWay::Valley, WaterWay::Fall, WaterWay::Transition], true);
            if ($poured && $step->on === WaterWay::Opening) {
                $this->onto[$step->id] = ($this->onto[$step->id] ?? 0.0) + $squareFeet;
            }
            match ($step->on) {
                WaterWay::Pan, WaterWay::Across => $this->pan($step, $before, $squareFeet),
                WaterWay::Valley => $this->valley($step, $before, $squareFeet),
                WaterWay::Opening => $this->arrives($step->id, $squareFeet),
                WaterWay::SideZee => $this->arrives($this->behind[$step->id] ?? null, $squareFeet),
                WaterWay::Eave, WaterWay::Rake => $this->ends[$step->id][] = [$step->face, $step->to, $squareFeet, $wide],
                default => null,
            };
            $before = $step;
        }
        match ($path->end) {
            DropEnd::Entered => $this->entered[$path->by] = [($this->entered[$path->by][0] ?? 0.0) + $squareFeet, $path->lap ?? ''],
            DropEnd::Trapped => $this->trapped[$path->by] = ($this->trapped[$path->by] ?? 0.0) + $squareFeet,
            default => null,
        };
    }

    /** Square feet of all that came to an end, anywhere. */
    public function total(): float
    {
        $ends = array_sum(array_map(static fn (array $own): float => array_sum(array_column($own, 2)), $this->ends));

        return $ends + array_sum(array_column($this->entered, 0)) + array_sum($this->trapped);
    }

    private function valley(DropStep $step, ?DropStep $before, float $squareFeet): void
    {
        $from = $before->face ?? $step->face;
        $this->valleys[$step->id][$from] = ($this->valleys[$step->id][$from] ?? 0.0) + $squareFeet;
        $this->arrives($this->behind[$step->id] ?? null, $squareFeet);
    }

    private function arrives(?string $opening, float $squareFeet): void
    {
        if ($opening !== null) {
            $this->openings[$opening] = ($this->openings[$opening] ?? 0.0) + $squareFeet;
        }
    }

    private function pan(DropStep $step, ?DropStep $before, float $squareFeet): void
    {
        $foot = sprintf('%s %.1f', $step->id, $step->to->v);
        $this->feet[$foot] = ($this->feet[$foot] ?? 0.0) + $squareFeet;
        $this->pans[$step->id] = max($this->pans[$step->id] ?? 0.0, $this->feet[$foot]);
        if ($before !== null) {
            $this->poured[$step->id] = ($this->poured[$step->id] ?? 0.0) + $squareFeet;
        }
    }
}
