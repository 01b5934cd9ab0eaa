<?php

declare(strict_types=1);

namespace Imbrex\Core\Water;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Stage;
use Imbrex\Core\Water\Internal\Arrivals;
use Imbrex\Core\Water\Internal\Flows;
use Imbrex\Core\Water\Internal\UphillAdvice;

/**
 * Lets rain fall on every part of a roof and follows it to where it ends: what reaches each valley, pan, opening and eave, and how deep it runs there.
 *
 * @implements Stage<WaterResult>
 */
final class WaterStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, LayoutStage::class, EdgesStage::class, OpeningsStage::class];
    }

    public static function reads(): array
    {
        return [WaterInput::class, SnowInput::class];
    }

    public static function rules(): array
    {
        return WaterRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return [];
    }

    public function work(Plan $plan): WaterResult
    {
        $catchment = Catchment::of($plan);
        $arrivals = new Arrivals($catchment->behind);
        $squareFeet = 0.0;
        foreach ($catchment->cells as $cells) {
            foreach ($cells->all() as $cell) {
                $path = $cell->squareFeet <= 0.0 ? null : $catchment->runoff->from($cell->face, $cell->middle()->u, $cell->middle()->v);
                if ($path !== null) {
                    $squareFeet += $cell->squareFeet;
                    $arrivals->add($path, $cell->squareFeet, $cell->to - $cell->from);
                }
            }
        }
        $intensity = $plan->job->part(WaterInput::class)->intensity ?? $plan->job->rules->number('water.rain');
        $built = $plan->of(EdgesStage::class)->edges;
        $flows = (new Flows($plan->job->covering, $catchment->roof, $built, $intensity))->of($arrivals);

        return new WaterResult($intensity, $squareFeet, $flows, UphillAdvice::all($plan, $flows), [...$this->narrow($plan, $flows, $built), ...$this->full($plan, $flows), ...$this->stuck($arrivals, $built), ...$this->crickets($plan, $flows), ...$this->fed($plan, $arrivals, $intensity)]);
    }

    /**
     * @param  list<Flow>  $flows
     * @param  array<string, BuiltEdge>  $built
     * @return list<Finding> valleys whose water comes nearer to the panels than is kept to spare
     */
    private function narrow(Plan $plan, array $flows, array $built): array
    {
        $spare = $plan->job->rules->number('water.spare');
        $findings = [];
        foreach ($flows as $flow) {
            if ($flow->of !== 'valley' || $flow->room === null || $flow->wetted === null) {
                continue;
            }
            if ($flow->room < $spare - 1e-9) {
                $reveal = $flow->room + $flow->wetted;
                $wanted = ceil($flow->wetted + $spare - 1e-9);
                $findings[] = Finding::settle('water.valley', $flow->id, ['reveal' => Length::ofInches($reveal), 'wetted' => Length::ofInches($flow->wetted), 'room' => Length::ofInches(max(0.0, $flow->room)), 'wanted' => Length::ofInches($wanted), 'spare' => Length::ofInches($wanted - $flow->wetted)]);
            }
            if ($flow->jumps) {
                $findings[] = Finding::note('water.jumps', $flow->id, ['depth' => Length::ofInches($flow->depth ?? 0.0), 'face' => $built[$flow->id]->face ?? '']);
            }
        }

        return $findings;
    }

    /**
     * @param  list<Flow>  $flows
     * @return list<Finding> pans that run too deep, or that much is emptied onto
     */
    private function full(Plan $plan, array $flows): array
    {
        $most = $plan->job->rules->number('water.onePan');
        $findings = [];
        foreach ($flows as $flow) {
            if ($flow->of !== 'pan') {
                continue;
            }
            $poured = $flow->squareFeet > 0.0 ? $flow->gallons * $flow->poured / $flow->squareFeet : 0.0;
            if (($flow->room ?? 1.0) < 0.0) {
                $findings[] = Finding::settle('water.pan', $flow->id, ['depth' => Length::ofInches($flow->depth ?? 0.0), 'flow' => Amount::gallons($flow->gallons)]);
            } elseif ($poured > $most) {
                $findings[] = Finding::note('water.onto-pan', $flow->id, ['flow' => Amount::gallons($poured)]);
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, BuiltEdge>  $built
     * @return list<Finding> where water gets in, or has no way on
     */
    private function stuck(Arrivals $arrivals, array $built): array
    {
        $findings = [];
        foreach ($arrivals->entered as $edge => [$squareFeet, $lap]) {
            $findings[] = Finding::settle('water.entered', $edge, ['area' => Amount::squareFeet($squareFeet), 'lap' => ($built[$edge] ?? null)?->named($lap) ?? new Term("piece.$lap")]);
        }
        foreach ($arrivals->trapped as $edge => $squareFeet) {
            $findings[] = Finding::settle('water.trapped', $edge, ['area' => Amount::squareFeet($squareFeet)]);
        }

        return $findings;
    }

    /** @return list<Finding> openings that valleys or other roofs empty onto */
    private function fed(Plan $plan, Arrivals $arrivals, float $intensity): array
    {
        $findings = [];
        foreach ($arrivals->onto as $id => $squareFeet) {
            $opening = ($plan->of(OpeningsStage::class)->openings[$id] ?? null)?->round->opening;
            $gallons = Rain::gallons($squareFeet, $intensity);
            if ($opening !== null && $gallons > $plan->job->rules->number('water.ontoOpening')) {
                $findings[] = Finding::note('water.onto-opening', (string) $id, ['opening' => $opening->name, 'area' => Amount::squareFeet($squareFeet), 'flow' => Amount::gallons($gallons)]);
            }
        }

        return $findings;
    }

    /**
     * @param  list<Flow>  $flows
     * @return list<Finding> openings with an apron, so wide that many codes ask for a cricket
     */
    private function crickets(Plan $plan, array $flows): array
    {
        $wide = $plan->job->rules->number('water.cricket');
        $flashed = $plan->of(OpeningsStage::class)->openings;
        $findings = [];
        foreach ($flows as $flow) {
            $opening = ($flashed[$flow->id] ?? null)?->round->opening;
            if ($flow->of === 'opening' && $opening !== null && $opening->width() > $wide && $flashed[$flow->id]->uphill === UphillSchool::Apron) {
                $findings[] = Finding::note('water.cricket', $flow->id, ['opening' => $opening->name, 'wide' => Length::ofInches($wide), 'width' => Length::ofInches($opening->width()), 'area' => Amount::squareFeet($flow->squareFeet), 'flow' => Amount::gallons($flow->gallons)]);
            }
        }

        return $findings;
    }
}
