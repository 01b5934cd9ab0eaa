<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Imbrex\Core\Ground\Geometry\Bounds;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Geometry\SidePairs;
use Imbrex\Core\Ground\Geometry\StripCutter;
use Imbrex\Core\Ground\Geometry\StripGround;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Geometry\Windings;
use PHPUnit\Framework\TestCase;

/** What looks at few of many sides must come to the same as what looks at all of them. */
final class ManySidesTest extends TestCase
{
    public function test_sides_that_come_near_are_all_found(): void
    {
        mt_srand(4);
        foreach (range(1, 60) as $ignored) {
            $loops = [$this->star(mt_rand(5, 40)), $this->star(mt_rand(3, 12)), $this->star(3)];
            $pairs = SidePairs::of($loops);
            self::assertSame($pairs, array_values(array_unique($pairs, SORT_REGULAR)), 'each pair once');
            $near = [];
            foreach ($this->sides($loops) as $k => [$one, $i, $a]) {
                foreach (array_slice($this->sides($loops), $k + 1) as [$other, $j, $b]) {
                    $reach = 2.0 * Tolerance::SAME_CUT;
                    if ($a->left <= $b->right + $reach && $b->left <= $a->right + $reach && $a->bottom <= $b->top + $reach && $b->bottom <= $a->top + $reach) {
                        $near[] = [$one, $other, $i, $j];
                    }
                }
            }
            sort($near);
            self::assertSame(array_map(static fn (array $n): array => [$n[0], $n[2], $n[1], $n[3]], $near), $pairs);
        }
    }

    public function test_windings_are_counted_on_the_level_alone(): void
    {
        mt_srand(5);
        foreach (range(1, 40) as $ignored) {
            $loops = [$this->star(mt_rand(4, 90)), $this->star(mt_rand(4, 30))->turned()];
            $windings = new Windings($loops);
            for ($k = 0; $k < 40; $k++) {
                $point = $this->point();
                // A star winds once round what it contains; the second one runs the other way round.
                self::assertSame((int) $loops[0]->contains($point) - (int) $loops[1]->contains($point), $windings->at($point));
            }
        }
    }

    public function test_ground_for_strips_holds_what_its_regions_do_and_is_cut_as_they_are(): void
    {
        mt_srand(6);
        foreach (range(1, 30) as $ignored) {
            $region = $this->holed(mt_rand(1, 25), mt_rand(3, 40));
            $ground = new StripGround([$region]);
            for ($k = 0; $k < 60; $k++) {
                $point = $k % 3 === 0 ? $this->onSide($region) : $this->point();
                self::assertSame($region->contains($point) || $region->isNear($point), $ground->holds($point));
                self::assertSame($region->contains($point) && ! $region->isNear($point), $ground->surrounds($point));
            }
            $left = mt_rand(-100, 900) + 0.37;
            self::assertEquals((new StripCutter)->strip($region, $left, $left + 16.0), $ground->strip($left, $left + 16.0));
            $bounds = new Bounds($left, 100.0, $left + 70.0, 300.0);
            $within = array_filter($this->corners($region), static fn (Point $p): bool => $p->u > $bounds->left && $p->u < $bounds->right && $p->v > $bounds->bottom && $p->v < $bounds->top);
            self::assertCount(count($within), $ground->cornersWithin($bounds));
            $between = array_filter($this->corners($region), static fn (Point $p): bool => $p->u > $left && $p->u < $left + 5.0);
            self::assertSame($between !== [], $ground->hasCornerBetween($left, $left + 5.0));
        }
    }

    public function test_a_point_well_inside_lies_inside_and_in_no_hole(): void
    {
        mt_srand(7);
        foreach (range(1, 40) as $ignored) {
            $region = $this->holed(mt_rand(0, 20), mt_rand(3, 30));
            $inside = $region->insidePoint();
            self::assertTrue($region->contains($inside));
            self::assertFalse($region->isNear($inside));
        }
    }

    public function test_a_point_of_a_steep_side_is_near_it_in_whatever_slab_it_lies(): void
    {
        // Many corners make narrow slabs; the long side leans through a few of them, at its foot and at its head.
        $corners = [new Point(0.0, 0.0)];
        for ($k = 0; $k < 300; $k++) {
            $corners[] = new Point(10.0 + $k, $k % 2 === 0 ? 0.0 : -1.0);
        }
        array_push($corners, new Point(310.0, 4000.0), new Point(3.0, 4000.0));
        $region = new Region(Polygon::of($corners));
        $ground = new StripGround([$region]);
        foreach ([0.0001, 0.2, 0.33334, 0.5, 0.66667, 0.9999] as $share) {
            self::assertTrue($ground->holds(new Point(3.0 * $share - 5e-4, 4000.0 * $share)));
            self::assertFalse($ground->surrounds(new Point(3.0 * $share + 5e-4, 4000.0 * $share)));
            self::assertFalse($ground->holds(new Point(3.0 * $share - 3e-3, 4000.0 * $share)));
        }
    }

    private function point(): Point
    {
        return new Point(mt_rand(-50_000, 1_050_000) / 1000.0, mt_rand(-50_000, 550_000) / 1000.0);
    }

    /** Its corners at even angles round a centre, at uneven distances: it does not cross itself. */
    private function star(int $corners): Polygon
    {
        [$u, $v] = [mt_rand(200, 800), mt_rand(150, 350)];
        $points = [];
        for ($k = 0; $k < $corners; $k++) {
            $angle = 2.0 * M_PI * ($k + 0.3) / $corners;
            $far = mt_rand(30_000, 200_000) / 1000.0;
            $points[] = new Point($u + $far * cos($angle), $v + $far * sin($angle));
        }

        return Polygon::of($points);
    }

    private function holed(int $holes, int $corners): Region
    {
        $loops = [];
        for ($h = 0; $h < $holes; $h++) {
            $points = [];
            for ($k = 0; $k < $corners; $k++) {
                $points[] = new Point(60.0 + $h % 5 * 180.0 + 25.0 * cos(2.0 * M_PI * $k / $corners), 50.0 + intdiv($h, 5) * 90.0 + 25.0 * sin(2.0 * M_PI * $k / $corners));
            }
            $loops[] = Polygon::of($points)->turned();
        }

        return new Region(Polygon::rectangle(0.0, 0.0, 1000.0, 500.0), $loops);
    }

    private function onSide(Region $region): Point
    {
        $loops = $region->loops();
        $loop = $loops[array_rand($loops)];
        $side = mt_rand(0, count($loop->corners) - 1);
        $share = mt_rand(0, 1000) / 1000.0;
        [$a, $b] = [$loop->corner($side), $loop->corner($side + 1)];

        return new Point($a->u + $share * ($b->u - $a->u), $a->v + $share * ($b->v - $a->v));
    }

    /** @return list<Point> */
    private function corners(Region $region): array
    {
        return array_merge(...array_map(static fn (Polygon $loop): array => $loop->corners, $region->loops()));
    }

    /**
     * @param  list<Polygon>  $loops
     * @return list<array{int, int, Bounds}> loop, side, the rectangle round it
     */
    private function sides(array $loops): array
    {
        $sides = [];
        foreach ($loops as $number => $loop) {
            foreach (array_keys($loop->corners) as $i) {
                $sides[] = [$number, $i, Polygon::sound([$loop->corner($i), $loop->corner($i + 1)])->bounds()];
            }
        }

        return $sides;
    }
}
