<?php

declare(strict_types=1);

namespace Tests\Core;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Rules\RuleFault;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Movement\MetalToday;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\StageResult;
use Imbrex\Core\Stages;
use Imbrex\Core\Survey\SurveyStage;
use Imbrex\Core\Undeclared;
use Imbrex\Core\Water\WaterInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Openings\OpeningJob;
use Tests\Core\Roof\RandomRoof;

/** A plan works each stage once, when it is asked for, and what that needs before it. */
final class PlanTest extends TestCase
{
    public function test_a_stage_is_worked_once_and_no_later_one_with_it(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        self::assertSame(0, $plan->worked());
        $survey = $plan->of(SurveyStage::class);
        self::assertSame(1, $plan->worked());
        self::assertSame($survey, $plan->of(SurveyStage::class));
        $plan->of(BuildsStage::class);
        self::assertLessThanOrEqual(3, $plan->worked());
        $plan->of(LoadOutStage::class);
        // What is ordered of panels waits for no edges, no trims, no heat, no rain, no judges, and not for what is cut by now.
        self::assertSame(count(Stages::IN_ORDER) - 6, $plan->worked());
        $plan->findings();
        self::assertSame(count(Stages::IN_ORDER), $plan->worked());
    }

    public function test_asked_in_any_order_it_comes_to_the_same(): void
    {
        foreach (RandomRoof::several(6) as $random) {
            $job = $random->job();
            $forwards = Plan::for($job);
            $forwards->findings();
            $backwards = Plan::for($job);
            foreach (array_reverse(Stages::IN_ORDER) as $stage) {
                $backwards->of($stage);
            }
            self::assertEquals($forwards->of(CuttingStage::class)->panels, $backwards->of(CuttingStage::class)->panels);
            self::assertEquals($forwards->of(LoadOutStage::class)->order, $backwards->of(LoadOutStage::class)->order);
            self::assertEquals($forwards->findings(), $backwards->findings());
        }
    }

    public function test_a_finding_carries_its_stage_in_the_order_of_work(): void
    {
        $seen = [];
        foreach (RandomRoof::several(30) as $random) {
            $places = array_flip(array_keys(Stages::IN_ORDER));
            $last = -1;
            foreach ($random->plan()->findings() as $finding) {
                $place = $finding->stage === null ? -1 : $places[$finding->stage];
                self::assertGreaterThanOrEqual($last, $place, $finding->code);
                $last = $place;
                $seen[$finding->stage ?? 'covering'] = true;
            }
        }
        self::assertArrayHasKey('covering', $seen);
        self::assertArrayHasKey('layout', $seen);
        self::assertArrayHasKey('cutting', $seen);
    }

    public function test_a_job_that_says_nothing_to_a_stage_says_its_usual(): void
    {
        $job = JobMaker::rectangle(300, 200);

        self::assertSame([], $job->part(CuttingInput::class)->corrections);
        self::assertSame([], $job->part(RoofInput::class)->blocks);
        $other = $job->with(new LayoutInput([]));
        self::assertEquals(Plan::for($job)->of(CuttingStage::class)->panels, Plan::for($other)->of(CuttingStage::class)->panels);
    }

    public function test_a_kept_plan_is_the_plan(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $plan->findings();
        $kept = unserialize(serialize($plan));
        self::assertInstanceOf(Plan::class, $kept);

        self::assertSame($plan->worked(), $kept->worked());
        self::assertEquals($plan->of(CuttingStage::class), $kept->of(CuttingStage::class));
        self::assertEquals(array_map(static fn (Finding $f): string => $f->code, $plan->findings()), array_map(static fn (Finding $f): string => $f->code, $kept->findings()));
    }

    /** A stage that looks at what it does not say it looks at: what is kept of it would outlive a change of that. */
    public function test_a_stage_sees_what_it_says_it_sees_and_nothing_else(): void
    {
        $plan = Plan::for(JobMaker::rectangle(300, 200));
        foreach ([
            static fn (Plan $seen): StageResult => $seen->of(CuttingStage::class),
            static fn (Plan $seen): mixed => $seen->job->part(CuttingInput::class),
            static fn (Plan $seen): mixed => $seen->circumstances->part(MetalToday::class),
            static fn (Plan $seen): mixed => $seen->job->rules->number('order.extra'),
            static fn (Plan $seen): mixed => $seen->job->covering->rules->number('order.extra'),
            static fn (Plan $seen): mixed => [$seen->of(RoofStage::class), $seen->job->part(LayoutInput::class), $seen->job->rules->number('roof.tie'), $seen->job->covering->profile],
        ] as $n => $look) {
            Curious::$look = $look;
            $isTold = false;
            try {
                $plan->of(Curious::class);
            } catch (Undeclared) {
                $isTold = true;
            }
            self::assertSame($n < 5, $isTold, "look $n");
        }
    }

    /** Whatever the house goes by, nobody looks where he does not say he looks: an undeclared look throws. */
    public function test_every_choice_of_every_house_rule_is_worked(): void
    {
        $worked = 0;
        foreach (HouseRules::all() as $key => $rule) {
            foreach ($rule->choices as $option) {
                foreach (['snap-lock-1.5-16', 'rib-9-36', 'cap-seam-1.375-12'] as $profile) {
                    $plan = RoofJob::plan(RoofJob::gable(480, 480), $profile, rules: [$key => $option], openings: [OpeningJob::opening(OpeningKind::Chimney, 34.0, 30.0, UphillSchool::Cricket)]);
                    foreach (Stages::IN_ORDER as $stage) {
                        $plan->of($stage)->findings();
                    }
                    $worked++;
                }
            }
        }
        self::assertGreaterThan(60, $worked);
    }

    /** What a stage came to is kept under all it follows from, and nothing else. */
    public function test_a_key_is_another_where_something_it_follows_from_is(): void
    {
        $job = RoofJob::plan(RoofJob::boathouse())->job;
        $keys = static fn (Job $job, ?Circumstances $today = null): array => array_map(Plan::for($job, $today)->key(...), Stages::IN_ORDER);
        $changed = static fn (array $after): array => array_keys(array_diff_assoc($after, $keys($job)));
        self::assertSame([], $changed($keys($job)));
        self::assertSame([], $changed($keys(RoofJob::plan(RoofJob::boathouse())->job)), 'made anew');
        self::assertSame(array_keys(Stages::IN_ORDER), $changed($keys(RoofJob::plan(RoofJob::boathouse(), 'cap-seam-1.375-12')->job)));
        self::assertSame(['water'], $changed($keys($job->with(new WaterInput(3.5)))));
        self::assertSame(['movement'], $changed($keys($job, Circumstances::of(new MetalToday(90.0)))));
        self::assertSame(['hold-down', 'movement', 'water', 'fit', 'load-out'], $changed($keys($job->with(new SnowInput(30.0)))));
        self::assertSame(['layout', 'cutting', 'trims', 'openings', 'hold-down', 'movement', 'water', 'fit', 'load-out', 'roof-log'], $changed($keys($job->with(new LayoutInput(['hall.S' => new LayoutChoice(StartKind::Balanced)])))));
        // Of a house rule, those that go by it, and what rests on them.
        self::assertSame(['water'], $changed($keys(RoofJob::plan(RoofJob::boathouse(), rules: ['water.rain' => 5.0])->job)));
        self::assertSame(['survey', 'roof'], array_slice($changed($keys(RoofJob::plan(RoofJob::boathouse(), rules: ['survey.spread' => 0.5])->job)), 0, 2));
    }

    public function test_every_house_rule_has_one_home(): void
    {
        $keys = [];
        foreach (Stages::IN_ORDER as $stage) {
            array_push($keys, ...array_map(static fn ($rule): string => $rule->key, $stage::rules()));
        }

        self::assertSame(count($keys), count(array_unique($keys)), 'no rule stands in two folders');
        self::assertSame($keys, array_keys(HouseRules::all()));
        $this->expectException(RuleFault::class);
        HouseRules::get('no.such-rule');
    }
}
