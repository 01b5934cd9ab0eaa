<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Cutting\CuttingResult;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\EdgesResult;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Edges\WaterRun;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Openings\OpeningsResult;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Plan;

/** Which laps and trims a drop runs over on one part of its way, by name. */
final readonly class LapsCrossed
{
    private function __construct(private CuttingResult $cutting, private EdgesResult $edges, private OpeningsResult $openings)
    {
    }

    public static function on(Plan $plan): self
    {
        return new self($plan->of(CuttingStage::class), $plan->of(EdgesStage::class), $plan->of(OpeningsStage::class));
    }

    /** @return list<Term|string> what it comes onto, in turn */
    public function of(DropStep $step): array
    {
        return match ($step->on) {
            WaterWay::Pan, WaterWay::Across => $this->endLaps($step),
            WaterWay::Opening => $this->opening($step),
            default => $this->edge($step->id),
        };
    }

    /** @return list<Term> end laps of the panels in its pan */
    private function endLaps(DropStep $step): array
    {
        $laps = [];
        foreach ($this->cutting->panels as $panel) {
            if ($panel->lapsOver && "$panel->face-{$panel->strip->position}" === $step->id) {
                $at = $panel->metal->bounds()->bottom;
                if ($at < $step->from->v && $at > $step->to->v) {
                    $laps[] = new Term('edge.end-lap');
                }
            }
        }

        return $laps;
    }

    /** @return list<Term> */
    private function opening(DropStep $step): array
    {
        $flashed = $this->openings->openings[$step->id] ?? null;
        $left = $flashed?->round->opening->outline->bounds()->left ?? 0.0;

        return array_map(static fn (PieceRole $role): Term => new Term("piece.$role->value"), $flashed === null ? [] : $flashed->way($step->from->u - $left));
    }

    /** @return list<Term|string> layers below the panel, from one to the next */
    private function edge(string $id): array
    {
        $section = ($this->edges->edges[$id] ?? null)?->section;
        if ($section === null) {
            return [];
        }
        $metal = array_values(array_filter($section->layers, static fn (PlacedLayer $layer): bool => $layer->sheds() && $layer->layer->role !== LayerRole::Membrane));
        $on = array_values(array_filter($metal, static fn (PlacedLayer $layer): bool => $layer->layer->key === 'panel'))[0] ?? null;
        $names = [];
        $drains = WaterRun::drains($section, $metal);
        for ($turn = 0; $on !== null && $turn < count($metal); $turn++) {
            $next = array_values(array_filter($drains, static fn (array $pair): bool => $pair[0]->layer->key === $on->layer->key))[0][1] ?? null;
            $on = $next;
            $next === null || $names[] = $next->layer->named();
        }

        return $names;
    }
}
