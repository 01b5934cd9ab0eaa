<?php

declare(strict_types=1);

namespace Tests\Core\Movement;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Edges\Contact\MetalsInput;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\Movement\HemClosing;
use Imbrex\Core\Movement\HemWindow;
use Imbrex\Core\Movement\MetalRange;
use Imbrex\Core\Movement\MetalToday;
use Imbrex\Core\Movement\MovementInput;
use Imbrex\Core\Movement\MovementResult;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Movement\PanelMovement;
use Imbrex\Core\Movement\TrimMovement;
use Imbrex\Core\Plan;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** How far panels move, and between what their hems are set. */
final class MovementTest extends TestCase
{
    public function test_windows_of_steel_and_aluminium_over_32_feet(): void
    {
        $range = new MetalRange(-5.0, 170.0);
        $steel = HemWindow::at(60.0, 6.67e-6, 384.0, $range, 1.0, 0.25);
        self::assertEqualsWithDelta([0.1664832, 0.4682592], [$steel->least, $steel->most], 1e-9);
        self::assertTrue($steel->isOpen());
        $aluminium = HemWindow::at(60.0, 1.28e-5, 384.0, $range, 1.0, 0.25);
        self::assertEqualsWithDelta([0.319488, 0.209328], [$aluminium->least, $aluminium->most], 1e-9);
        self::assertFalse($aluminium->isOpen());
        // The habit of 1/4 to 1/2 does not fit at 60, on a hotter day it does.
        self::assertFalse($steel->holds(0.25, 0.5));
        self::assertTrue(HemWindow::at(80.0, 6.67e-6, 384.0, $range, 1.0, 0.25)->holds(0.25, 0.5));
    }

    public function test_every_length_moves_as_alpha_says(): void
    {
        $input = new MovementInput(-5.0, 100.0, 70.0);
        $moved = self::moved($input);
        self::assertEqualsWithDelta(175.0, $moved->range->span(), 1e-9);
        $panels = array_merge(...array_map(static fn (PanelMovement $one): array => $one->panels, $moved->movements));
        self::assertCount(count(array_unique($panels)), $panels);
        foreach ($moved->movements as $one) {
            self::assertEqualsWithDelta(6.67e-6 * $one->length * 175.0, $one->total, 1e-9);
            foreach ($one->windows as $i => $window) {
                // Warmer metal, wider gap: by as much as it has grown.
                $i > 0 && self::assertEqualsWithDelta(6.67e-6 * $one->moving * 10.0, $window->least - $one->windows[$i - 1]->least, 1e-9);
                self::assertEqualsWithDelta($one->hem - 0.25 - $one->total, $window->most - $window->least, 1e-9);
            }
        }
        // Held in the middle half of it moves, at the foot nothing does.
        $middle = self::moved(new MovementInput(-5.0, 100.0, 70.0), FixedAt::Middle);
        self::assertEqualsWithDelta($moved->movements[0]->total / 2.0, $middle->movements[0]->total, 1e-9);
        self::assertEqualsWithDelta(0.0, self::moved(new MovementInput(-5.0, 100.0, 70.0), FixedAt::Foot)->movements[0]->total, 1e-9);
        // Nobody said the colour: the one that gets hottest.
        self::assertEqualsWithDelta([-5.0, 180.0], [self::moved(new MovementInput)->range->coldF, self::moved(new MovementInput)->range->hotF], 1e-9);
    }

    public function test_where_no_gap_is_right_it_blocks_and_says_what_would_do(): void
    {
        // 60 ft of steel over 300 degrees: 720 × 6.67e-6 × 300 = 1.44, and a hem of 1 keeps 1/4.
        $plan = RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 2 * 718 / sqrt(1.25), [6, null, 6, null])]);
        $told = static fn (FixedAt $fixed, float $gain): array => array_values(array_filter(Plan::for($plan->job->with(new MovementInput(-60.0, 120.0, $gain))->with(new HoldDownInput(fixed: $fixed)))->of(MovementStage::class)->findings(), static fn (Finding $f): bool => $f->code === 'move.no-window'));
        $blocked = $told(FixedAt::Head, 120.0);
        self::assertCount(1, $blocked);
        self::assertSame('yes', $blocked[0]->parameters['middle']);
        self::assertSame([], $told(FixedAt::Middle, 120.0));
        self::assertSame([], $told(FixedAt::Head, 0.0 - 40.0));
    }

    /** Steel over 32 ft at 60 °F: between 0.1665 and 0.4683, the middle 0.3174, so 5/16. */
    public function test_what_is_set_today_is_a_sixteenth_inside_the_window(): void
    {
        $range = new MetalRange(-5.0, 170.0);
        self::assertSame(0.3125, HemWindow::at(60.0, 6.67e-6, 384.0, $range, 1.0, 0.25)->setting());
        self::assertNull(HemWindow::at(60.0, 1.28e-5, 384.0, $range, 1.0, 0.25)->setting(), 'no window, no setting');
        $plan = RoofJob::plan(RoofJob::boathouse());
        $plan->of(MovementStage::class);
        self::assertNull($plan->of(MovementStage::class)->movements[0]->today);
        for ($metalF = -5.0; $metalF <= 180.0; $metalF += 18.5) {
            $today = $plan->on(Circumstances::of(new MetalToday($metalF)));
            self::assertSame($plan->of(CuttingStage::class), $today->of(CuttingStage::class), 'nothing is cut anew because it is warm');
            foreach ($today->of(MovementStage::class)->movements as $one) {
                $set = $one->today?->setting();
                self::assertNotNull($set);
                self::assertEqualsWithDelta(0.0, fmod($set * 16.0, 1.0), 1e-9);
                // What heat adds still leaves the hem on its cleat, what cold takes leaves the fold off its nose.
                self::assertLessThanOrEqual($one->hem - 0.25, $set + 6.67e-6 * $one->moving * (180.0 - $metalF) + 1e-9);
                self::assertGreaterThanOrEqual(0.0, $set - 6.67e-6 * $one->moving * ($metalF + 5.0) + 1e-9);
            }
        }
        self::assertSame($plan, $plan->on($plan->circumstances));
    }

    public function test_both_ends_move_what_the_whole_panel_does(): void
    {
        foreach (FixedAt::cases() as $fixed) {
            foreach (self::moved(new MovementInput(-5.0, 100.0, 70.0), $fixed)->movements as $one) {
                self::assertEqualsWithDelta(6.67e-6 * $one->length * 175.0, $one->total + $one->atHead, 1e-9);
            }
        }
    }

    /** Two pieces of aluminium, 120 each, −5 to 180 °F: 1.28e-5 × 120 × 185 = 0.284 at the joint, more than 3/16; at 100 °F 0.123 are left open. */
    public function test_joints_of_trims_move_as_their_own_metal(): void
    {
        $plan = RoofJob::plan(RoofJob::gable(480.0));
        $steel = $plan->of(MovementStage::class);
        $by = [];
        foreach ($plan->of(TrimsStage::class)->runs as $run) {
            $by[$run->id] = $run;
        }
        self::assertNotSame([], $steel->trims);
        foreach ($steel->trims as $one) {
            self::assertSame(count($by[$one->run]->pieces) - 1, $one->joints);
            self::assertEqualsWithDelta(6.67e-6 * $by[$one->run]->length * 185.0, $one->total, 1e-9);
            self::assertLessThanOrEqual(6.67e-6 * 121.0 * 185.0, $one->joint);
        }
        self::assertSame([], RoofJob::findings($plan, 'move.splice'));
        $aluminium = Plan::for($plan->job->with(new MetalsInput('aluminium')), Circumstances::of(new MetalToday(100.0)));
        $worst = max(array_map(static fn (TrimMovement $one): float => $one->joint, $aluminium->of(MovementStage::class)->trims));
        self::assertGreaterThan(0.1875, $worst);
        self::assertCount(1, RoofJob::findings($aluminium, 'move.splice'));
        foreach ($aluminium->of(MovementStage::class)->trims as $one) {
            self::assertEqualsWithDelta($one->joint * 80.0 / 185.0, $one->gapToday, 1e-9);
        }
    }

    public function test_a_panel_with_two_hems_keeps_the_valleys_open_until_it_lies(): void
    {
        $closings = self::moved(new MovementInput)->closings;
        $after = array_values(array_filter($closings, static fn (HemClosing $one): bool => $one->isAfter));
        self::assertNotSame([], $after);
        $before = array_merge(...array_map(static fn (HemClosing $one): array => $one->panels, array_filter($closings, static fn (HemClosing $one): bool => ! $one->isAfter)));
        foreach ($after as $one) {
            self::assertSame(EdgeKind::Valley, $one->edge);
            self::assertSame([], array_diff($one->panels, $before), 'its eave is hooked first');
        }
        // A plain gable has eaves alone: every panel once.
        $gable = RoofJob::plan(RoofJob::gable(240.0));
        $told = $gable->of(MovementStage::class)->closings;
        self::assertSame([EdgeKind::Eave, EdgeKind::Eave], array_map(static fn (HemClosing $one): EdgeKind => $one->edge, $told));
        self::assertSame(count($gable->of(CuttingStage::class)->panels), array_sum(array_map(static fn (HemClosing $one): int => count($one->panels), $told)));
    }

    private static function moved(MovementInput $input, FixedAt $fixed = FixedAt::Head): MovementResult
    {
        $plan = RoofJob::plan(RoofJob::boathouse());

        return Plan::for($plan->job->with($input)->with(new HoldDownInput(fixed: $fixed)))->of(MovementStage::class);
    }
}
