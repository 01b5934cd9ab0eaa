<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Finder\LayoutFinder;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;

/**
 * Where the seams of every face fall.
 *
 * @implements Stage<LayoutResult>
 */
final readonly class LayoutStage implements Stage
{
    public static function rules(): array
    {
        return LayoutRules::all();
    }

    public static function effort(Job $job): array
    {
        return LayoutEffort::of($job);
    }

    public function work(Plan $plan): LayoutResult
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $builds = $plan->of(BuildsStage::class);
        $finder = new LayoutFinder($roof, $builds);
        $planner = new LayoutPlanner($builds);
        $groups = $finder->settle($plan->job->part(LayoutInput::class)->choices);
        $choices = [];
        $inTheWay = [];
        foreach ($groups as $group) {
            foreach ($group->group->faces as $number => $face) {
                $choices[$face->id] = $group->choices[$number];
                $inTheWay[$face->id] = $finder->findings($group, $face);
            }
        }
        $layouts = [];
        foreach ($roof->faces as $face) {
            $layouts[$face->id] = $planner->lay($face, $choices[$face->id]);
        }

        return new LayoutResult($groups, $layouts, $inTheWay, $roof, $builds, $finder);
    }
}
