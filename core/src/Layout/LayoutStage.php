<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Internal\Finder\LayoutFinder;
use Imbrex\Core\Layout\Internal\LayoutEffort;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Stage;

/**
 * Where the seams of every face fall.
 *
 * @implements Stage<LayoutResult>
 */
final readonly class LayoutStage implements Stage
{
    public static function needs(): array
    {
        return [RoofStage::class, BuildsStage::class];
    }

    public static function reads(): array
    {
        return [LayoutInput::class, 'cut.leastTip', 'cut.hemSchool'];
    }

    public static function rules(): array
    {
        return LayoutRules::all();
    }

    public static function effort(Job $job, Circumstances $circumstances): array
    {
        return LayoutEffort::of($job);
    }

    public function work(Plan $plan): LayoutResult
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $builds = $plan->of(BuildsStage::class);
        $finder = new LayoutFinder($roof, $builds);
        $planner = new LayoutPlanner($builds);
        $groups = $finder->settle([...$plan->job->part(LayoutInput::class)->choices, ...$this->sideways($roof->faces)]);
        $choices = [];
        $inTheWay = [];
        foreach ($groups as $group) {
            foreach ($group->group->faces as $number => $face) {
                $choices[$face->id] = $group->choices[$number];
                $inTheWay[$face->id] = [...$finder->findings($group, $face), ...$this->line($plan, $face)];
            }
        }
        $layouts = [];
        foreach ($roof->faces as $face) {
            $layouts[$face->id] = $planner->lay($face, $choices[$face->id]);
        }

        return new LayoutResult($groups, $layouts, $inTheWay, $roof, $builds, $finder);
    }

    /**
     * Panels laid sideways go on from the opening up.
     *
     * @param  list<Face>  $faces
     * @return array<string, LayoutChoice>
     */
    private function sideways(array $faces): array
    {
        $choices = [];
        foreach ($faces as $face) {
            if ($face->isAcross()) {
                $choices[$face->id] = new LayoutChoice(StartKind::OneEnd, $face->frame?->turned === 1);
            }
        }

        return $choices;
    }

    /** @return list<Finding> where the line snapped on a face was found to lean */
    private function line(Plan $plan, Face $face): array
    {
        $check = $plan->job->part(LayoutInput::class)->checks[$face->id] ?? null;
        $out = $check?->runOut(LineCheck::over($face, $check->at)) ?? 0.0;

        return $check === null || abs($out) <= $plan->job->rules->number('layout.lineOut') ? [] : [Finding::settle('layout.line-leans', $face->id, [
            'out' => Length::ofInches(abs($out)),
            'side' => $out > 0.0 ? 'right' : 'left',
            'over' => Length::ofInches(LineCheck::over($face, $check->at)),
        ])];
    }
}
