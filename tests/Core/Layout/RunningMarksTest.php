<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Internal\RunningMarkKind;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;

final class RunningMarksTest extends TestCase
{
    use TestTrait;

    public function test_marks_run_from_one_zero_and_every_seam_has_one(): void
    {
        $this->forAll(new ChooseGenerator(60, 4000), ElementsGenerator::fromArray(StartKind::cases()), new ChooseGenerator(-40, 40))->then(function (int $quarters, StartKind $start, int $nudge): void {
            $job = JobMaker::rectangle($quarters / 4, 200, choice: new LayoutChoice($start, nudge: $nudge / 16));
            $layout = Plan::for($job)->of(LayoutStage::class)->layouts['P1'];
            $marks = self::marks($job)['eave'];
            $distances = array_map(static fn (RunningMark $m): float => $m->distance, $marks);
            $sorted = $distances;
            sort($sorted);

            self::assertSame($sorted, $distances);
            self::assertSame(1, count(array_filter($marks, static fn (RunningMark $m): bool => $m->kind === RunningMarkKind::Control)));
            foreach ($layout->seams as $seam) {
                self::assertLessThan(1e-6, min(array_map(static fn (float $d): float => abs($d - ($seam - $layout->control)), $distances)));
            }
        });
    }

    public function test_along_a_shorter_ridge_only_seams_that_reach_it_are_marked(): void
    {
        $job = JobMaker::outline([[0, 0], [318, 0], [239, 150], [79, 150]], [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake], choice: new LayoutChoice(StartKind::CentreSeam));
        ['eave' => $eave, 'head' => $head] = self::marks($job);
        $seams = static fn (array $marks): array => array_values(array_map(static fn (RunningMark $m): float => $m->distance, array_filter($marks, static fn (RunningMark $m): bool => $m->kind === RunningMarkKind::Seam)));

        // Twenty panels of 16 about the middle, nineteen seams, one of them the control line; the ridge reaches 80 to each side.
        self::assertCount(18, $seams($eave));
        self::assertEqualsWithDelta([-80, -64, -48, -32, -16, 16, 32, 48, 64, 80], $seams($head), 1e-9);
    }

    public function test_check_marks_follow_the_house_rule(): void
    {
        foreach ([[1.0, 30], [3.0, 10], [4.0, 7]] as [$every, $count]) {
            $job = JobMaker::rectangle(500, 200, rules: ['layout.checkMarkEvery' => $every]);
            // The first seam carries the control line, which needs no check.
            $checks = count(array_filter(self::marks($job)['eave'], static fn (RunningMark $m): bool => $m->check));
            self::assertSame($count, $checks);
        }
    }

    public function test_check_marks_are_counted_from_the_control_line_to_either_side(): void
    {
        $job = JobMaker::rectangle(500, 200, choice: new LayoutChoice(StartKind::CentrePan), rules: ['layout.checkMarkEvery' => 3.0]);
        $checks = array_map(static fn (RunningMark $m): float => $m->distance, array_values(array_filter(self::marks($job)['eave'], static fn (RunningMark $m): bool => $m->check)));

        // Seams 8 in to either side of the pan's middle, then every 16: the third at 40, the sixth at 88.
        self::assertEqualsWithDelta([-88.0, -40.0, 40.0, 88.0], array_values(array_filter($checks, static fn (float $d): bool => abs($d) < 100.0)), 1e-9);
    }

    /** @return array{eave: list<RunningMark>, head: list<RunningMark>} */
    private static function marks(Job $job): array
    {
        $plan = Plan::for($job);
        $marks = new RunningMarks($job->rules);

        return [
            'eave' => $marks->alongEave($plan->of(RoofStage::class)->roof->faces[0], $plan->of(LayoutStage::class)->layouts['P1']),
            'head' => $marks->alongHead($plan->of(RoofStage::class)->roof->faces[0], $plan->of(LayoutStage::class)->layouts['P1']),
        ];
    }
}
