<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Internal\MarkCheck;
use Imbrex\Core\Cutting\Internal\Mistake;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Layout\Internal\RunningMarkKind;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** Marking out as it is taught: the right lengths, the named mistakes, the hem, the cleat's chalk line, marks that meet. */
final class MarkCheckTest extends TestCase
{
    public function test_the_right_lengths_are_no_mistake(): void
    {
        [$check, $face, $panel] = self::hip();
        $right = $check->right($face, $panel) ?? self::fail();

        self::assertNull($check->mistake($face, $panel, $right, 1 / 32));
        self::assertNull($check->mistake($face, $panel, new TwoLengths($right->left + 1 / 32, $right->right), 1 / 16));
    }

    public function test_mistakes_at_a_hip_are_named(): void
    {
        [$check, $face, $panel] = self::hip();
        $right = $check->right($face, $panel) ?? self::fail();
        $name = static fn (float $left, float $right): ?Mistake => $check->mistake($face, $panel, new TwoLengths($left, $right), 1 / 32);
        // 16 cover instead of 16-5/8 out to out, at 6:12 longer by 1.118 an inch.
        $step = 16.0 * sqrt(1.25);

        self::assertEqualsWithDelta(16.625 * sqrt(1.25), abs($right->left - $right->right), 1e-6);
        self::assertSame(Mistake::Mirrored, $name($right->right, $right->left));
        self::assertSame(Mistake::NoHem, $name($right->left - 1.0, $right->right - 1.0));
        self::assertSame(Mistake::CoverForWidth, $name($right->left, $right->left - $step));
        self::assertSame(Mistake::CoverForWidth, $name($right->right + $step, $right->right));
        self::assertSame(Mistake::WrongEnd, $name($panel->long - $right->left, $panel->long - $right->right));
        self::assertNull($name($right->left + 5.0, $right->right + 3.0), 'wrong in no way that has a name');
    }

    public function test_mistakes_at_a_valley_are_named(): void
    {
        [$check, $face, $panel] = self::at('hall.S', 'valley');
        $right = $check->right($face, $panel) ?? self::fail();
        $name = static fn (float $left, float $right): ?Mistake => $check->mistake($face, $panel, new TwoLengths($left, $right), 1 / 32);

        self::assertEqualsWithDelta(16.25 * sqrt(1.25), abs($right->left - $right->right), 1e-6, 'inside to outside');
        // The 1 in hem on 6:12 is 1-1/2 along the rib.
        self::assertSame(Mistake::NoHem, $name($right->left - 1.5, $right->right - 1.5));
        self::assertSame(Mistake::Mirrored, $name($right->right, $right->left));
        // Left of the valley's point the piece is longer on its left, which on the back is the right.
        self::assertGreaterThan($right->left, $right->right);
        self::assertSame(Mistake::CoverForWidth, $name($right->right - 16.0 * sqrt(1.25), $right->right));
        foreach ($check->wrong($face, $panel) as [$mistake, $lengths]) {
            self::assertFalse($lengths->isNear($right, 1 / 64), $mistake->value);
        }
    }

    public function test_the_quick_habit_gives_two_thirds_of_a_hem(): void
    {
        $square = RoofJob::plan(RoofJob::boathouse());
        $quick = RoofJob::plan(RoofJob::boathouse(), rules: ['cut.hemSchool' => 'quick']);
        foreach ([[$square, 1.0, 1.5], [$quick, 2 / 3, 1.0]] as [$plan, $hem, $along]) {
            $panel = self::with($plan, 'hall.S', 'valley');
            $hems = CutCardMaker::of($plan)->hems($plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail(), $panel);
            self::assertEqualsWithDelta(['kind' => 'valley', 'hem' => $hem, 'along' => $along, 'wanted' => 1.0, 'quick' => $hem < 1.0], $hems[0], 1e-6);
            $marks = RoofJob::card($plan, $panel)->marks;
            $at = static fn (string $name): float => array_values(array_filter($marks, static fn (Mark $m): bool => $m->name === $name))[0]->distance;
            self::assertEqualsWithDelta($along, $at('valley') - $at('valley-hem'), 1e-6);
        }
    }

    public function test_the_cleats_chalk_line_lies_at_reveal_nose_and_flange(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $system = $plan->job->covering;
        $lines = new CleatLines(Builds::usual($system), new SideFinder($plan->of(RoofStage::class)->roof));
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();
        $found = $lines->on($face);

        self::assertCount(2, $found);
        foreach ($found as $line) {
            // The panel folds round the nose, which stands at 4; nose of 1 and flange of 1-1/2 lie uphill of that.
            self::assertSame([4.0, 6.5], [$line->reveal, $line->offset]);
            $edge = $plan->of(RoofStage::class)->roof->edge((string) $line->edge) ?? self::fail();
            [$a, $b] = [($face->frame ?? self::fail())->toDeck($edge->from), $face->frame->toDeck($edge->to)];
            foreach ([$line->from, $line->to] as $end) {
                $off = (($b->u - $a->u) * ($end->v - $a->v) - ($b->v - $a->v) * ($end->u - $a->u)) / $a->distanceTo($b);
                self::assertEqualsWithDelta(6.5, abs($off), 1e-6);
            }
            self::assertGreaterThan(100.0, $line->from->distanceTo($line->to));
        }
        self::assertSame([], $lines->on($plan->of(RoofStage::class)->roof->face('hall.N') ?? self::fail()));
    }

    public function test_ridge_marks_know_the_seam_they_meet(): void
    {
        $meeting = RoofJob::plan(RoofJob::gable(500));
        $missing = RoofJob::plan(RoofJob::gable(500), layouts: ['shed.S' => new LayoutChoice(StartKind::OneEnd, true), 'shed.N' => new LayoutChoice(StartKind::OneEnd, true)]);
        foreach (self::seams($meeting) as $mark) {
            self::assertSame('shed.N', $mark->across);
            self::assertEqualsWithDelta(0.0, $mark->miss, 1e-6);
            // Control lines 10 in from the left of each: 500 − 20 apart, counted the other way.
            self::assertEqualsWithDelta(480.0 - $mark->distance, $mark->theirs, 1e-6);
        }
        foreach (self::seams($missing) as $mark) {
            self::assertGreaterThan(3.9, $mark->miss);
        }
    }

    public function test_a_tip_too_small_is_said_with_what_mends_it(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), layouts: ['hall.N' => new LayoutChoice(StartKind::Found, at: 2.5)]);
        $tip = RoofJob::findings($plan, 'cut.tip-small');
        $parameters = $tip[0]->parameters;
        $nudge = $parameters['nudge']->inches ?? 0.0;

        self::assertSame(['hall.N', 'nudge'], [$tip[0]->where, $parameters['mend']]);
        $mended = RoofJob::plan(RoofJob::boathouse(), layouts: ['hall.N' => new LayoutChoice(StartKind::Found, at: 2.5, nudge: $parameters['direction'] === 'right' ? $nudge : -$nudge)]);
        self::assertSame([], array_filter(RoofJob::findings($mended, 'cut.tip-small'), static fn ($f): bool => $f->where === 'hall.N' && $f->parameters['piece'] === $parameters['piece']));
    }

    /** @return list<RunningMark> of the south face at the ridge */
    private static function seams(Plan $plan): array
    {
        $face = $plan->of(RoofStage::class)->roof->face('shed.S') ?? self::fail();
        $marks = (new RunningMarks($plan->job->rules))->alongHead($face, $plan->of(LayoutStage::class)->layouts['shed.S'], $plan->of(LayoutStage::class)->groups[0]->group->tiesOf('shed.S'), $plan->of(LayoutStage::class)->layouts);
        $seams = array_values(array_filter($marks, static fn (RunningMark $m): bool => $m->kind === RunningMarkKind::Seam));
        self::assertGreaterThan(25, count($seams));

        return $seams;
    }

    /** @return array{MarkCheck, Face, Panel} */
    private static function hip(): array
    {
        return self::at('hall.S', 'hip');
    }

    /** @return array{MarkCheck, Face, Panel} */
    private static function at(string $face, string $mark): array
    {
        $plan = RoofJob::plan(RoofJob::boathouse());

        return [new MarkCheck(CutCardMaker::of($plan)), $plan->of(RoofStage::class)->roof->face($face) ?? self::fail(), self::with($plan, $face, $mark)];
    }

    /** A panel marked to it at both edges, and to nothing else at an angle. */
    private static function with(Plan $plan, string $face, string $name): Panel
    {
        foreach ($plan->of(CuttingStage::class)->panelsOf($face) as $panel) {
            $names = array_map(static fn (Mark $m): string => $m->name, RoofJob::card($plan, $panel)->marks);
            if (abs($panel->metal->bounds()->width() - 16.0) < 1e-6 && count(array_keys($names, $name, true)) === 2 && ! in_array('corner', $names, true) && ! in_array($name === 'hip' ? 'valley' : 'hip', $names, true)) {
                return $panel;
            }
        }
        self::fail("no $name piece");
    }
}
