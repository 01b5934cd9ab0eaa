<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\StripCutter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StripCutterTest extends TestCase
{
    use TestTrait;

    public function test_a_strip_of_a_rectangle(): void
    {
        $pieces = (new StripCutter)->strip(new Region(Polygon::rectangle(0, 0, 500, 214.375)), 10, 26);

        self::assertCount(1, $pieces);
        self::assertEqualsWithDelta(16 * 214.375, $pieces[0]->area(), 1e-9);
        self::assertEqualsWithDelta(10.0, $pieces[0]->outline->bounds()->left, 1e-12);
        self::assertEqualsWithDelta(26.0, $pieces[0]->outline->bounds()->right, 1e-12);
    }

    public function test_a_strip_may_fall_into_pieces(): void
    {
        // A C open to the right: right of 40 two arms remain.
        $c = self::polygon([[0, 0], [100, 0], [100, 20], [30, 20], [30, 80], [100, 80], [100, 100], [0, 100]]);
        $pieces = (new StripCutter)->strip(new Region($c), 40, 90);
        $areas = array_map(static fn (Region $p): float => $p->area(), $pieces);

        self::assertCount(2, $pieces);
        self::assertEqualsWithDelta(1000.0, $areas[0], 1e-9);
        self::assertEqualsWithDelta(1000.0, $areas[1], 1e-9);
        self::assertSame([], (new StripCutter)->strip(new Region($c), 120, 140));
    }

    /** @return array<string, array{list<array{float, float}>}> */
    public static function shapes(): array
    {
        return [
            'triangle' => [[[0, 0], [300, 0], [110, 170]]],
            'parallelogram' => [[[0, 0], [300, 0], [340, 170], [40, 170]]],
            'C' => [[[0, 0], [300, 0], [300, 60], [90, 60], [90, 110], [300, 110], [300, 170], [0, 170]]],
            'M, points touching cut lines' => [[[0, 0], [64, 100], [128, 0], [192, 100], [256, 0], [256, 170], [0, 170]]],
            'L' => [[[0, 0], [300, 0], [300, 80], [120, 80], [120, 170], [0, 170]]],
        ];
    }

    /** @param  list<array{float, float}>  $corners */
    #[DataProvider('shapes')]
    public function test_strips_add_up_to_the_whole_and_stay_in_their_strip(array $corners): void
    {
        $shape = self::polygon($corners);
        $this->forAll(new ChooseGenerator(-160, 160), new ChooseGenerator(4, 60))->then(function (int $offset, int $cover) use ($shape): void {
            $sum = 0.0;
            for ($left = $offset / 10 - 60; $left < 360; $left += $cover) {
                foreach ((new StripCutter)->strip(new Region($shape), $left, $left + $cover) as $piece) {
                    $sum += $piece->area();
                    self::assertGreaterThan(0.0, $piece->area());
                    self::assertGreaterThanOrEqual($left - 1e-6, $piece->outline->bounds()->left);
                    self::assertLessThanOrEqual($left + $cover + 1e-6, $piece->outline->bounds()->right);
                }
            }
            self::assertEqualsWithDelta($shape->area(), $sum, 1e-4);
        });
    }

    public function test_a_hole_notches_the_strips_it_reaches_into(): void
    {
        $region = new Region(Polygon::rectangle(0, 0, 160, 100), [self::polygon([[20, 30], [60, 30], [60, 70], [20, 70]], true)]);
        $cutter = new StripCutter;
        $strips = array_map(static fn (int $left): array => $cutter->strip($region, $left, $left + 16), range(0, 144, 16));

        self::assertSame([1, 1, 2, 1, 1], array_map(count(...), array_slice($strips, 0, 5)), 'below and above in the middle, notched beside');
        self::assertEqualsWithDelta(1600 - 12 * 40, $strips[1][0]->area(), 1e-9);
        self::assertEqualsWithDelta($region->area(), array_sum(array_map(static fn (array $s): float => array_sum(array_map(static fn (Region $r): float => $r->area(), $s)), $strips)), 1e-6);
        self::assertCount(1, $cutter->strip($region, 10, 80)[0]->holes, 'a hole inside the strip stays one');
    }

    /** @param  list<array{float, float}>  $corners */
    private static function polygon(array $corners, bool $clockwise = false): Polygon
    {
        $points = array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners);

        return $clockwise ? Polygon::sound(array_reverse($points)) : Polygon::of($points);
    }

    public function test_a_piece_is_parted_across_as_well(): void
    {
        $cutter = new StripCutter;
        $trapezoid = new Region(Polygon::of([new Point(0, 0), new Point(16, 0), new Point(16, 100), new Point(0, 80)]));
        $areas = static fn (array $pieces): float => array_sum(array_map(static fn (Region $r): float => $r->area(), $pieces));

        self::assertEqualsWithDelta(16 * 30.0, $areas($cutter->across($trapezoid, 20, 50)), 1e-9);
        self::assertEqualsWithDelta($trapezoid->area(), $areas($cutter->across($trapezoid, -INF, 33)) + $areas($cutter->across($trapezoid, 33, INF)), 1e-9);
        self::assertSame([], $cutter->across($trapezoid, 101, INF));
        self::assertEqualsWithDelta($trapezoid->outline->area(), $trapezoid->transposed()->transposed()->outline->area(), 1e-12);
    }
}
