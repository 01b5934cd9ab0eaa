<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Ground\Geometry\NotAPolygon;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PolygonTest extends TestCase
{
    public function test_edges_move_square_to_themselves(): void
    {
        $moved = (new EdgeMover)->move(Polygon::rectangle(0, 0, 500, 200), [1.0, -0.25, 0.5, 2.0]);
        $bounds = $moved->bounds();

        self::assertEqualsWithDelta([-2.0, -1.0, 499.75, 200.5], [$bounds->left, $bounds->bottom, $bounds->right, $bounds->top], 1e-12);
    }

    public function test_a_slanted_edge_moves_by_its_true_distance(): void
    {
        // The hypotenuse of a 3-4-5 triangle moved out by 1: area grows by 5·1 plus the two wedges at its ends.
        $triangle = Polygon::of([new Point(0, 0), new Point(4, 0), new Point(0, 3)]);
        $moved = (new EdgeMover)->move($triangle, [0.0, 1.0, 0.0]);

        self::assertEqualsWithDelta(4 + 5 / 3, $moved->bounds()->right, 1e-12);
        self::assertEqualsWithDelta(3 + 5 / 4, $moved->bounds()->top, 1e-12);
    }

    public function test_edges_in_one_line_leave_a_step(): void
    {
        $outline = Polygon::of([new Point(0, 0), new Point(50, 0), new Point(100, 0), new Point(100, 40), new Point(0, 40)]);
        $moved = (new EdgeMover)->move($outline, [1.0, -2.0, 0.0, 0.0, 0.0]);

        self::assertCount(6, $moved->corners);
        self::assertEqualsWithDelta(100 * 40 + 50 * 1 - 50 * 2, $moved->area(), 1e-9);
    }

    public function test_mirroring_twice_is_the_identity(): void
    {
        $shape = Polygon::of([new Point(0, 0), new Point(70, 4), new Point(60, 40)]);

        self::assertEquals($shape->corners, $shape->mirrored()->mirrored()->corners);
        self::assertEqualsWithDelta($shape->area(), $shape->mirrored()->area(), 1e-12);
    }

    /** @return array<string, array{list<array{float, float}>, string}> */
    public static function noPolygons(): array
    {
        return [
            'none' => [[], 'no-corners'],
            'two corners' => [[[0, 0], [4, 0]], 'too-few-corners'],
            'in one line' => [[[0, 0], [4, 0], [8, 0]], 'no-area'],
            'clockwise' => [[[0, 0], [0, 4], [4, 4]], 'clockwise'],
        ];
    }

    /** @param  list<array{float, float}>  $corners */
    #[DataProvider('noPolygons')]
    public function test_what_encloses_nothing_is_refused(array $corners, string $cause): void
    {
        try {
            Polygon::of(array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners));
            self::fail('accepted');
        } catch (NotAPolygon $fault) {
            self::assertSame($cause, $fault->cause);
        }
    }

    public function test_crossing_sides_are_named(): void
    {
        $bow = Polygon::sound([new Point(0, 0), new Point(10, 0), new Point(0, 10), new Point(10, 10)]);
        $crossing = $bow->crossing();

        self::assertNotNull($crossing);
        self::assertSame([1, 3], [$crossing->first, $crossing->second]);
        self::assertNull(Polygon::rectangle(0, 0, 3, 4)->crossing());
    }

    public function test_a_corner_that_touches_another_side_crosses_it(): void
    {
        $touching = Polygon::sound([new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(5, 0), new Point(0, 10)]);

        self::assertNotNull($touching->crossing());
    }

    public function test_a_notch_is_no_convex_outline(): void
    {
        self::assertTrue(Polygon::rectangle(0, 0, 16, 200)->isConvex());
        self::assertTrue(Polygon::of([new Point(0, 0), new Point(16, 0), new Point(16, 100), new Point(8, 120), new Point(0, 120)])->isConvex());
        self::assertFalse(Polygon::of([new Point(0, 0), new Point(16, 0), new Point(16, 100), new Point(8, 90), new Point(0, 120)])->isConvex());
    }
}
