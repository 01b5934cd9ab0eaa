<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Imbrex\Core\Ground\Geometry\EdgeMover;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\Untangler;
use PHPUnit\Framework\TestCase;

final class UntanglerTest extends TestCase
{
    public function test_a_sound_outline_stays_as_it_is(): void
    {
        $outline = Polygon::rectangle(0, 0, 100, 50);

        self::assertEquals([new Region($outline)], (new Untangler)->untangle([$outline]));
    }

    public function test_a_hole_within_a_hole_is_no_hole_of_its_own(): void
    {
        $hole = static fn (float $l, float $b, float $r, float $t): Polygon => Polygon::sound(array_reverse(Polygon::rectangle($l, $b, $r, $t)->corners));
        $loops = [Polygon::rectangle(0, 0, 100, 50), $hole(20, 10, 60, 40), $hole(30, 20, 40, 30), $hole(70, 10, 80, 20)];
        foreach ([[0, 1, 2, 3], [0, 2, 1, 3]] as $order) {
            $regions = (new Untangler)->untangle(array_map(static fn (int $i): Polygon => $loops[$i], $order));
            self::assertCount(1, $regions);
            self::assertCount(2, $regions[0]->holes);
            self::assertEqualsWithDelta(5000 - 1200 - 100, $regions[0]->area(), 1e-6);
        }
    }

    public function test_a_side_pushed_past_its_neighbours_drops_out(): void
    {
        // A short side at the top of a roof with hips: held back 4 all round it vanishes.
        $outline = self::polygon([[0, 0], [100, 0], [52, 48], [48, 48]]);
        $moved = (new EdgeMover)->move($outline, [0.0, -4.0, -1.0, -4.0]);
        $regions = (new Untangler)->untangle([$moved]);

        self::assertNotNull($moved->crossing());
        self::assertCount(1, $regions);
        self::assertCount(3, $regions[0]->outline->corners);
        // Each leaning side moves 4 square to itself: 4·√2 along the eave.
        self::assertEqualsWithDelta((100 - 8 * sqrt(2)) ** 2 / 4, $regions[0]->area(), 1e-2);
    }

    public function test_a_narrow_waist_parts(): void
    {
        $outline = self::polygon([[0, 0], [40, 0], [40, 19], [60, 19], [60, 0], [100, 0], [100, 40], [60, 40], [60, 21], [40, 21], [40, 40], [0, 40]]);
        $regions = (new Untangler)->untangle([(new EdgeMover)->move($outline, array_fill(0, 12, -2.0))]);

        self::assertCount(2, $regions);
        self::assertEqualsWithDelta(2 * 36 * 36, array_sum(array_map(static fn (Region $r): float => $r->area(), $regions)), 1e-6);
    }

    public function test_what_turns_inside_out_twice_is_told_apart(): void
    {
        $outline = Polygon::rectangle(0, 0, 6, 6);
        $mover = new EdgeMover;
        [$region] = (new Untangler)->untangle([$mover->move($outline, array_fill(0, 4, -4.0))]);

        self::assertFalse($mover->leaves($outline, array_fill(0, 4, -4.0), $region->outline->insidePoint()));
        self::assertTrue($mover->leaves($outline, array_fill(0, 4, -2.0), new Point(3, 3)));
        self::assertSame([], (new Untangler)->untangle([$mover->move(Polygon::rectangle(0, 0, 6, 60), array_fill(0, 4, -4.0))]), 'inside out once is nothing');
    }

    public function test_a_hole_that_grows_over_the_edge_becomes_a_notch(): void
    {
        $hole = Polygon::sound(array_reverse(Polygon::rectangle(40, -5, 60, 20)->corners));
        $regions = (new Untangler)->untangle([Polygon::rectangle(0, 0, 100, 50), $hole]);

        self::assertCount(1, $regions);
        self::assertSame([], $regions[0]->holes);
        self::assertEqualsWithDelta(100 * 50 - 20 * 20, $regions[0]->area(), 1e-6);
    }

    /** @param  list<array{float, float}>  $corners */
    private static function polygon(array $corners): Polygon
    {
        return Polygon::of(array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners));
    }
}
