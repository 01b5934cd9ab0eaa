<?php

declare(strict_types=1);

namespace Tests\Core\Survey;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Survey\Internal\PlaneShape;
use Imbrex\Core\Survey\Internal\ShapeFit;
use Imbrex\Core\Survey\Internal\Surveyor;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;
use Imbrex\Core\Survey\Source;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;

/** Planes closed from more readings than they have free lengths. */
final class ClosureTest extends TestCase
{
    use TestTrait;

    private const LENGTHS = [Quantity::Eave, Quantity::Ridge, Quantity::LeftRake, Quantity::RightRake, Quantity::DiagonalRight, Quantity::DiagonalLeft];

    public function test_perfect_readings_give_the_plane_back(): void
    {
        $this->forAll(new ChooseGenerator(200, 900), new ChooseGenerator(100, 400), new ChooseGenerator(-160, 160), new ChooseGenerator(-160, 160), new ChooseGenerator(-96, 96))
            ->then(function (int $eave, int $height, int $left, int $right, int $rise): void {
                $true = self::leaning($eave, new Point($eave + $right / 16, $height + $rise / 16), new Point($left / 16, $height));
                $fitted = (new ShapeFit(HouseRules::with([])))->fit(self::readings($true), PlaneShape::rectangle($eave, $height));

                foreach (self::LENGTHS as $quantity) {
                    self::assertEqualsWithDelta(self::length($true, $quantity), self::length($fitted, $quantity), 1 / 64, $quantity->value);
                }
            });
    }

    public function test_no_taped_length_is_ever_longer_than_the_face(): void
    {
        $this->forAll(new ChooseGenerator(-80, 80), new ChooseGenerator(-80, 80), new ChooseGenerator(0, 32), new ChooseGenerator(0, 32), new ChooseGenerator(0, 32))
            ->then(function (int $lean, int $rise, int $a, int $b, int $c): void {
                $true = self::leaning(480, new Point(480 + $lean / 16, 216 + $rise / 16), new Point($lean / 16, 216));
                $readings = self::readings($true);
                foreach ([[0.1, $a], [0.5, $b], [0.9, $c]] as [$at, $error]) {
                    $readings[] = self::tape(Quantity::EaveToRidge, $true->heightAt($at) + $error / 32, $at);
                }
                $outline = self::survey($readings)->outline;
                self::assertNotNull($outline);
                foreach ($readings as $reading) {
                    if ($reading->quantity === Quantity::EaveToRidge) {
                        self::assertGreaterThanOrEqual($reading->value - 1e-6, self::heightAt($outline, $reading->at * $outline->corners[1]->u));
                    }
                }
            });
    }

    public function test_any_length_misread_by_a_foot_is_found(): void
    {
        $true = self::leaning(480, new Point(480.5, 216), new Point(0.5, 216));
        $this->forAll(ElementsGenerator::fromArray(self::LENGTHS), ElementsGenerator::fromArray([-12.0, 12.0]))->then(function (Quantity $wrong, float $error) use ($true): void {
            $readings = [];
            foreach (self::readings($true) as $reading) {
                $readings[] = $reading->quantity === $wrong ? self::tape($wrong, $reading->value + $error) : $reading;
            }
            foreach ([0.1, 0.5, 0.9] as $at) {
                $readings[] = self::tape(Quantity::EaveToRidge, 216.0, $at);
            }
            $survey = self::survey($readings);

            self::assertSame($wrong, $survey->culprit?->quantity);
            self::assertContains('survey.culprit', array_map(static fn ($f): string => $f->code, $survey->findings));
        });
    }

    public function test_rough_sources_do_not_pull_the_fit(): void
    {
        $true = PlaneShape::rectangle(480, 216);
        $readings = self::readings($true);
        $rough = [new Reading('w1', Quantity::Eave, 500, Source::Wheel), new Reading('w2', Quantity::LeftRake, 230, Source::Report)];
        $survey = self::survey([...$readings, ...$rough]);

        self::assertSame(480.0, $survey->outline?->bounds()->width());
        self::assertNull($survey->culprit);
        foreach ($survey->misses as $miss) {
            $expected = ['w1' => 20.0, 'w2' => 14.0][$miss->reading->id] ?? 0.0;
            self::assertEqualsWithDelta($expected, $miss->inches, 0.02);
        }
    }

    public function test_without_diagonals_squareness_is_not_claimed(): void
    {
        $survey = self::survey([self::tape(Quantity::Eave, 480), self::tape(Quantity::LeftRake, 217), self::tape(Quantity::RightRake, 215), self::tape(Quantity::EaveToRidge, 216)]);

        self::assertNull($survey->squareness);
        self::assertSame(['diagonalRight', 'diagonalLeft'], array_slice($survey->tapeNext, -2));
    }

    public function test_a_ridge_that_rises_more_than_the_trims_hide_is_no_rectangle(): void
    {
        $survey = self::survey([...self::readings(self::leaning(480, new Point(480, 219), new Point(0, 216))), self::tape(Quantity::EaveToRidge, 217.5)]);

        self::assertFalse($survey->squareness?->hidden);
        self::assertEqualsWithDelta(3.0, $survey->squareness->ridgeRise, 0.02);
        self::assertEqualsWithDelta(480 * 217.5, $survey->outline?->area(), 480 * 0.02);
    }

    public function test_rakes_serve_where_no_length_up_the_slope_was_taken(): void
    {
        $survey = self::survey([self::tape(Quantity::Ridge, 480), self::tape(Quantity::LeftRake, 215.5), self::tape(Quantity::RightRake, 216)]);

        self::assertSame([480.0, 216.0], [$survey->outline?->bounds()->width(), $survey->outline?->bounds()->height()]);
    }

    public function test_scatter_widens_the_reading_error(): void
    {
        $steady = self::survey([self::tape(Quantity::Eave, 480), self::tape(Quantity::EaveToRidge, 216), self::tape(Quantity::EaveToRidge, 216, 0.9)]);
        $scattered = self::survey([self::tape(Quantity::Eave, 480), self::tape(Quantity::EaveToRidge, 216), self::tape(Quantity::EaveToRidge, 216.5, 0.9)]);

        self::assertEqualsWithDelta(1 / 16, $steady->lengthSigma, 1e-9);
        self::assertEqualsWithDelta(sqrt(0.125 + 1 / 256), $scattered->lengthSigma, 1e-9);
    }

    public function test_tolerances_by_source_and_length(): void
    {
        $rules = HouseRules::with([]);
        $expected = ['tape' => [0.125, 0.25], 'laser' => [0.125, 0.125], 'count' => [1.0, 1.0], 'report' => [6.0, 24.0], 'wheel' => [10.5, 42.0]];
        foreach ($expected as $source => [$short, $long]) {
            self::assertEqualsWithDelta($short, Source::from($source)->tolerance(300, $rules), 1e-9, $source);
            self::assertEqualsWithDelta($long, Source::from($source)->tolerance(1200, $rules), 1e-9, $source);
        }
    }

    public function test_only_outlines_along_their_eave_are_read_as_four_sided(): void
    {
        $tilted = Polygon::of([new Point(0, 0), new Point(100, 5), new Point(95, 105), new Point(-5, 100)]);
        $triangle = Polygon::of([new Point(0, 0), new Point(100, 0), new Point(50, 60)]);

        self::assertNull(PlaneShape::ofOutline(ShapeKind::Rectangle, $tilted));
        self::assertNull(PlaneShape::ofOutline(ShapeKind::Rectangle, $triangle));
        self::assertEqualsWithDelta(hypot(100, 60), self::length(PlaneShape::ofOutline(ShapeKind::Rectangle, Polygon::rectangle(20, 10, 120, 70)) ?? self::fail(), Quantity::DiagonalRight), 1e-9);
    }

    private static function leaning(float $eave, Point $right, Point $left): PlaneShape
    {
        return new PlaneShape(ShapeKind::Rectangle, [new Point(0, 0), new Point($eave, 0), $right, $left]);
    }

    private static function length(PlaneShape $shape, Quantity $quantity): float
    {
        return $shape->length(self::tape($quantity, 1.0)) ?? self::fail("no $quantity->value");
    }

    /** @return list<Reading> */
    private static function readings(PlaneShape $shape): array
    {
        return array_map(static fn (Quantity $q): Reading => self::tape($q, self::length($shape, $q)), self::LENGTHS);
    }

    private static function tape(Quantity $quantity, float $value, float $at = 0.5): Reading
    {
        return JobMaker::reading($quantity, $value, Source::Tape, $at);
    }

    /** @param  list<Reading>  $readings */
    private static function survey(array $readings): PlaneSurvey
    {
        return (new Surveyor(HouseRules::with([])))->survey([new Plane('P1', 'Plane', null, [], $readings, 4.0)])[0];
    }

    private static function heightAt(Polygon $outline, float $u): float
    {
        return (PlaneShape::ofOutline(ShapeKind::Rectangle, $outline) ?? self::fail('not four-sided'))->heightAt($u / $outline->corner(1)->u);
    }
}
