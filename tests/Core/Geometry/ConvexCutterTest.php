<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Eris\Generator\ChooseGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Geometry\ConvexCutter;
use Imbrex\Core\Ground\Geometry\HalfPlane;
use Imbrex\Core\Ground\Geometry\PieceJoiner;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use PHPUnit\Framework\TestCase;

/** Convex cutting, and joining what was cut. */
final class ConvexCutterTest extends TestCase
{
    use TestTrait;

    public function test_a_corner_is_cut_off(): void
    {
        $half = HalfPlane::leftOf(new Point(0, 50), new Point(50, 0));
        $square = Polygon::rectangle(0, 0, 100, 100);
        $cutter = new ConvexCutter;

        self::assertEqualsWithDelta(10_000 - 1250, $cutter->within($square, [$half])?->area(), 1e-9);
        self::assertEqualsWithDelta(1250, $cutter->without($square, [$half])[0]->area(), 1e-9);
        self::assertNull($cutter->within($square, [$half, $half->turned()]));
    }

    public function test_a_half_plane_measures_in_inches(): void
    {
        $half = (new HalfPlane(3.0, 4.0, 10.0))->inInches();

        self::assertEqualsWithDelta(2.0, $half->at(new Point(0, 0)), 1e-12);
        self::assertEqualsWithDelta(-3.0, HalfPlane::leftOf(new Point(0, 0), new Point(0, 9))->at(new Point(3, 5)), 1e-12, 'to the right of a line up is outside');
    }

    public function test_inside_and_outside_are_the_whole_and_join_again(): void
    {
        $angle = new ChooseGenerator(0, 3599);
        $this->limitTo(60)->forAll($angle, $angle, $angle, new ChooseGenerator(-40, 40), new ChooseGenerator(-40, 40))
            ->then(function (int $a, int $b, int $c, int $d, int $e): void {
                $whole = Polygon::rectangle(-100, -60, 100, 60);
                $halves = [];
                foreach ([[$a, $d], [$b, $e], [$c, 20]] as [$turn, $off]) {
                    $halves[] = new HalfPlane(cos(deg2rad($turn / 10)), sin(deg2rad($turn / 10)), (float) $off);
                }
                $cutter = new ConvexCutter;
                $inside = $cutter->within($whole, $halves);
                $pieces = $cutter->without($whole, $halves);
                $area = array_sum(array_map(static fn (Polygon $p): float => $p->area(), $pieces));
                self::assertEqualsWithDelta($whole->area(), $area + ($inside?->area() ?? 0.0), 0.1);
                foreach ($inside->corners ?? [] as $corner) {
                    foreach ($halves as $half) {
                        self::assertGreaterThan(-1e-3, $half->at($corner));
                    }
                }
                $joined = (new PieceJoiner)->join([...$pieces, ...($inside === null ? [] : [$inside])]);
                self::assertCount(1, $joined);
                self::assertCount(4, $joined[0]->outline->corners, 'nothing of the cuts is left');
            });
    }

    public function test_what_is_left_round_a_hole_is_one_region(): void
    {
        $hole = [new HalfPlane(1, 0, 10), new HalfPlane(-1, 0, 10), new HalfPlane(0, 1, 10), new HalfPlane(0, -1, 10)];
        $regions = (new PieceJoiner)->join((new ConvexCutter)->without(Polygon::rectangle(-50, -50, 50, 50), $hole));

        self::assertCount(1, $regions);
        self::assertCount(1, $regions[0]->holes);
        self::assertEqualsWithDelta(100 * 100 - 20 * 20, $regions[0]->area(), 1e-6);
        self::assertFalse($regions[0]->contains(new Point(0, 0)));
        self::assertTrue($regions[0]->contains(new Point(20, 0)));
    }

    public function test_pieces_that_touch_in_a_point_stay_two(): void
    {
        $regions = (new PieceJoiner)->join([Polygon::rectangle(0, 0, 10, 10), Polygon::rectangle(10, 10, 20, 20)]);

        self::assertCount(2, $regions);
        self::assertSame([100.0, 100.0], array_map(static fn (Region $r): float => round($r->area(), 6), $regions));
    }

    public function test_corners_that_nearly_meet_are_joined_by_looking_finer_or_coarser(): void
    {
        foreach ([0.0, 1e-7, 1e-5, 5e-4, 2e-3] as $gap) {
            $regions = (new PieceJoiner)->join([Polygon::rectangle(0, 0, 10, 10), Polygon::rectangle(10 + $gap, 0, 20, 10), Polygon::rectangle(0, 10, 20, 12)]);
            self::assertEqualsWithDelta(240.0, array_sum(array_map(static fn (Region $r): float => $r->area(), $regions)), 0.1, "a gap of $gap");
        }
    }

    public function test_flat_corners_and_spikes_go(): void
    {
        $outline = Polygon::sound([new Point(0, 0), new Point(5, 0), new Point(10, 0), new Point(10, 8), new Point(10, 30), new Point(10.0001, 8), new Point(10, 10), new Point(0, 10)]);

        self::assertCount(4, $outline->withoutFlatCorners()->corners);
        self::assertEqualsWithDelta(100.0, $outline->withoutFlatCorners()->area(), 1e-2);
    }

    public function test_a_point_inside_is_found_in_any_outline(): void
    {
        $shapes = [
            [[0, 0], [100, 0], [0, 1]],
            [[0, 0], [90, 0], [90, 80], [60, 80], [60, 20], [30, 20], [30, 80], [0, 80]],
            [[0, 0], [50, 40], [100, 0], [50, 100]],
        ];
        foreach ($shapes as $corners) {
            $outline = Polygon::of(array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners));
            self::assertTrue($outline->contains($outline->insidePoint()));
        }
    }
}
