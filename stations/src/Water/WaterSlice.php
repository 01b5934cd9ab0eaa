<?php

declare(strict_types=1);

namespace Imbrex\Stations\Water;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\Rain;
use Imbrex\Core\Water\WaterInput;
use Imbrex\Core\Water\WaterResult;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Stations\Edges\EdgeNames;
use Imbrex\Stations\Roof\RoofSlice;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/**
 * What Water shows: the roof from above with what runs where, valleys, openings and eaves, and what each foot of one eave takes.
 *
 * @phpstan-import-type EdgeKindShape from Wire
 * @phpstan-import-type PlanFindingShape from Wire
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type SpacePointShape from RoofSlice
 *
 * @phpstan-type WaterFlowShape array{id: string, name: string, gallons: string, said: string, tight: bool, share: float}
 * @phpstan-type EaveShareShape array{
 *     id: string,
 *     name: string,
 *     length: float,
 *     stretches: list<array{from: float, to: float, said: string, place: bool}>,
 *     // Of its gutter; nothing where it has none.
 *     outlets: list<array{at: float, said: string}>,
 * }
 * @phpstan-type WaterEdgeShape array{
 *     id: string,
 *     kind: EdgeKindShape,
 *     plan: array{PlanPointShape, PlanPointShape},
 *     heights: array{float, float},
 * }
 * @phpstan-type WaterFaceShape array{
 *     id: string,
 *     name: string,
 *     planOutline: list<PlanPointShape>,
 *     planHoles: list<list<PlanPointShape>>,
 *     openings: list<list<PlanPointShape>>,
 *     fall: float,
 *     // Whether its panels lie sideways, and water runs to their ends.
 *     across: bool,
 *     solid: list<SpacePointShape>,
 * }
 * @phpstan-type WaterSliceShape array{
 *     said: string,
 *     intensity: float,
 *     own: bool,
 *     faces: list<WaterFaceShape>,
 *     edges: list<WaterEdgeShape>,
 *     valleys: list<WaterFlowShape>,
 *     openings: list<WaterFlowShape>,
 *     eaves: list<WaterFlowShape>,
 *     eave: EaveShareShape|null,
 *     findings: list<PlanFindingShape>,
 *     // From where to where water runs in each pan, in plan, and its share of the fullest.
 *     pans: list<array{from: PlanPointShape, to: PlanPointShape, share: float}>,
 * }
 */
final readonly class WaterSlice
{
    public function __construct(private EdgeNames $names, private Words $words, private Wire $wire)
    {
    }

    /**
     * @param  string|null  $pick  an eave; the one that takes most where null or unknown
     * @return WaterSliceShape
     */
    public function of(Plan $plan, ?string $pick): array
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $water = $plan->of(WaterStage::class);
        $eaves = $this->sorted($water, 'eave');
        $eave = array_values(array_filter($eaves, static fn (Flow $flow): bool => $flow->id === $pick))[0] ?? $eaves[0] ?? null;
        $rows = $this->rows($plan);

        return [
            'said' => $this->said($plan),
            'intensity' => $water->intensity,
            'own' => $plan->job->part(WaterInput::class)->intensity !== null,
            'faces' => array_map($this->face(...), $roof->faces),
            'edges' => array_map(static fn (Edge $edge): array => ['id' => $edge->id, 'kind' => $edge->kind->value, 'plan' => [[$edge->from->u, $edge->from->v], [$edge->to->u, $edge->to->v]], 'heights' => [$edge->fromHeight, $edge->toHeight]], $roof->edges),
            'valleys' => $rows['valley'],
            'openings' => $rows['opening'],
            'eaves' => $rows['eave'],
            'eave' => $eave === null ? null : $this->share($eave, $this->names->of($roof)[$eave->id] ?? $eave->id, $roof, $plan),
            'pans' => $this->pans($water, $roof, $plan),
            'findings' => $this->wire->findings($plan, $plan->findingsOf('water')),
        ];
    }

    public function said(Plan $plan): string
    {
        $water = $plan->of(WaterStage::class);
        $measures = $this->words->measures($plan->job->units);

        return $this->words->say('water.said', ['rain' => Wire::tape($plan)->inInches()->print($water->intensity), 'area' => $measures->area($water->squareFeet), 'flow' => $measures->water(Rain::gallons($water->squareFeet, $water->intensity))]);
    }

    /** @return array{valley: list<array{id: string, name: string, gallons: string, said: string, tight: bool, share: float}>, opening: list<array{id: string, name: string, gallons: string, said: string, tight: bool, share: float}>, eave: list<array{id: string, name: string, gallons: string, said: string, tight: bool, share: float}>} what runs where, the most first */
    public function rows(Plan $plan): array
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $water = $plan->of(WaterStage::class);
        $names = $this->names->of($roof);
        foreach ($roof->faces as $face) {
            foreach ($face->openings as $opening) {
                $names[$opening->id] ??= $opening->name;
            }
        }
        $spare = $plan->job->rules->number('water.spare');
        $measures = $this->words->measures($plan->job->units);
        /** @param  list<Flow>  $flows */
        $rows = fn (array $flows, callable $said): array => array_map(fn (Flow $flow): array => [
            'id' => $flow->id, 'name' => $names[$flow->id] ?? $flow->id, 'gallons' => $this->words->say('water.gallons', ['flow' => $measures->water($flow->gallons)]),
            'said' => (string) $said($flow), 'tight' => ($flow->room ?? INF) < $spare - 1e-9, 'share' => $flow->gallons / max(1e-9, $flows[0]->gallons),
        ], array_values($flows));

        return [
            'valley' => $rows($this->sorted($water, 'valley'), fn (Flow $flow): string => $this->valley($flow, $roof, $plan)),
            'opening' => $rows($this->sorted($water, 'opening'), fn (Flow $flow): string => $this->words->say('water.opening-said', ['area' => $measures->area($flow->squareFeet, 1)])),
            'eave' => $rows($this->sorted($water, 'eave'), fn (Flow $flow): string => $this->words->say('water.eave-said', ['area' => $measures->area($flow->squareFeet)])),
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
        $measures = $this->words->measures($plan->job->units);
        if ($flow->depth === null || $flow->wetted === null) {
            return $this->words->say('water.flat-said', ['area' => $measures->area($flow->squareFeet)]);
        }
        $tape = Wire::tape($plan)->inInches();
        $fuller = (string) array_search(max([0.0, ...array_values($flow->shares)]), $flow->shares, true);

        return $this->words->say('water.valley-said', [
            'area' => $measures->area($flow->squareFeet), 'fuller' => $measures->areaNumber($flow->shares[$fuller] ?? 0.0, 0), 'face' => $roof->face($fuller)->name ?? $fuller, 'depth' => $tape->print($flow->depth, Rounding::Up), 'wetted' => $tape->print($flow->wetted, Rounding::Up),
            'room' => $flow->room === null ? 'none' : $tape->print(max(0.0, $flow->room), Rounding::Down), 'jumps' => $flow->jumps ? 'yes' : 'no',
        ]);
    }

    /** @return EaveShareShape */
    private function share(Flow $flow, string $name, Roof $roof, Plan $plan): array
    {
        $input = $plan->job->part(WaterInput::class);
        $measures = $this->words->measures($plan->job->units);
        $intensity = $plan->of(WaterStage::class)->intensity;
        $outlets = $input->gutters[$flow->id] ?? [];
        $shares = $outlets === [] ? [] : $flow->byOutlet($outlets);
        $stretches = $flow->stretches();
        $length = $roof->edge($flow->id)?->length() ?? max([0.0, ...array_column($stretches, 1)]);

        return ['id' => $flow->id, 'name' => $name, 'length' => $length, 'outlets' => array_map(fn (float $at, float $squareFeet): array => [
            'at' => $at, 'said' => $this->words->say('water.outlet', ['at' => Wire::tape($plan)->print($at), 'area' => $measures->area($squareFeet), 'flow' => $measures->water(Rain::gallons($squareFeet, $intensity))]),
        ], $outlets, $shares), 'stretches' => array_map(fn (array $one): array => [
            'from' => max(0.0, min($length, $one[0])), 'to' => max(0.0, min($length, $one[1])), 'place' => $one[1] - $one[0] < 1e-6,
            'said' => $this->words->say($one[1] - $one[0] < 1e-6 ? 'water.at-once' : 'water.a-foot', $this->reach($one[2], $one[1] - $one[0] < 1e-6, $plan)),
        ], $stretches)];
    }

    /** @return WaterSliceShape['pans'] the middle of each pan, from its upper end to its foot */
    private function pans(WaterResult $water, Roof $roof, Plan $plan): array
    {
        $flows = $water->of('pan');
        $most = max([1e-9, ...array_map(static fn (Flow $flow): float => $flow->gallons, $flows)]);
        $gallons = array_column(array_map(static fn (Flow $flow): array => [$flow->id, $flow->gallons], $flows), 1, 0);
        $pans = [];
        $layouts = $plan->of(LayoutStage::class)->layouts;
        foreach ($roof->faces as $face) {
            foreach (($layouts[$face->id] ?? null)->strips ?? [] as $strip) {
                $u = ($strip->left + $strip->right) / 2.0;
                $at = $face->outline->transposed()->crossingsAt($u);
                $share = ($gallons["$face->id-$strip->position"] ?? 0.0) / $most;
                if ($at !== [] && $share > 0.0) {
                    [$from, $to] = array_map(static fn (float $v): Point => $face->frame?->toPlan(new Point($u, $v)) ?? new Point($u, $v), [max($at), min($at)]);
                    $pans[] = ['from' => [$from->u, $from->v], 'to' => [$to->u, $to->v], 'share' => $share];
                }
            }
        }

        return $pans;
    }

    /** @return WaterFaceShape */
    private function face(Face $face): array
    {
        $plan = $face->plan();
        $inPlan = static fn (Polygon $loop): array => Wire::outline($face->frame === null ? $loop : $face->frame->inPlan($loop));

        return [
            'id' => $face->id, 'name' => $face->name, 'planOutline' => Wire::outline($plan->outline ?? $face->outline), 'planHoles' => array_map(Wire::outline(...), $plan->holes ?? []),
            'openings' => array_map(static fn (Opening $opening): array => $inPlan($opening->outline), $face->openings),
            // Which way water falls in plan, degrees counter-clockwise from east.
            'across' => $face->isAcross(),
            'solid' => array_map(static fn (Point $corner): array => [$corner->u, $corner->v, $face->frame?->plane->at($corner) ?? 0.0], $plan->outline->corners ?? $face->outline->corners),
            'fall' => $face->frame === null ? -90.0 : rad2deg(atan2(-$face->frame->north, -$face->frame->east)),
        ];
    }

    /** @return array<string, string> square feet a foot of eave, or square metres a metre; at one place the whole */
    private function reach(float $squareFeet, bool $atOnce, Plan $plan): array
    {
        return ['area' => $this->words->measures($plan->job->units)->reach($squareFeet, $atOnce), 'units' => $plan->job->units->value];
    }
}
