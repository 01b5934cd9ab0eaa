<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LineCheck;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** A snapped line held against the eave by any triangle. */
final class LineCheckTest extends TestCase
{
    public function test_a_square_line_reads_the_hypotenuse_and_runs_out_nowhere(): void
    {
        $check = new LineCheck(40.0, true, 360.0, 480.0, 600.0);
        self::assertSame(600.0, $check->must());
        self::assertEqualsWithDelta(0.0, $check->runOut(240.0), 1e-9);
    }

    public function test_the_worked_example(): void
    {
        // 30 ft along, 20 ft up: 36 ft 0-11/16 must be read. A half more, and the line leans away from the leg.
        $check = new LineCheck(0.0, true, 360.0, 240.0, hypot(360.0, 240.0) + 0.5);
        self::assertEqualsWithDelta(432.666, $check->must(), 1e-3);
        // By hand: (360² + 240² − 433.166²) / (2 · 360) = −0.601.
        self::assertEqualsWithDelta(-0.6013, $check->runOut(240.0), 1e-3);
        self::assertEqualsWithDelta(-0.03007, $check->runOut(12.0), 1e-4);
        self::assertEqualsWithDelta(0.6013, (new LineCheck(0.0, false, 360.0, 240.0, $check->read))->runOut(240.0), 1e-3, 'to the left of it the same tape leans the other way');
    }

    public function test_what_a_leaning_line_reads_gives_its_lean_back(): void
    {
        mt_srand(3);
        for ($i = 0; $i < 50; $i++) {
            [$along, $up] = [60.0 + mt_rand(0, 400), 60.0 + mt_rand(0, 300)];
            $lean = mt_rand(-60, 60) / 10.0;
            $right = (bool) mt_rand(0, 1);
            // The mark lies so much up the line itself, which leans by so much over its length.
            $top = [$lean, sqrt($up ** 2 - $lean ** 2)];
            $read = hypot($top[0] - ($right ? $along : -$along), $top[1]);
            self::assertEqualsWithDelta($lean, (new LineCheck(0.0, $right, $along, $up, $read))->runOut($up), 1e-9);
        }
    }

    public function test_the_largest_triangles_of_a_face_lie_on_it(): void
    {
        $face = Plan::for(RoofJob::plan(RoofJob::gable(400.0))->job)->of(RoofStage::class)->roof->faces[0];
        $bounds = $face->outline->bounds();
        [$own, $square] = LineCheck::largest($face, $bounds->left + 100.0);
        self::assertTrue($own->toRight);
        self::assertSame([floor($bounds->width() - 100.0), floor($bounds->height())], [$own->along, $own->up]);
        self::assertEqualsWithDelta(0.0, fmod($square->must(), 60.0), 1e-9, 'fives of whole feet');
        self::assertLessThanOrEqual($own->along, $square->along);
        self::assertSame([], LineCheck::largest($face, $bounds->right + 5.0));
    }

    public function test_legs_that_cannot_close_are_known(): void
    {
        self::assertFalse((new LineCheck(0.0, true, 360.0, 240.0, 600.0))->closes());
        self::assertFalse((new LineCheck(0.0, true, 360.0, 240.0, 120.0))->closes());
        self::assertTrue((new LineCheck(0.0, true, 360.0, 240.0))->closes());
    }

    public function test_a_line_that_leans_is_to_settle(): void
    {
        $job = RoofJob::plan(RoofJob::gable(400.0))->job;
        $id = Plan::for($job)->of(RoofStage::class)->roof->faces[0]->id;
        $said = static fn (float $read): array => RoofJob::findings(Plan::for($job->with(new LayoutInput([], [$id => new LineCheck(100.0, true, 240.0, 120.0, $read)]))), 'layout.line-leans');
        self::assertSame([], $said(hypot(240.0, 120.0) + 0.01));
        self::assertSame(['left'], array_map(static fn ($finding): string|float|int|object => $finding->parameters['side'], $said(hypot(240.0, 120.0) + 0.5)));
    }
}
