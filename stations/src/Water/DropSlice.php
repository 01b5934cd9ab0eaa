<?php

declare(strict_types=1);

namespace Imbrex\Stations\Water;

use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\DropPath;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\LapsCrossed;
use Imbrex\Core\Water\WaterWay;
use Imbrex\Stations\Edges\EdgeNames;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * The way of one drop, step by step, on the plan and in words.
 *
 * @phpstan-import-type PlanPointShape from Wire
 *
 * @phpstan-type DropSliceShape array{
 *     title: string,
 *     steps: list<array{
 *         said: string,
 *         how: string,
 *         from: PlanPointShape,
 *         to: PlanPointShape,
 *         on: string,
 *         // Laps and trims it comes onto, by name.
 *         over: list<string>,
 *         heights: array{float, float},
 *     }>,
 *     end: string,
 *     inside: bool,
 * }
 */
final readonly class DropSlice
{
    public function __construct(private EdgeNames $names, private Words $words)
    {
    }

    /**
     * @param  string|null  $pick  where it falls in plan: `x_y`, inches
     * @return DropSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $path = preg_match('/^(-?\d+(?:\.\d+)?)_(-?\d+(?:\.\d+)?)$/', $pick ?? '', $at) === 1 ? Catchment::of($plan)->runoff->fromAbove(new Point((float) $at[1], (float) $at[2])) : null;
        if ($path === null) {
            return ['title' => $this->words->say('drop.nowhere'), 'steps' => [], 'end' => '', 'inside' => false];
        }
        $roof = $plan->of(RoofStage::class)->roof;

        return [
            'title' => $this->words->say('drop.title', ['face' => $roof->face($path->steps[0]->face)->name ?? $path->steps[0]->face]),
            'steps' => array_map(fn (DropStep $step): array => $this->step($step, $roof, $plan), $path->steps),
            'end' => $this->words->say("drop.end.{$path->end->value}", ['lap' => $this->lap($path, $plan)]),
            'inside' => in_array($path->end, [DropEnd::Entered, DropEnd::Trapped], true),
        ];
    }

    /** @return DropSliceShape['steps'][0] */
    private function step(DropStep $step, Roof $roof, Plan $plan): array
    {
        $face = $roof->face($step->face);
        $inPlan = static function (Point $deck) use ($face): array {
            $point = $face?->frame?->toPlan($deck) ?? $deck;

            return [$point->u, $point->v];
        };
        $openings = array_column(array_map(static fn ($opening): array => [$opening->id, $opening->name], $face->openings ?? []), 1, 0);

        return [
            'said' => $this->words->say("drop.{$step->on->value}", ['pan' => in_array($step->on, [WaterWay::Pan, WaterWay::Across], true) ? ($face?->pieceName($step->id) ?? $step->id) : '', 'edge' => $this->names->of($roof)[$step->id] ?? $step->id, 'opening' => $openings[$step->id] ?? $step->id]),
            'how' => $this->words->say("drop.how.{$step->on->value}", ['far' => Wire::tape($plan)->print($step->from->distanceTo($step->to))]),
            'over' => array_map(fn (Term|string $name): string => $name instanceof Term ? $this->words->say($name->code) : $name, LapsCrossed::on($plan)->of($step)),
            'from' => $inPlan($step->from), 'to' => $inPlan($step->to), 'on' => $step->on->value,
            'heights' => [$this->height($face, $step->from), $this->height($face, $step->to)],
        ];
    }

    private function height(?Face $face, Point $deck): float
    {
        $frame = $face?->frame;

        return $frame === null ? 0.0 : $frame->plane->at($frame->toPlan($deck));
    }

    private function lap(DropPath $path, Plan $plan): string
    {
        if ($path->lap === null) {
            return '';
        }
        $named = ($plan->of(EdgesStage::class)->edges[$path->by] ?? null)?->named($path->lap) ?? new Term("piece.$path->lap");

        return is_string($named) ? $named : $this->words->say($named->code);
    }
}
