<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutStage;
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
    public static function rules(): array
    {
        return CuttingRules::all();
    }

    public static function effort(Job $job): array
    {
        return CuttingEffort::of($job);
    }

    public function work(Plan $plan): CuttingResult
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $surveys = $plan->of(SurveyStage::class);
        $layouts = $plan->of(LayoutStage::class)->layouts;
        $input = $plan->job->part(CuttingInput::class);
        $covering = $plan->job->covering;
        $cutter = new Cutter($plan->of(BuildsStage::class));
        $corrections = new Corrections($input->corrections, new SideFinder($roof));
        $pieces = [];
        $orders = [];
        foreach ($roof->faces as $face) {
            $orders[$face->id] = OrderLength::by($covering->rules, $surveys->sigma($face->id));
            $pieces[$face->id] = $cutter->cut($face, $layouts[$face->id], $orders[$face->id], $corrections);
        }
        $panels = array_merge(...array_values($pieces));
        $pairing = (new Pairer($covering))->pair($panels, $orders);
        $report = new CutReport($covering);
        $findings = [];
        foreach ($roof->faces as $face) {
            array_push($findings, ...$report->on($face, $pieces[$face->id], $pairing, $input->cut));
        }

        return new CuttingResult($panels, $pairing, SheetList::of($panels, $pairing, $covering->profile), $findings, $roof->faces);
    }
}
