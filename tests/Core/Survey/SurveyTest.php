<?php

declare(strict_types=1);

namespace Tests\Core\Survey;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\HouseRules;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Survey\Internal\Surveyor;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\Source;
use Imbrex\Core\Survey\Squareness;
use Imbrex\Core\Survey\SquareTriangle;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Core\Survey\SurveyStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\WorkedExamples;

final class SurveyTest extends TestCase
{
    public function test_the_longest_taped_length_governs(): void
    {
        $survey = self::survey([...self::oarStore(), self::tape(Quantity::EaveToRidge, 214.25, 0.9)]);
        $adopted = $survey->adoptions['eaveToRidge'];

        self::assertSame(214.375, $adopted->value);
        self::assertSame(0.125, $adopted->spread);
        self::assertSame([500.0, 214.375], [$survey->outline?->bounds()->width(), $survey->outline?->bounds()->height()]);
        self::assertSame([true, true, true], array_map(static fn ($c): bool => $c->agrees, $adopted->comparisons));
    }

    public function test_no_taped_length_is_longer_than_what_is_ordered(): void
    {
        foreach ([[216.5, 215.0], [215.0, 219.0], [216.5, 219.0], [214.0, 213.5]] as [$left, $right]) {
            $readings = [self::tape(Quantity::Eave, 500), self::tape(Quantity::EaveToRidge, 215), self::tape(Quantity::LeftRake, $left), self::tape(Quantity::RightRake, $right)];
            $longest = max(215.0, $left, $right);
            $survey = self::survey($readings);
            self::assertEqualsWithDelta($longest, $survey->outline?->bounds()->height(), 1e-9);
            $plan = Plan::for(JobMaker::measured([...$readings, self::tape(Quantity::Pitch, 4)]));
            foreach ($plan->of(CuttingStage::class)->panels as $panel) {
                // An inch past the eave and an inch of hem, and an inch hemmed at the peak.
                self::assertEqualsWithDelta($longest + 3.0, $panel->long, 1e-9);
            }
            $longer = array_values(array_filter($survey->findings, static fn (Finding $f): bool => $f->code === 'survey.rake-longer'));
            self::assertCount((int) ($left > 215.25) + (int) ($right > 215.25), $longer);
        }
    }

    public function test_a_wheel_is_kept_and_not_used(): void
    {
        $wheel = new Reading('w', Quantity::EaveToRidge, 224.0, Source::Wheel);
        $survey = self::survey([...self::oarStore(), $wheel]);
        $finding = self::finding($survey, 'survey.disagrees');

        self::assertSame(214.375, $survey->adoptions['eaveToRidge']->value);
        self::assertSame(4.5, $finding->parameters['percent']);
        self::assertSame('over', $finding->parameters['side']);
    }

    public function test_a_report_within_its_own_tolerance_agrees(): void
    {
        $survey = self::survey([...self::oarStore(), new Reading('p', Quantity::EaveToRidge, 216.5, Source::Report)]);

        self::assertTrue(self::comparison($survey, 'p')->agrees);
        self::assertEqualsWithDelta(2.125, self::comparison($survey, 'p')->miss, 1e-12);
    }

    public function test_widths_take_the_middle_reading_so_that_one_slip_does_not_carry(): void
    {
        $survey = self::survey([self::tape(Quantity::Eave, 500), self::tape(Quantity::Eave, 488), self::tape(Quantity::Eave, 500.125), self::tape(Quantity::EaveToRidge, 214)]);

        self::assertSame(500.0, $survey->adoptions['eave']->value);
        self::finding($survey, 'survey.spread');
        self::assertContains('eave', $survey->tapeNext);
    }

    public function test_a_spread_at_the_limit_is_no_finding_and_over_it_is(): void
    {
        foreach ([[214.25, false], [214.3125, true]] as [$other, $found]) {
            $survey = self::survey([self::tape(Quantity::Eave, 500), self::tape(Quantity::EaveToRidge, 214), self::tape(Quantity::EaveToRidge, $other, 0.9)]);
            self::assertSame($found, in_array('survey.spread', self::codes($survey), true));
        }
    }

    public function test_without_a_taped_length_the_order_waits(): void
    {
        $readings = [new Reading('a', Quantity::Eave, 500, Source::Report), new Reading('b', Quantity::EaveToRidge, 214, Source::Wheel), new Reading('c', Quantity::Pitch, 4, Source::Report)];
        $plan = Plan::for(JobMaker::measured($readings));

        self::assertFalse(LoadOutStage::mayBeOrdered($plan));
        self::assertContains('survey.untaped', array_map(static fn (Finding $f): string => $f->code, $plan->findings()));
        self::assertTrue(LoadOutStage::mayBeOrdered(Plan::for(JobMaker::measured([...$readings, self::tape(Quantity::EaveToRidge, 214)]))));
    }

    public function test_what_is_missing_is_named_and_nothing_is_laid_out(): void
    {
        $plan = Plan::for(JobMaker::measured([self::tape(Quantity::Eave, 500)]));
        $missing = array_map(static fn (Finding $f): mixed => $f->parameters['quantity'], array_values(array_filter($plan->findings(), static fn (Finding $f): bool => $f->code === 'survey.missing')));

        self::assertSame(['eaveToRidge', 'pitch'], $missing);
        self::assertSame([], $plan->of(CuttingStage::class)->panels);
    }

    /** @return array<string, array{list<float>, float}> */
    public static function pitches(): array
    {
        return [
            'one reading stays as read' => [[8.6], 8.6],
            'a whole one lies between' => [[8.6, 9.1], 9.0],
            'none lies between' => [[8.4, 8.6], 8.5],
            'gauge tolerance reaches it' => [[3.95], 4.0],
            'two lie between: no telling' => [[7.8, 9.3], 8.55],
        ];
    }

    /** @param  list<float>  $readings */
    #[DataProvider('pitches')]
    public function test_a_whole_pitch_only_when_readings_support_it(array $readings, float $expected): void
    {
        $survey = self::survey(array_map(static fn (float $rise): Reading => self::tape(Quantity::Pitch, $rise), $readings));

        self::assertEqualsWithDelta($expected, $survey->riseIn12, 1e-12);
    }

    public function test_skew_of_a_parallelogram(): void
    {
        foreach (WorkedExamples::named('skew') as [$given, $expect]) {
            $skew = Squareness::ofDiagonals($given['eave'], $given['rake'], $given['longDiagonal'], $given['shortDiagonal']);
            self::assertEqualsWithDelta($expect['skewDeg'], $skew['degrees'], 1e-4);
            self::assertEqualsWithDelta($expect['runOutAlongRake'], $skew['runOut'], 1e-4);
        }
    }

    public function test_a_leaning_plane_is_found_from_its_readings(): void
    {
        // Top shifted 1 in to the right: within the rake trims, so the plane is ordered as a rectangle.
        $survey = self::survey(self::leaning(480, 216, 1.0));
        self::assertNotNull($survey->squareness);
        self::assertEqualsWithDelta(1.0, $survey->squareness->left, 0.01);
        self::assertEqualsWithDelta(1.0, $survey->squareness->right, 0.01);
        self::assertTrue($survey->squareness->hidden);
        // Its rakes were taped along the lean, a hair longer: nothing taped is longer than what is ordered.
        self::assertEqualsWithDelta(480 * hypot(216, 1), $survey->outline?->area(), 1e-6);

        // 3 in: beyond them, so the end panels are cut tapered.
        $survey = self::survey(self::leaning(480, 216, 3.0));
        self::assertFalse($survey->squareness?->hidden);
        self::assertEqualsWithDelta(483.0, $survey->outline?->bounds()->right, 0.01);
        self::finding($survey, 'survey.out-of-square');
    }

    public function test_the_wrong_reading_is_named(): void
    {
        $readings = self::leaning(480, 216, 0.0);
        foreach ($readings as $i => $reading) {
            if ($reading->quantity === Quantity::DiagonalRight) {
                $readings[$i] = self::tape(Quantity::DiagonalRight, $reading->value + 12.0);
            }
        }
        $survey = self::survey($readings);

        self::assertSame(Quantity::DiagonalRight, $survey->culprit?->quantity);
        self::assertContains('diagonalRight', $survey->tapeNext);
        self::finding($survey, 'survey.culprit');
    }

    public function test_sound_readings_have_no_culprit(): void
    {
        $survey = self::survey(self::leaning(480, 216, 0.75));

        self::assertNull($survey->culprit);
        foreach ($survey->misses as $miss) {
            self::assertLessThan(1 / 16, abs($miss->inches), $miss->reading->quantity->value);
        }
    }

    public function test_a_shared_ridge_serves_both_planes_and_must_agree(): void
    {
        $one = new Plane('A', 'Quay', null, [], [self::tape(Quantity::Eave, 432), self::tape(Quantity::Ridge, 432), self::tape(Quantity::EaveToRidge, 187), self::tape(Quantity::Pitch, 6)], null);
        $two = new Plane(
            id: 'B',
            name: 'Yard',
            outline: null,
            edges: [],
            readings: [self::tape(Quantity::Eave, 434), self::tape(Quantity::EaveToRidge, 187), self::tape(Quantity::Pitch, 6)],
            riseIn12: null,
            ridgeWith: 'A',
        );
        $plan = Plan::for(JobMaker::of([$one, $two]));

        self::assertSame(432.0, $plan->of(SurveyStage::class)->surveys[1]->adoptions['ridge']->value);
        self::assertContains('roof.edges-differ', array_map(static fn (Finding $f): string => $f->code, $plan->findings()));
    }

    public function test_a_given_outline_governs_and_readings_check_it(): void
    {
        $plane = new Plane('P', 'Plane', JobMaker::rectangle(500, 214)->part(SurveyInput::class)->planes[0]->outline, [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake], [self::tape(Quantity::Eave, 499), self::tape(Quantity::EaveToRidge, 214)], 4.0);
        $survey = (new Surveyor(HouseRules::with([])))->survey([$plane])[0];

        self::assertSame(500.0, $survey->outline?->bounds()->width());
        self::assertEqualsWithDelta(-1.0, $survey->misses[0]->inches, 1e-9);
    }

    public function test_old_layers_under_a_roof_over(): void
    {
        $plane = new Plane(
            id: 'P',
            name: 'Plane',
            outline: null,
            edges: [],
            readings: self::oarStore(),
            riseIn12: 4.0,
            ridgeWith: null,
            roofOver: true,
            oldLayers: 2,
        );
        $survey = (new Surveyor(HouseRules::with([])))->survey([$plane])[0];

        self::assertSame(2, self::finding($survey, 'survey.too-many-layers')->parameters['layers']);
    }

    public function test_the_square_triangle_is_as_large_as_the_plane_allows(): void
    {
        $triangle = SquareTriangle::largestIn(500, 214.375);
        self::assertSame([240.0, 180.0, 300.0], [$triangle?->alongEave, $triangle?->upRake, $triangle?->across]);
        self::assertNull(SquareTriangle::largestIn(40, 30));
        self::assertEqualsWithDelta(0.0, ($triangle->alongEave ** 2 + $triangle->upRake ** 2) - $triangle->across ** 2, 1e-9);
    }

    /** @return list<Reading> */
    private static function oarStore(): array
    {
        return [self::tape(Quantity::Eave, 500), self::tape(Quantity::EaveToRidge, 214.25, 0.1), self::tape(Quantity::EaveToRidge, 214.375)];
    }

    /** @return list<Reading> of a plane whose top lies this far to the right of square */
    private static function leaning(float $eave, float $height, float $lean): array
    {
        $rake = hypot($lean, $height);

        return [
            self::tape(Quantity::Eave, $eave), self::tape(Quantity::Ridge, $eave), self::tape(Quantity::LeftRake, $rake), self::tape(Quantity::RightRake, $rake),
            self::tape(Quantity::EaveToRidge, $height), self::tape(Quantity::DiagonalRight, hypot($eave + $lean, $height)), self::tape(Quantity::DiagonalLeft, hypot($eave - $lean, $height)),
        ];
    }

    private static function tape(Quantity $quantity, float $value, float $at = 0.5): Reading
    {
        return JobMaker::reading($quantity, $value, Source::Tape, $at);
    }

    /** @param  list<Reading>  $readings */
    private static function survey(array $readings): PlaneSurvey
    {
        return (new Surveyor(HouseRules::with([])))->survey([new Plane('P1', 'Plane', null, [], $readings, null)])[0];
    }

    private static function comparison(PlaneSurvey $survey, string $reading): \Imbrex\Core\Survey\Comparison
    {
        foreach ($survey->adoptions as $adoption) {
            foreach ($adoption->comparisons as $comparison) {
                if ($comparison->reading->id === $reading) {
                    return $comparison;
                }
            }
        }
        self::fail("no reading $reading");
    }

    private static function finding(PlaneSurvey $survey, string $code): Finding
    {
        foreach ($survey->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }
        self::fail("no finding $code among ".implode(', ', self::codes($survey)));
    }

    /** @return list<string> */
    private static function codes(PlaneSurvey $survey): array
    {
        return array_map(static fn (Finding $f): string => $f->code, $survey->findings);
    }
}
