<?php

declare(strict_types=1);

namespace App\Stations\Water;

use App\Stations\Edges\EdgeNames;
use App\Stations\Wire;
use App\Words\Words;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Units\Rounding;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\Rain;
use Imbrex\Core\Water\WaterInput;
use Imbrex\Core\Water\WaterResult;
use Imbrex\Core\Water\WaterStage;

/** What Water shows: the roof from above with what runs where, valleys, openings and eaves, and what each foot of one eave takes. */
final readonly class WaterSlice
{
    public function __construct(private EdgeNames $names, private Words $words, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  an eave; the one that takes most where null or unknown
     * @return array<string, mixed>
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $water = $plan->of(WaterStage::class);
        $names = $this->names->of($roof);
        $openings = [];
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $opening) {
                $openings[$opening->id] = $opening->name;
            }
        }
        $rows = fn (array $flows, callable $said): array => array_map(fn (Flow $flow): array => [
            'id' => $flow->id, 'name' => $names[$flow->id] ?? $openings[$flow->id] ?? $flow->id, 'gallons' => $this->words->say('water.gallons', ['gallons' => sprintf('%.1f', $flow->gallons)]),
            'said' => $said($flow), 'tight' => ($flow->room ?? INF) < $plan->job->rules->number('water.spare') - 1e-9, 'share' => $flow->gallons / max(1e-9, $flows[0]->gallons),
        ], $flows);
        $eaves = $this->sorted($water, 'eave');
        $eave = array_values(array_filter($eaves, static fn (Flow $flow): bool => $flow->id === $pick))[0] ?? $eaves[0] ?? null;

        return [
            'said' => $this->words->say('water.said', ['rain' => Wire::tape($plan)->inInches()->print($water->intensity), 'area' => round($water->squareFeet), 'gallons' => sprintf('%.1f', Rain::gallons($water->squareFeet, $water->intensity))]),
            'intensity' => $water->intensity,
            'own' => $plan->job->part(WaterInput::class)->intensity !== null,
            'faces' => array_map($this->face(...), $roof->faces),
            'edges' => array_map(static fn (Edge $edge): array => ['id' => $edge->id, 'kind' => $edge->kind->value, 'plan' => [[$edge->from->u, $edge->from->v], [$edge->to->u, $edge->to->v]], 'heights' => [$edge->fromHeight, $edge->toHeight]], $roof->edges),
            'valleys' => $rows($this->sorted($water, 'valley'), fn (Flow $flow): string => $this->valley($flow, $roof, $plan)),
            'openings' => $rows($this->sorted($water, 'opening'), fn (Flow $flow): string => $this->words->say('water.opening-said', ['area' => round($flow->squareFeet, 1)])),
            'eaves' => $rows($eaves, fn (Flow $flow): string => $this->words->say('water.eave-said', ['area' => round($flow->squareFeet)])),
            'eave' => $eave === null ? null : $this->share($eave, $names[$eave->id] ?? $eave->id, $roof),
            'findings' => $this->wire->findings($plan, $plan->findingsOf('water')),
        ];
    }

    /**
     * @param  'valley'|'opening'|'eave'|'pan'  $of
     * @return list<Flow> the most first
     */
    private function sorted(WaterResult $water, string $of): array
    {
        $flows = $water->of($of);
        usort($flows, static fn (Flow $a, Flow $b): int => $b->gallons <=> $a->gallons);

        return $flows;
    }

    private function valley(Flow $flow, Roof $roof, Plan $plan): string
    {
        if ($flow->depth === null || $flow->wetted === null) {
            return $this->words->say('water.flat-said', ['area' => round($flow->squareFeet)]);
        }
        $tape = Wire::tape($plan)->inInches();
        $fuller = (string) array_search(max([0.0, ...array_values($flow->shares)]), $flow->shares, true);

        return $this->words->say('water.valley-said', [
            'area' => round($flow->squareFeet), 'fuller' => round($flow->shares[$fuller] ?? 0.0), 'face' => $roof->face($fuller)->name ?? $fuller, 'depth' => $tape->print($flow->depth, Rounding::Up), 'wetted' => $tape->print($flow->wetted, Rounding::Up),
            'room' => $flow->room === null ? 'none' : $tape->print(max(0.0, $flow->room), Rounding::Down), 'jumps' => $flow->jumps ? 'yes' : 'no',
        ]);
    }

    /** @return array<string, mixed> */
    private function share(Flow $flow, string $name, Roof $roof): array
    {
        $stretches = $flow->stretches();
        $length = $roof->edge($flow->id)?->length() ?? max([0.0, ...array_column($stretches, 1)]);

        return ['id' => $flow->id, 'name' => $name, 'length' => $length, 'stretches' => array_map(fn (array $one): array => [
            'from' => max(0.0, min($length, $one[0])), 'to' => max(0.0, min($length, $one[1])), 'place' => $one[1] - $one[0] < 1e-6,
            'said' => $this->words->say($one[1] - $one[0] < 1e-6 ? 'water.at-once' : 'water.a-foot', ['area' => $one[2] < 9.95 ? sprintf('%.1f', $one[2]) : sprintf('%.0f', $one[2])]),
        ], $stretches)];
    }

    /** @return array<string, mixed> */
    private function face(Face $face): array
    {
        $plan = $face->plan();
        $inPlan = static fn (Polygon $loop): array => Wire::outline($face->frame === null ? $loop : $face->frame->inPlan($loop));

        return [
            'id' => $face->id, 'name' => $face->name, 'planOutline' => Wire::outline($plan->outline ?? $face->outline), 'planHoles' => array_map(Wire::outline(...), $plan->holes ?? []),
            'openings' => array_map(static fn (Opening $opening): array => $inPlan($opening->outline), $face->openings),
            // Which way water falls in plan, degrees counter-clockwise from east.
            'fall' => $face->frame === null ? -90.0 : rad2deg(atan2(-$face->frame->north, -$face->frame->east)),
        ];
    }
}
