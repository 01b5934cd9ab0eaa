<?php

declare(strict_types=1);

namespace Tests\Core\Movement;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Movement\FixedAt;
use Imbrex\Core\Movement\HemWindow;
use Imbrex\Core\Movement\MetalRange;
use Imbrex\Core\Movement\MovementInput;
use Imbrex\Core\Movement\MovementResult;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Movement\PanelMovement;
use Imbrex\Core\Plan;
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
        $middle = self::moved(new MovementInput(-5.0, 100.0, 70.0, FixedAt::Middle));
        self::assertEqualsWithDelta($moved->movements[0]->total / 2.0, $middle->movements[0]->total, 1e-9);
        self::assertEqualsWithDelta(0.0, self::moved(new MovementInput(-5.0, 100.0, 70.0, FixedAt::Foot))->movements[0]->total, 1e-9);
        // Nobody said the colour: the one that gets hottest.
        self::assertEqualsWithDelta([-5.0, 180.0], [self::moved(new MovementInput)->range->coldF, self::moved(new MovementInput)->range->hotF], 1e-9);
    }

    public function test_where_no_gap_is_right_it_blocks_and_says_what_would_do(): void
    {
        // 60 ft of steel over 300 degrees: 720 × 6.67e-6 × 300 = 1.44, and a hem of 1 keeps 1/4.
        $plan = RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 2 * 718 / sqrt(1.25), [6, null, 6, null])]);
        $told = static fn (FixedAt $fixed, float $gain): array => array_values(array_filter(Plan::for($plan->job->with(new MovementInput(-60.0, 120.0, $gain, $fixed)))->of(MovementStage::class)->findings(), static fn (Finding $f): bool => $f->code === 'move.no-window'));
        $blocked = $told(FixedAt::Head, 120.0);
        self::assertCount(1, $blocked);
        self::assertSame('yes', $blocked[0]->parameters['middle']);
        self::assertSame([], $told(FixedAt::Middle, 120.0));
        self::assertSame([], $told(FixedAt::Head, 0.0 - 40.0));
    }

    private static function moved(MovementInput $input): MovementResult
    {
        $plan = RoofJob::plan(RoofJob::boathouse());

        return Plan::for($plan->job->with($input))->of(MovementStage::class);
    }
}
