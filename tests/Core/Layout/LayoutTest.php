<?php

declare(strict_types=1);

namespace Tests\Core\Layout;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Hold;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Layout\FaceLayout;
use Imbrex\Core\Layout\Internal\RunningMarkKind;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\WorkedExamples;

final class LayoutTest extends TestCase
{
    use TestTrait;

    public function test_forty_one_feet_eight_in_sixteen_inch_covers(): void
    {
        [$given, $expect] = WorkedExamples::named('panels on')['panels on 41 ft 8 in, 16 cover'];

        $oneEnd = self::lay($given['width'], StartKind::OneEnd);
        self::assertCount($expect['oneEnd']['panels'], $oneEnd->strips);
        self::assertSame($expect['oneEnd']['fullPanels'], $oneEnd->fullPanels());
        self::assertNull($oneEnd->leftRip);
        self::assertEqualsWithDelta($expect['oneEnd']['lastRip'], $oneEnd->rightRip, 1e-9);

        $balanced = self::lay($given['width'], StartKind::Balanced);
        self::assertCount($expect['balanced']['panels'], $balanced->strips);
        self::assertSame($expect['balanced']['fullPanels'], $balanced->fullPanels());
        self::assertEqualsWithDelta($expect['balanced']['rips'], [$balanced->leftRip, $balanced->rightRip], 1e-9);

        $seam = self::lay($given['width'], StartKind::CentreSeam);
        self::assertEqualsWithDelta($expect['centreLineSeam']['rips'], [$seam->leftRip, $seam->rightRip], 1e-9);

        $pan = self::lay($given['width'], StartKind::CentrePan);
        self::assertSame($expect['centreLinePan']['fullPanels'], $pan->fullPanels());
        self::assertEqualsWithDelta($expect['centreLinePan']['rips'], [$pan->leftRip, $pan->rightRip], 1e-9);
    }

    public function test_screw_down_sheets_are_held_back_at_each_rake(): void
    {
        $layout = self::lay(500, StartKind::Balanced, 'rib-9-36');

        self::assertCount(14, $layout->strips);
        self::assertEqualsWithDelta([33.75, 33.75], [$layout->leftRip, $layout->rightRip], 1e-9);
        self::assertEqualsWithDelta([0.25, 499.75], [$layout->span->left, $layout->span->right], 1e-12);
    }

    public function test_a_narrow_rip_is_said_with_its_side(): void
    {
        $left = self::narrow(self::lay(500, StartKind::OneEnd));
        $right = self::narrow(self::layWith(500, new LayoutChoice(StartKind::OneEnd, false)));

        self::assertSame('right', $left?->parameters['side']);
        self::assertSame('left', $right?->parameters['side']);
        self::assertNull(self::narrow(self::lay(500, StartKind::Balanced)));
    }

    public function test_a_whole_number_of_panels_has_no_rip(): void
    {
        foreach ([StartKind::Balanced, StartKind::OneEnd, StartKind::CentreSeam] as $start) {
            $layout = self::lay(16 * 30, $start);
            self::assertSame([30, null, null], [count($layout->strips), $layout->leftRip, $layout->rightRip], $start->value);
        }
    }

    public function test_a_face_narrower_than_a_panel_is_one_rip(): void
    {
        $layout = self::lay(11.5, StartKind::Balanced);

        self::assertCount(1, $layout->strips);
        self::assertEqualsWithDelta(11.5, $layout->rightRip, 1e-9);
    }

    public function test_a_control_point_gets_its_seam_or_its_pan(): void
    {
        $seam = self::layWith(500, new LayoutChoice(StartKind::ControlPoint, at: 123.5));
        self::assertContains(123.5, $seam->seams);
        self::assertSame(123.5, $seam->control);

        $pan = self::layWith(500, new LayoutChoice(StartKind::ControlPoint, at: 123.5, asSeam: false));
        self::assertContains(115.5, $pan->seams);
        self::assertContains(131.5, $pan->seams);
    }

    public function test_a_nudge_moves_every_seam_by_itself(): void
    {
        $before = self::lay(500, StartKind::Balanced);
        $after = self::layWith(500, new LayoutChoice(nudge: 0.0625));

        self::assertEqualsWithDelta(array_map(static fn (float $u): float => $u + 0.0625, $before->seams), $after->seams, 1e-9);
        self::assertEqualsWithDelta([10.0625, 9.9375], [$after->leftRip, $after->rightRip], 1e-9);
    }

    public function test_panels_are_laid_by_their_hand(): void
    {
        $rightHanded = new Profile(
            key: 'own',
            family: Family::SnapLock,
            cover: 16,
            height: 1.5,
            leftMetal: 0.25,
            rightMetal: 0.375,
            coil: 20,
            hand: Hand::FemaleRight,
            mayTurn: false,
            leastPitch: 3,
            hold: new Hold(HoldKind::Clip, 0),
            fieldScrews: [],
            endScrews: [],
            ribs: [0, 16],
            stitchSpacing: 0,
            shortest: 24,
            longest: 540,
            representative: false,
        );
        $plan = Plan::for(JobMaker::rectangle(500, 214, $rightHanded, new LayoutChoice(StartKind::OneEnd)));
        $layout = $plan->of(LayoutStage::class)->layouts['P1'];

        self::assertSame([32, 1], [$layout->strips[0]->laid, $layout->strips[31]->laid]);
        self::assertEqualsWithDelta(4.0, $layout->leftRip, 1e-9);
        self::assertSame([1, 32], [self::lay(500, StartKind::OneEnd)->strips[0]->laid, self::lay(500, StartKind::OneEnd)->strips[31]->laid]);
    }

    public function test_a_centre_line_does_not_turn_the_panels_round(): void
    {
        $codes = static fn (FaceLayout $layout): array => array_map(static fn (Finding $f): string => $f->code, $layout->findings);

        self::assertContains('layout.one-way', $codes(self::lay(500, StartKind::CentreSeam)));
        self::assertNotContains('layout.one-way', $codes(self::lay(500, StartKind::CentreSeam, 'cap-seam-1.375-16')));
        self::assertContains('layout.one-way', $codes(self::layWith(500, new LayoutChoice(StartKind::OneEnd, false))));
    }

    public function test_a_low_pitch_blocks_the_order(): void
    {
        foreach (Catalogue::shipped()->profiles as $key => $profile) {
            $low = Plan::for(JobMaker::rectangle(400, 200, $key, rise: $profile->leastPitch - 0.25));
            $enough = Plan::for(JobMaker::rectangle(400, 200, $key, rise: $profile->leastPitch));
            self::assertSame([Severity::Block], self::severities($low, 'layout.pitch-below-least'), $key);
            self::assertSame([], self::severities($enough, 'layout.pitch-below-least'), $key);
            self::assertFalse(LoadOutStage::mayBeOrdered($low));
        }
    }

    public function test_running_marks_from_the_control_line(): void
    {
        $job = JobMaker::rectangle(500, 214.375);
        $plan = Plan::for($job);
        $marks = (new RunningMarks($job->rules))->alongEave($plan->of(RoofStage::class)->roof->faces[0], $plan->of(LayoutStage::class)->layouts['P1']);
        $distances = array_map(static fn (RunningMark $m): float => $m->distance, $marks);

        self::assertEqualsWithDelta([-10.0, 0.0, 16.0, 32.0, 48.0], array_slice($distances, 0, 5), 1e-9);
        self::assertEqualsWithDelta(490.0, end($distances), 1e-9);
        self::assertCount(33, $marks);
        self::assertSame([RunningMarkKind::Rake, RunningMarkKind::Control], [$marks[0]->kind, $marks[1]->kind]);
        self::assertSame([5, 9], array_slice(array_keys(array_filter($marks, static fn (RunningMark $m): bool => $m->check)), 0, 2));
    }

    public function test_any_width_is_covered_without_gap_or_overlap(): void
    {
        $this->forAll(new ChooseGenerator(40, 20_000), ElementsGenerator::fromArray([12, 14, 16, 18]), ElementsGenerator::fromArray(StartKind::cases()), new ChooseGenerator(-48, 48))
            ->then(function (int $eighths, int $cover, StartKind $start, int $nudge): void {
                $width = $eighths / 8;
                $layout = self::layWith($width, new LayoutChoice($start, nudge: $nudge / 16), "snap-lock-1.5-$cover");
                $sum = 0.0;
                $at = 0.0;
                foreach ($layout->strips as $strip) {
                    self::assertEqualsWithDelta($at, $strip->left, 1e-6);
                    self::assertLessThanOrEqual($cover + 1e-6, $strip->width());
                    self::assertGreaterThan(0.0, $strip->width());
                    $at = $strip->right;
                    $sum += $strip->width();
                }
                self::assertEqualsWithDelta($width, $sum, 1e-6);
                self::assertCount(count($layout->strips) - 1, $layout->seams);
            });
    }

    public function test_balanced_rips_are_never_under_half_a_cover(): void
    {
        $this->forAll(new ChooseGenerator(17 * 16, 20_000))->then(function (int $sixteenths): void {
            $layout = self::lay($sixteenths / 16, StartKind::Balanced);
            if ($layout->leftRip !== null) {
                self::assertGreaterThanOrEqual(8.0 - 1e-6, $layout->leftRip);
                self::assertEqualsWithDelta($layout->leftRip, $layout->rightRip, 1e-6);
            }
        });
    }

    private static function lay(float $width, StartKind $start, string $profile = 'snap-lock-1.5-16'): FaceLayout
    {
        return self::layWith($width, new LayoutChoice($start), $profile);
    }

    private static function layWith(float $width, LayoutChoice $choice, string $profile = 'snap-lock-1.5-16'): FaceLayout
    {
        return Plan::for(JobMaker::rectangle($width, 214.375, $profile, $choice))->of(LayoutStage::class)->layouts['P1'];
    }

    private static function narrow(FaceLayout $layout): ?Finding
    {
        return array_values(array_filter($layout->findings, static fn (Finding $f): bool => $f->code === 'layout.rip-narrow'))[0] ?? null;
    }

    /** @return list<Severity> */
    private static function severities(Plan $plan, string $code): array
    {
        return array_values(array_map(static fn (Finding $f): Severity => $f->severity, array_filter($plan->findings(), static fn (Finding $f): bool => $f->code === $code)));
    }
}
