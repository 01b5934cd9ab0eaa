<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Cutting\Corrections;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutReport;
use Imbrex\Core\Cutting\Cutter;
use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Pairer;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\LayoutFinder;
use Imbrex\Core\Layout\Finder\LayoutOption;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\LoadOut\OrderBuilder;
use Imbrex\Core\Roof\Checker;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofBuilder;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Surveyor;
use WeakMap;

/** Runs the stages in the order of work. The same job gives the same plan, to the last bit. */
final class Planner
{
    /** @var WeakMap<Plan, LayoutFinder> what the search has worked out for a plan serves its comparisons too */
    private WeakMap $finders;

    public function __construct()
    {
        $this->finders = new WeakMap;
    }

    public function plan(Job $job): Plan
    {
        $surveys = (new Surveyor($job->rules))->survey($job->planes);
        $roof = (new RoofBuilder($job->rules))->build($surveys, $job->blocks, $job->openings);
        $checks = (new Checker($job->rules))->check($roof, $job->blocks, $job->checks);
        $system = $job->system;
        $finder = new LayoutFinder($roof, $system->profile, $system->ventedRidge, $job->rules);
        $groups = $finder->settle($job->layouts);
        $planner = new LayoutPlanner($system->profile, $system->ventedRidge, $job->rules);
        $corrections = new Corrections($job->corrections, new SideFinder($roof));
        $layouts = [];
        $panels = [];
        $pieces = [];
        $extras = [];
        $orders = [];
        $findings = [
            ...$this->systemFindings($system),
            ...array_merge(...array_map(static fn (PlaneSurvey $s): array => $s->findings, $surveys)),
            ...$roof->findings,
            ...$checks->findings,
        ];
        $choices = $this->choices($groups);
        foreach ($roof->faces as $face) {
            $layout = $planner->lay($face, $choices[$face->id]);
            $layouts[$face->id] = $layout;
            $sigma = $this->sigma($surveys, $face->id);
            $orders[$face->id] = OrderLength::by($job->rules, $sigma);
            $cut = $this->cut($job, $face, $layout, $sigma, $corrections);
            array_push($panels, ...$cut);
            $extras[$face->id] = ExtraSchool::compare($sigma, count($cut), $job->rules);
            $pieces[$face->id] = $cut;
        }
        $pairing = (new Pairer($system->profile, $job->rules))->pair($panels, $orders);
        $report = new CutReport($system->profile, $job->rules);
        $inTheWay = $this->inTheWay($finder, $groups);
        foreach ($roof->faces as $face) {
            array_push($findings, ...$layouts[$face->id]->findings, ...$inTheWay[$face->id] ?? [], ...$report->on($face, $pieces[$face->id], $pairing, $job->cut));
        }
        $order = (new OrderBuilder($system->profile, $system->material, $system->gauge, $job->rules))->build($panels, $pairing);
        $plan = new Plan($job, $surveys, $roof, $groups, $layouts, $panels, $pairing, $extras, $order, $findings, $checks);
        $this->finders[$plan] = $finder;

        return $plan;
    }

    /**
     * The best ways to lay out one face, side by side, the best first, each carried through to the metal it takes on
     * this face; the chosen one as it has been nudged.
     *
     * @return list<LayoutAlternative>
     */
    public function alternatives(Plan $plan, Face $face): array
    {
        $job = $plan->job;
        $system = $job->system;
        $planner = new LayoutPlanner($system->profile, $system->ventedRidge, $job->rules);
        $builder = new OrderBuilder($system->profile, $system->material, $system->gauge, $job->rules);
        $group = $plan->groupOf($face->id);
        $finder = $this->finders[$plan] ??= new LayoutFinder($plan->roof, $system->profile, $system->ventedRidge, $job->rules);
        $sigma = $this->sigma($plan->surveys, $face->id);

        return array_map(function (LayoutOption $option) use ($planner, $builder, $face, $job, $sigma, $finder): LayoutAlternative {
            $layout = $planner->lay($face, $option->choice);

            return new LayoutAlternative($layout, $builder->build($this->cut($job, $face, $layout, $sigma)), $option, $option->score->points($finder->weights()));
        }, $group === null ? [] : $finder->options($face, $group, $job->layouts));
    }

    /** The mark-out card of a panel, back view. */
    public function card(Plan $plan, Face $face, Panel $panel): CutCard
    {
        return $this->cardMaker($plan)->card($face, $panel);
    }

    /** @return list<string> ids of the roof's edges a panel is cut to at an angle */
    public function angledEdges(Plan $plan, Face $face, Panel $panel): array
    {
        $finder = new SideFinder($plan->roof);
        $ids = [];
        foreach ($this->cardMaker($plan)->angledSides($face, $panel) as $side) {
            $ids[] = $finder->edge($face, $side->loop, $side->side)?->id;
        }

        return array_values(array_unique(array_filter($ids)));
    }

    /** Draws up the cards of one plan; keeps what the cards of a face have in common. */
    public function cardMaker(Plan $plan): CutCardMaker
    {
        $system = $plan->job->system;

        return new CutCardMaker($system->profile, $system->ventedRidge, $plan->job->rules);
    }

    /**
     * @param  list<GroupLayout>  $groups
     * @return array<string, list<Finding>> by face id
     */
    private function inTheWay(LayoutFinder $finder, array $groups): array
    {
        $findings = [];
        foreach ($groups as $group) {
            foreach ($group->group->faces as $face) {
                $findings[$face->id] = $finder->findings($group, $face);
            }
        }

        return $findings;
    }

    /**
     * @param  list<GroupLayout>  $groups
     * @return array<string, LayoutChoice> by face id
     */
    private function choices(array $groups): array
    {
        $choices = [];
        foreach ($groups as $group) {
            foreach ($group->group->faces as $number => $face) {
                $choices[$face->id] = $group->choices[$number];
            }
        }

        return $choices;
    }

    /** @return list<Panel> */
    private function cut(Job $job, Face $face, Layout\FaceLayout $layout, float $sigma, ?Corrections $corrections = null): array
    {
        return (new Cutter($job->system->profile, $job->system->ventedRidge, $job->rules))
            ->cut($face, $layout, OrderLength::by($job->rules, $sigma), $corrections);
    }

    /** @param  list<PlaneSurvey>  $surveys */
    private function sigma(array $surveys, string $plane): float
    {
        foreach ($surveys as $survey) {
            if ($survey->plane->id === $plane) {
                return $survey->lengthSigma;
            }
        }

        return 0.0;
    }

    /** @return list<Finding> */
    private function systemFindings(System $system): array
    {
        return $system->profile->representative
            ? [Finding::note('catalogue.representative', 'system', ['profile' => $system->profile->key])]
            : [];
    }
}
