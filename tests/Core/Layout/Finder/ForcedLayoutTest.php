<?php

declare(strict_types=1);

namespace Tests\Core\Layout\Finder;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\Internal\Finder\LayoutFinder;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\SurveyInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\RandomRoof;

/** No layout one can force on a roof is better than the one that is found, and what is counted for it is what is cut. */
final class ForcedLayoutTest extends TestCase
{
    /** Points a forced layout may seem better by: seams that meet to a thousandth of an inch count as meeting. */
    private const NOISE = 0.01;

    public function test_no_forced_layout_is_better(): void
    {
        foreach (RandomRoof::several(60) as $random) {
            $job = $random->job(false);
            $roof = Plan::for($job)->of(RoofStage::class)->roof;
            $finder = new LayoutFinder($roof, Builds::usual($job->covering));
            $weights = Weights::by($job->rules);
            $found = self::totals($finder->settle([]), $weights);
            for ($i = 0; $i < 12; $i++) {
                $choices = [];
                foreach ($roof->faces as $face) {
                    if ($random->chance($i % 2 === 0 ? 30 : 90)) {
                        $choices[$face->id] = $random->choice($face->outline->bounds());
                    }
                }
                foreach (self::totals($finder->settle($choices), $weights) as $group => $forced) {
                    self::assertGreaterThanOrEqual($found[$group] - self::NOISE, $forced, "roof $random->number, $group: ".json_encode($choices));
                }
            }
        }
    }

    /**
     * @param  list<GroupLayout>  $groups
     * @return array<string, float> points by group
     */
    private static function totals(array $groups, Weights $weights): array
    {
        $totals = [];
        foreach ($groups as $group) {
            self::assertTrue($group->proven);
            $totals[$group->group->id()] = $group->score->total($weights);
        }

        return $totals;
    }

    public function test_what_is_counted_is_what_is_cut(): void
    {
        foreach (RandomRoof::several(80) as $random) {
            $plan = self::plan($random->job());
            foreach ($plan->of(LayoutStage::class)->groups as $group) {
                $pieces = 0;
                $inches = 0.0;
                foreach ($group->group->faces as $face) {
                    foreach ($plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                        $pieces++;
                        $inches += $panel->long;
                    }
                }
                self::assertSame($pieces, $group->score->panels, "roof $random->number, {$group->group->id()}");
                self::assertEqualsWithDelta($inches, $group->score->squareFeet * 144.0 / $plan->job->covering->profile->coil, 0.05, "roof $random->number, {$group->group->id()}");
            }
        }
    }

    private static function plan(Job $job): Plan
    {
        return Plan::for(Job::of($job->name, $job->units, JobMaker::covering($job->covering->profile, HouseRules::with(['cut.overLong' => 'report'])), $job->part(SurveyInput::class), $job->part(RoofInput::class), $job->part(LayoutInput::class)));
    }
}
