<?php

declare(strict_types=1);

namespace Tests\Core\Survey;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Survey\Internal\PlaneShape;
use Imbrex\Core\Survey\Internal\Surveyor;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\PlaneSurvey;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\ShapeKind;
use Imbrex\Core\Survey\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Planes that are no rectangles: solved from their readings, missed by none, and the wrong one named. */
final class ShapeTest extends TestCase
{
    use TestTrait;

    private const NAMED = [Quantity::Eave, Quantity::Ridge, Quantity::LeftRake, Quantity::RightRake, Quantity::DiagonalRight, Quantity::DiagonalLeft, Quantity::EaveToRidge];

    /** @return array<string, array{ShapeKind, list<array{float, float}>}> */
    public static function shapes(): array
    {
        return [
            'trapezoid' => [ShapeKind::Trapezoid, [[0, 0], [388, 0], [260, 150], [90, 150]]],
            'triangle' => [ShapeKind::Triangle, [[0, 0], [388, 0], [150, 216]]],
            'parallelogram, to the right' => [ShapeKind::Parallelogram, [[0, 0], [300, 0], [360, 180], [60, 180]]],
            'parallelogram, to the left' => [ShapeKind::Parallelogram, [[0, 0], [300, 0], [240, 180], [-60, 180]]],
            'L, notched at the top right' => [ShapeKind::Ell, [[0, 0], [360, 0], [360, 120], [216, 120], [216, 216], [0, 216]]],
            'L, notched at the low left' => [ShapeKind::Ell, [[0, 0], [200, 0], [200, 216], [-160, 216], [-160, 96], [0, 96]]],
            'free' => [ShapeKind::Free, [[0, 0], [360, 0], [400, 90], [250, 200], [40, 180]]],
        ];
    }

    /** @param  list<array{float, float}>  $corners */
    #[DataProvider('shapes')]
    public function test_perfect_readings_give_the_plane_back(ShapeKind $kind, array $corners): void
    {
        $true = self::shape($kind, $corners);
        $survey = self::survey($kind, self::readings($true));

        self::assertNotNull($survey->outline);
        foreach ($true->corners as $i => $corner) {
            self::assertLessThan(1 / 64, $corner->distanceTo($survey->outline->corner($i)), "corner $i");
        }
        foreach ($survey->misses as $miss) {
            self::assertLessThan(1 / 64, abs($miss->inches), $miss->reading->name());
        }
        self::assertNull($survey->culprit);
    }

    /** @param  list<array{float, float}>  $corners */
    #[DataProvider('shapes')]
    public function test_a_slip_of_a_foot_is_seen(ShapeKind $kind, array $corners): void
    {
        $true = self::shape($kind, $corners);
        $readings = self::readings($true);
        foreach (array_keys($readings) as $slip) {
            if ($readings[$slip]->quantity === Quantity::Between || $readings[$slip]->quantity === Quantity::EaveToRidge) {
                // What only one reading tells cannot be found wrong: these are checked by two others at least.
                $wrong = $readings;
                $wrong[$slip] = new Reading(
                    id: 'slip',
                    quantity: $wrong[$slip]->quantity,
                    value: $wrong[$slip]->value + 12,
                    source: Source::Tape,
                    at: 0.5,
                    time: null,
                    corner: $wrong[$slip]->corner,
                    to: $wrong[$slip]->to,
                );
                $survey = self::survey($kind, $wrong);
                self::assertContains('survey.culprit', array_map(static fn (Finding $f): string => $f->code, $survey->findings), $wrong[$slip]->name());
            }
        }
        self::assertNotEmpty($readings);
    }

    /** @param  list<array{float, float}>  $corners */
    #[DataProvider('shapes')]
    public function test_small_errors_stay_small(ShapeKind $kind, array $corners): void
    {
        $true = self::shape($kind, $corners);
        $perfect = self::readings($true);
        $this->limitTo(20)->forAll(new ChooseGenerator(0, 1_000_000))->then(function (int $seed) use ($kind, $true, $perfect): void {
            mt_srand($seed);
            $off = static fn (): float => (mt_rand() / mt_getrandmax() - 0.5) / 8;
            $readings = array_map(static fn (Reading $r): Reading => new Reading(
                id: $r->id,
                quantity: $r->quantity,
                value: $r->value + $off(),
                source: $r->source,
                at: $r->at,
                time: null,
                corner: $r->corner,
                to: $r->to,
            ), $perfect);
            $survey = self::survey($kind, $readings);
            foreach ($true->corners as $i => $corner) {
                self::assertLessThan(0.6, $corner->distanceTo($survey->outline?->corner($i) ?? new Point(INF, INF)), "corner $i");
            }
            self::assertNull($survey->culprit);
        });
    }

    public function test_what_is_missing_is_named(): void
    {
        $tape = static fn (Quantity $q, float $v, ?int $corner = null): Reading => new Reading(
            id: $q->value.$corner,
            quantity: $q,
            value: $v,
            source: Source::Tape,
            at: 0.5,
            time: null,
            corner: $corner,
        );
        $missing = static fn (ShapeKind $kind, array $readings): array => array_values(array_filter(self::survey($kind, $readings)->tapeNext, static fn (string $n): bool => ! str_starts_with($n, 'diagonal')));

        self::assertSame(['eave', 'eaveToRidge'], $missing(ShapeKind::Triangle, []));
        self::assertSame([], $missing(ShapeKind::Triangle, [$tape(Quantity::Eave, 388), $tape(Quantity::LeftRake, 291), $tape(Quantity::RightRake, 291)]));
        self::assertSame(['ridge'], $missing(ShapeKind::Trapezoid, [$tape(Quantity::Eave, 388), $tape(Quantity::EaveToRidge, 150)]));
        self::assertSame(['leftRake'], $missing(ShapeKind::Parallelogram, [$tape(Quantity::Eave, 300), $tape(Quantity::EaveToRidge, 180)]));
        self::assertSame(['along-3', 'along-4', 'up-4', 'up-5'], $missing(ShapeKind::Ell, [$tape(Quantity::Eave, 360), $tape(Quantity::Up, 120, 2)]), 'the rest follows over level and plumb sides');
        self::assertContains('up-2', $missing(ShapeKind::Free, [$tape(Quantity::Eave, 360)]));
    }

    public function test_a_hip_end_of_two_sides_stands_as_high_as_they_reach(): void
    {
        $survey = self::survey(ShapeKind::Triangle, [
            new Reading('a', Quantity::Eave, 388, Source::Tape), new Reading('b', Quantity::LeftRake, 291, Source::Tape), new Reading('c', Quantity::RightRake, 291, Source::Tape),
        ]);

        self::assertEqualsWithDelta(sqrt(291 ** 2 - 194 ** 2), $survey->outline?->bounds()->height(), 1e-3);
    }

    /** @param  list<array{float, float}>  $corners */
    private static function shape(ShapeKind $kind, array $corners): PlaneShape
    {
        return new PlaneShape($kind, array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners));
    }

    /** @return list<Reading> everything one can measure on it, perfectly */
    private static function readings(PlaneShape $shape): array
    {
        $wanted = [];
        if ($shape->kind->runsByCorner()) {
            $wanted[] = [Quantity::Eave, null, null];
            for ($i = 2; $i < count($shape->corners); $i++) {
                array_push($wanted, [Quantity::Along, $i, null], [Quantity::Up, $i, null], [Quantity::Between, $i, ($i + 2) % count($shape->corners)], [Quantity::Between, $i, ($i + 1) % count($shape->corners)]);
            }
        } else {
            $wanted = array_map(static fn (Quantity $q): array => [$q, null, null], self::NAMED);
        }
        $readings = [];
        foreach ($wanted as $n => [$quantity, $corner, $to]) {
            $value = $shape->length(new Reading(
                id: '?',
                quantity: $quantity,
                value: 0.0,
                source: Source::Tape,
                at: 0.5,
                time: null,
                corner: $corner,
                to: $to,
            ));
            if ($value !== null) {
                $readings[] = new Reading(
                    id: "r$n",
                    quantity: $quantity,
                    value: $value,
                    source: Source::Tape,
                    at: 0.5,
                    time: null,
                    corner: $corner,
                    to: $to,
                );
            }
        }

        return $readings;
    }

    /** @param  list<Reading>  $readings */
    private static function survey(ShapeKind $kind, array $readings): PlaneSurvey
    {
        $edges = $kind === ShapeKind::Free ? array_fill(0, 5, EdgeKind::Rake) : [];

        return (new Surveyor(HouseRules::with([])))->survey([new Plane('P1', 'Plane', null, $edges, $readings, 4.0, shape: $kind)])[0];
    }
}
