<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\StripCutter;
use Imbrex\Core\Ground\Geometry\Untangler;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Sides keep their numbers through all that is done to them: each still lies on the line it came from. */
final class TaggedSidesTest extends TestCase
{
    public function test_turned_round_and_changed_over_a_side_keeps_its_number(): void
    {
        $shape = self::ell()->tagged(10);
        foreach ([$shape->mirrored()->mirrored(), $shape->transposed()->transposed(), $shape->turned()->turned(), $shape->moved(3.0, -2.0)->moved(-3.0, 2.0)] as $again) {
            self::assertEquals($shape, $again);
        }
        foreach (array_keys($shape->corners) as $side) {
            $number = array_search($shape->tag($side), $shape->mirrored()->tags, true);
            self::assertIsInt($number);
            self::assertEqualsWithDelta($shape->sideLength($side), $shape->mirrored()->sideLength($number), 1e-12);
        }
    }

    public function test_every_side_of_a_strip_lies_on_the_line_it_came_from(): void
    {
        $shape = self::ell()->tagged();
        $random = new Randomizer(new Mt19937(5));
        foreach (range(1, 80) as $try) {
            // Whole inches too, so that cuts fall right along a side.
            $left = $try % 2 === 0 ? (float) $random->getInt(-10, 90) : $random->getInt(-1000, 9000) / 97.0;
            foreach ((new StripCutter)->strip(new Region($shape), $left, $left + 20.0) as $piece) {
                self::liesOnItsLines($piece->outline, $shape, [$left, $left + 20.0], "strip from $left");
            }
        }
    }

    public function test_a_side_in_the_cut_keeps_its_number(): void
    {
        // The inner wall of the L stands at 40, where the cut falls.
        [$left] = (new StripCutter)->leftOf(new Region(self::ell()->tagged()), 40.0);
        [$right] = (new StripCutter)->rightOf(new Region(self::ell()->tagged()), 40.0);

        self::assertContains(3, $left->outline->tags, 'beside the part that ends there');
        self::assertNotContains(3, $right->outline->tags, 'not beside the other');
        self::assertEqualsWithDelta(40.0 * 100.0, $left->area(), 1e-9);
        self::assertEqualsWithDelta(60.0 * 50.0, $right->area(), 1e-9);
    }

    public function test_two_sides_in_one_line_moved_apart_leave_a_step(): void
    {
        $shape = Polygon::of([new Point(0, 0), new Point(50, 0), new Point(100, 0), new Point(100, 40), new Point(0, 40)])->tagged();
        $moved = (new EdgeMover)->move($shape, [1.0, 3.0, 0.0, 0.0, 0.0]);

        self::assertSame([0, Polygon::STEP, 1, 2, 3, 4], $moved->tags);
        self::assertEqualsWithDelta(2.0, $moved->sideLength(1), 1e-12);
        self::assertEqualsWithDelta(100 * 40 + 50 + 150, $moved->area(), 1e-9);
        // Moved alike, they stay one line and two sides.
        self::assertSame([0, 1, 2, 3, 4], (new EdgeMover)->move($shape, [1.0, 1.0, 0.0, 0.0, 0.0])->tags);
    }

    public function test_two_sides_that_run_nearly_straight_on_are_parted_where_they_met(): void
    {
        // Two degrees: mitred, three inches more or less would meet seven feet away.
        $shape = Polygon::of([new Point(0, 0), new Point(60, 0), new Point(120, 60 * tan(deg2rad(2))), new Point(120, 80), new Point(0, 80)])->tagged();
        $moved = (new EdgeMover)->move($shape, [0.0, -3.0, 0.0, 0.0, 0.0]);

        self::assertSame(Polygon::STEP, $moved->tag(1));
        self::assertLessThan(3.1, $moved->sideLength(1));
        self::assertEqualsWithDelta(60.0, $moved->corner(1)->u, 1e-9);
    }

    public function test_one_side_moved_alone_runs_from_neighbour_to_neighbour(): void
    {
        $valley = Polygon::of([new Point(0, 0), new Point(60, 60), new Point(60, 100), new Point(0, 100)]);
        [$from, $to] = (new EdgeMover)->side($valley, 0, -M_SQRT2);

        self::assertEqualsWithDelta([0.0, 2.0, 60.0, 62.0], [$from->u, $from->v, $to->u, $to->v], 1e-9);
    }

    public function test_what_two_regions_share_keeps_the_numbers_of_both(): void
    {
        $square = Polygon::rectangle(0, 0, 50, 50)->tagged();
        $other = Polygon::rectangle(30, -10, 90, 40)->tagged(10);
        $shared = (new Untangler)->common([$square, $other]);

        self::assertCount(1, $shared);
        self::assertEqualsWithDelta(20.0 * 40.0, $shared[0]->area(), 1e-9);
        $tags = $shared[0]->outline->tags;
        sort($tags);
        self::assertSame([0, 1, 12, 13], $tags);
        self::assertSame([], (new Untangler)->common([$square, Polygon::rectangle(60, 0, 90, 40)]));
    }

    public function test_a_hole_that_touches_the_outline_becomes_a_notch(): void
    {
        $hole = Polygon::rectangle(40, 0, 60, 20)->turned();
        $regions = (new Untangler)->untangle([Polygon::rectangle(0, 0, 100, 50), $hole]);

        self::assertSame([], $regions[0]->holes);
        self::assertNull($regions[0]->outline->crossing());
        self::assertEqualsWithDelta(100 * 50 - 20 * 20, $regions[0]->area(), 1e-6);
    }

    /** @param  array{float, float}  $cuts */
    private static function liesOnItsLines(Polygon $piece, Polygon $shape, array $cuts, string $what): void
    {
        foreach ($piece->corners as $i => $from) {
            $to = $piece->corner($i + 1);
            $tag = $piece->tag($i);
            foreach ([$from, $to] as $end) {
                $off = $tag < 0
                    ? min(abs($end->u - $cuts[0]), abs($end->u - $cuts[1]))
                    : $end->distanceToLine($shape->corner($tag), $shape->corner($tag + 1));
                self::assertLessThan(1e-5, $off, "$what, side $i of number $tag");
            }
        }
    }

    private static function ell(): Polygon
    {
        return Polygon::of([new Point(0, 0), new Point(100, 0), new Point(100, 50), new Point(40, 50), new Point(40, 100), new Point(0, 100)]);
    }
}
