<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\LapsCrossed;
use Imbrex\Core\Water\UphillComparison;
use Imbrex\Core\Water\WaterStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Openings\OpeningJob;
use Tests\Core\RoofJob;

/** Ways uphill beside each other, and what a drop comes onto on its way. */
final class UphillComparisonTest extends TestCase
{
    public function test_every_way_is_worked_and_told_with_what_it_takes(): void
    {
        $plan = OpeningJob::plan(OpeningJob::opening(OpeningKind::Curb, 48.0, 30.0));
        $all = UphillComparison::all($plan, $plan->of(OpeningsStage::class)->openings['c']);
        self::assertSame(UphillSchool::cases(), array_map(static fn (UphillComparison $one): UphillSchool => $one->school, $all));
        self::assertSame([true, true, true], array_map(static fn (UphillComparison $one): bool => $one->fits, $all));
        // Front, two sides, back; two pans, two panels and a cap for the back; board, two zees, nine panels and a zee for it.
        self::assertSame([4, 3 + 2 + 2 + 1, 3 + 1 + 2 + 9 + 1], array_map(static fn (UphillComparison $one): int => $one->pieces, $all));
        self::assertEqualsWithDelta(4 * 25.0 / 60.0, $all[0]->hours, 1e-9);
        // 4 ft by 10 ft of run: 40 sq ft, 1.663 gallons.
        self::assertEqualsWithDelta([1.663, 0.0, 1.663 / 9.0], array_map(static fn (UphillComparison $one): float => $one->held, $all), 1e-3);
        self::assertSame([false, true, false], array_map(static fn (UphillComparison $one): bool => $one->isAsked, $all));
    }

    public function test_what_does_not_fit_is_told_so(): void
    {
        // Just below the ridge: a cricket of 60 wants 33.5 up the slope, and sideways panels half a panel.
        $plan = OpeningJob::plan(Opening::outlined('c', 'shed.S', OpeningKind::Curb, 'Curb', Polygon::rectangle(200.0, 230.0, 260.0, 262.0)));
        $all = UphillComparison::all($plan, $plan->of(OpeningsStage::class)->openings['c']);
        self::assertSame([true, false, false], array_map(static fn (UphillComparison $one): bool => $one->fits, $all));
        $screwed = OpeningJob::plan(OpeningJob::opening(OpeningKind::Curb, 48.0, 30.0), profile: 'rib-9-36');
        $all = UphillComparison::all($screwed, $screwed->of(OpeningsStage::class)->openings['c']);
        self::assertSame([true, true, false], array_map(static fn (UphillComparison $one): bool => $one->fits, $all));
    }

    public function test_snow_and_flat_roofs_ask_for_more_than_an_apron(): void
    {
        $plan = OpeningJob::plan(OpeningJob::opening(OpeningKind::Chimney, 24.0, 24.0));
        $reasons = static fn (Plan $plan): array => $plan->of(WaterStage::class)->advice['c']->reasons;
        self::assertSame([], $reasons($plan));
        self::assertSame([], $reasons(Plan::for($plan->job->with(new SnowInput(20.0)))));
        self::assertSame(['snow'], $reasons(Plan::for($plan->job->with(new SnowInput(21.0)))));
        $flat = RoofJob::plan(RoofJob::gable(480.0, 480.0, 2.0), 'double-lock-2-16', openings: [Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(200.0, 90.0, 224.0, 120.0))]);
        self::assertSame(['pitch'], $reasons($flat));
    }

    /** From the panel onto the trim at the eave, onto the pan of a valley, over a side zee, round an apron piece by piece. */
    public function test_a_drop_comes_onto_laps_and_trims_by_name(): void
    {
        self::assertSame([[], ['layer.eave-trim']], self::over(RoofJob::plan(RoofJob::gable(480.0, 480.0)), 'shed.S', 100.0, 100.0));
        self::assertSame([[], ['layer.valley-pan'], ['layer.eave-trim']], self::over(RoofJob::plan(RoofJob::boathouse()), 'hall.S', 460.0, 150.0));
        $apron = OpeningJob::plan(OpeningJob::opening(OpeningKind::Curb, 48.0, 30.0));
        self::assertSame(['piece.back', 'piece.side-left', 'piece.front'], self::over($apron, 'shed.S', 210.0, 200.0)[1]);
        $cross = OpeningJob::plan(OpeningJob::opening(OpeningKind::Curb, 48.0, 30.0, UphillSchool::Cross));
        self::assertSame(['layer.side-zee', 'layer.panel-lower'], self::over($cross, 'c.X', 40.0, 10.0)[1]);
    }

    public function test_end_laps_in_its_pan_are_among_them(): void
    {
        // 45 ft of slope are parted: 600 in longer than the 540 that are made.
        $plan = RoofJob::plan(RoofJob::gable(300.0, 1300.0));
        $over = self::over($plan, 'shed.S', 100.0, 700.0);
        self::assertNotSame([], $over[0]);
        self::assertSame(['edge.end-lap'], array_values(array_unique($over[0])));
        self::assertSame([], self::over($plan, 'shed.S', 100.0, 20.0)[0], 'below the lap');
    }

    /** @return list<list<string>> step by step */
    private static function over(Plan $plan, string $face, float $u, float $v): array
    {
        $laps = LapsCrossed::on($plan);
        $path = Catchment::of($plan)->runoff->from($face, $u, $v);
        self::assertNotNull($path);

        return array_map(
            static fn (DropStep $step): array => array_map(static fn (Term|string $name): string => $name instanceof Term ? $name->code : $name, $laps->of($step)),
            $path->steps,
        );
    }
}
