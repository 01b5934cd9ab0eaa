<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\Fit\EdgeFits;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\Taped;
use Imbrex\Core\Cutting\Internal\Corrections;
use Imbrex\Core\Cutting\Internal\CutReport;
use Imbrex\Core\Cutting\Internal\Cutter;
use Imbrex\Core\Cutting\Internal\CuttingEffort;
use Imbrex\Core\Cutting\Internal\Fit\EdgeReport;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Stage;
use Imbrex\Core\Survey\SurveyStage;

/**
 * Every piece of metal, what it is cut from, and the sheets that takes.
 *
 * @implements Stage<CuttingResult>
 */
final readonly class CuttingStage implements Stage
{
    public static function needs(): array
    {
        return [SurveyStage::class, RoofStage::class, BuildsStage::class, LayoutStage::class];
    }

    public static function reads(): array
    {
        return [CuttingInput::class, Taped::class];
    }

    public static function rules(): array
    {
        return CuttingRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return CuttingEffort::of($job, $circumstances);
    }

    public function work(Plan $plan): CuttingResult
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $layouts = $plan->of(LayoutStage::class)->layouts;
        $input = $plan->job->part(CuttingInput::class);
        $covering = $plan->job->covering;
        $cutter = new Cutter($plan->of(BuildsStage::class));
        $corrections = new Corrections($input->corrections, new SideFinder($roof));
        $pieces = [];
        $orders = [];
        foreach ($roof->faces as $face) {
            $orders[$face->id] = OrderLength::on($plan, $face);
        }
        $fits = $this->fits($plan, $cutter, $orders);
        foreach ($roof->faces as $face) {
            $pieces[$face->id] = $cutter->cut($face, $layouts[$face->id], $orders[$face->id], $corrections, $fits);
        }
        $panels = array_merge(...array_values($pieces));
        $pairing = (new Pairer($covering))->pair($panels, $orders);
        $report = new CutReport($covering);
        $findings = (new EdgeReport($roof, $plan->of(LayoutStage::class)))->on($fits, $this->metal($plan, $fits));
        foreach ($roof->faces as $face) {
            array_push($findings, ...$covering->rules->choice('order.school') === 'in-all' ? $report->inAll($face, InAll::on($plan, $face)) : [], ...$report->on($face, $pieces[$face->id], $pairing));
        }

        return new CuttingResult($panels, $pairing, SheetList::of($panels, $pairing, $covering->profile), $findings, $roof->faces, $fits);
    }

    /**
     * What was taped on the roof, fitted.
     *
     * @param  array<string, OrderLength>  $orders  by face
     */
    private function fits(Plan $plan, Cutter $cutter, array $orders): EdgeFits
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $marks = $plan->circumstances->part(Taped::class)->marks;
        $drawn = [];
        foreach (array_unique(array_map(static fn (Observation $o): string => $o->face, $marks)) as $id) {
            $face = $roof->face($id);
            foreach ($face === null ? [] : $cutter->cut($face, $plan->of(LayoutStage::class)->layouts[$id], $orders[$id]) as $panel) {
                $drawn[$panel->id] = $panel;
            }
        }

        return EdgeFits::of($roof, $plan->of(BuildsStage::class), $marks, $drawn);
    }

    /** @return array<string, MovedFace> by face that ends at a fitted line: where its metal has to reach */
    private function metal(Plan $plan, EdgeFits $fits): array
    {
        $metal = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            if ($fits->touch($face)) {
                $metal[$face->id] = MovedFace::metal($fits->face($face), $plan->of(BuildsStage::class));
            }
        }

        return $metal;
    }
}
