<?php

declare(strict_types=1);

namespace Imbrex\Core;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutReport;
use Imbrex\Core\Cutting\Cutter;
use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\Layout\SchoolKind;
use Imbrex\Core\LoadOut\OrderBuilder;
use Imbrex\Core\Roof\Checker;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofBuilder;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Surveyor;

/** Runs the stages in the order of work. The same job gives the same plan, to the last bit. */
final class Planner
{
    public function plan(Job $job): Plan
    {
        $surveys = (new Surveyor($job->rules))->survey($job->planes);
        $roof = (new RoofBuilder($job->rules))->build($surveys, $job->blocks);
        $checks = (new Checker($job->rules))->check($roof, $job->blocks, $job->checks);
        $system = $job->system;
        $planner = new LayoutPlanner($system->profile, $system->ventedRidge, $job->rules);
        $layouts = [];
        $panels = [];
        $extras = [];
        $findings = [
            ...$this->systemFindings($system),
            ...array_merge(...array_map(static fn (PlaneSurvey $s): array => $s->findings, $surveys)),
            ...$roof->findings,
            ...$checks->findings,
        ];
        foreach ($roof->faces as $face) {
            $layout = $planner->lay($face, $job->layoutOf($face->id));
            $layouts[$face->id] = $layout;
            $sigma = $this->sigma($surveys, $face->id);
            $cut = $this->cut($job, $face, $layout, $sigma);
            array_push($panels, ...$cut);
            $extras[$face->id] = ExtraSchool::compare($sigma, count($cut), $job->rules);
            array_push($findings, ...$layout->findings, ...(new CutReport($system->profile))->on($face, $cut));
        }
        $order = (new OrderBuilder($system->profile, $system->material, $system->gauge, $job->rules))->build($panels);

        return new Plan($job, $surveys, $roof, $layouts, $panels, $extras, $order, $findings, $checks);
    }

    /**
     * The starting schools for one face, side by side, each carried through to the metal it takes; the chosen one
     * as it has been nudged.
     *
     * @return list<LayoutAlternative>
     */
    public function alternatives(Plan $plan, Face $face): array
    {
        $job = $plan->job;
        $system = $job->system;
        $planner = new LayoutPlanner($system->profile, $system->ventedRidge, $job->rules);
        $builder = new OrderBuilder($system->profile, $system->material, $system->gauge, $job->rules);
        $chosen = $job->layoutOf($face->id);
        $alternatives = [];
        foreach ($this->choices($chosen) as $choice) {
            $isChosen = $this->isChosen($chosen, $choice, $plan);
            $layout = $planner->lay($face, $isChosen ? $choice->nudged($chosen->nudge) : $choice);
            $cut = $this->cut($job, $face, $layout, $this->sigma($plan->surveys, $face->id));
            $alternatives[] = new LayoutAlternative($layout, $builder->build($cut), $isChosen);
        }

        return $alternatives;
    }

    /** The mark-out card of a panel, back view. */
    public function card(Plan $plan, Face $face, Panel $panel): CutCard
    {
        return $this->cardMaker($plan)->card($face, $panel);
    }

    /** Draws up the cards of one plan; keeps what the cards of a face have in common. */
    public function cardMaker(Plan $plan): CutCardMaker
    {
        $system = $plan->job->system;

        return new CutCardMaker($system->profile, $system->ventedRidge, $plan->job->rules);
    }

    /** @return list<LayoutChoice> */
    private function choices(LayoutChoice $chosen): array
    {
        return [
            $chosen->with(SchoolKind::Balanced),
            $chosen->with(SchoolKind::OneEnd, true),
            $chosen->with(SchoolKind::OneEnd, false),
            $chosen->with(SchoolKind::CentreSeam),
            $chosen->with(SchoolKind::CentrePan),
            $chosen->with(SchoolKind::ControlPoint),
        ];
    }

    private function isChosen(LayoutChoice $chosen, LayoutChoice $choice, Plan $plan): bool
    {
        $fromLeft = $chosen->fromLeft ?? $plan->job->system->profile->hand->runsLeftToRight();

        return $chosen->school === $choice->school
            && ($choice->school !== SchoolKind::OneEnd || $fromLeft === $choice->fromLeft);
    }

    /** @return list<Panel> */
    private function cut(Job $job, Face $face, Layout\FaceLayout $layout, float $sigma): array
    {
        return (new Cutter($job->system->profile, $job->system->ventedRidge, $job->rules))
            ->cut($face, $layout, OrderLength::by($job->rules, $sigma));
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
