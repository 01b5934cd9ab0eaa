<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;
use Imbrex\Core\Trims\Internal\Closures;
use Imbrex\Core\Trims\Internal\Supplies\EdgeSupplies;
use Imbrex\Core\Trims\Internal\TrimsEffort;

/**
 * Gives every trim its shape, its length, its pieces and the sticks they are cut from; closes every pan.
 *
 * @implements Stage<TrimsResult>
 */
final class TrimsStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, BuildsStage::class, CuttingStage::class, EdgesStage::class];
    }

    public static function reads(): array
    {
        return [TrimsInput::class, MetalsInput::class];
    }

    public static function rules(): array
    {
        return TrimsRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return TrimsEffort::of($job);
    }

    public function work(Plan $plan): TrimsResult
    {
        $runs = TrimRuns::on($plan);
        $closures = new Closures($plan->of(RoofStage::class)->roof, $plan->of(BuildsStage::class), $plan->job->covering->profile, $plan->of(CuttingStage::class));
        $made = $byKind = $closed = $findings = [];
        foreach ($plan->of(EdgesStage::class)->edges as $built) {
            foreach ($runs->of($built) as $run) {
                $made[$run->id] = $run;
                $byKind[$run->kind()][] = $run;
            }
            array_push($closed, ...array_merge(...array_map($runs->parted(...), $closures->of($built))));
        }
        $lots = [];
        $sheet = $plan->job->rules->number('trim.sheet');
        foreach ($byKind as $kind => $alike) {
            $lots[$kind] = StickLot::ofRuns($alike, $runs->stocks($alike[0]->shape), $plan->job->rules->number('trim.kerf'));
            if ($alike[0]->girth > $sheet) {
                $findings[] = Finding::settle('trims.wide', $alike[0]->edge->id, ['girth' => Length::ofInches($alike[0]->girth), 'most' => Length::ofInches($sheet)]);
            }
        }

        $zees = $runs->zees($closed);
        if ($zees !== null) {
            $lots[$zees->kind] = $zees;
        }

        $supplies = (new EdgeSupplies($plan->job->covering->profile))->of(array_values($plan->of(EdgesStage::class)->edges), array_values($made), $closed);

        return new TrimsResult($made, $lots, $closed, $supplies, $findings);
    }
}
