<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Bend;
use Imbrex\Core\Ground\Metalwork\ShapeSketch;
use Imbrex\Core\Ground\Metalwork\TrimHem;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use PHPUnit\Framework\TestCase;

/** A trim drawn across is what the brake bends: its legs as long, its bends as said, hems on the back, its flat as wide. */
final class ShapeSketchTest extends TestCase
{
    public function test_every_shape_that_ships_is_drawn_as_it_is_said(): void
    {
        foreach (TrimBook::shipped()->all() as $key => $shape) {
            foreach ([[26.565, 126.87], [4.764, 170.47], [45.0, 90.0]] as [$pitch, $dihedral]) {
                $sketch = ShapeSketch::of($shape, 1.5, $pitch, $dihedral);
                foreach ($sketch->lengths as $i => $length) {
                    self::assertEqualsWithDelta($length, $sketch->corners[$i]->distanceTo($sketch->corners[$i + 1]), 1e-9, $key);
                }
                foreach ($shape->bends($pitch, $dihedral) as $i => $degrees) {
                    self::assertEqualsWithDelta($degrees, self::angle($sketch->corners[$i], $sketch->corners[$i + 1], $sketch->corners[$i + 2]), 1e-6, "$key, bend $i");
                }
                self::assertEqualsWithDelta($sketch->corners[0]->v, $sketch->corners[count($sketch->corners) - 1]->v, 1e-9, 'both ends on one level');
                self::assertFalse($sketch->crossesItself(), $key);
                $girth = array_sum($sketch->lengths);
                foreach ([[$shape->low, $sketch->low, 0, 1], [$shape->high, array_reverse($sketch->high), count($sketch->corners) - 1, count($sketch->corners) - 2]] as [$hem, $drawn, $end, $inner]) {
                    self::assertSame($hem !== null, $drawn !== [], $key);
                    if ($hem !== null && count($drawn) === 3) {
                        self::assertEqualsWithDelta($hem->length, $drawn[0]->distanceTo($drawn[1]), 1e-9);
                        self::assertSame($sketch->corners[$end], $drawn[2]);
                        // On the back, to the right of the way from the low end.
                        [$from, $to] = $end === 0 ? [$sketch->corners[0], $sketch->corners[1]] : [$sketch->corners[$inner], $sketch->corners[$end]];
                        self::assertLessThan(0.0, ($to->u - $from->u) * ($drawn[0]->v - $from->v) - ($to->v - $from->v) * ($drawn[0]->u - $from->u), $key);
                        $girth += $hem->length;
                    }
                }
                self::assertEqualsWithDelta($shape->girth(1.5), $girth, 1e-9, $key);
                $lines = $sketch->lines($shape);
                self::assertCount(count($sketch->degrees) + count(array_filter([$shape->low, $shape->high])), $lines, $key);
                foreach ($lines as $i => $at) {
                    self::assertTrue($at > ($lines[$i - 1] ?? 0.0) && $at < $girth, "$key, line $i");
                }
            }
        }
    }

    public function test_by_hand(): void
    {
        // A ridge cap of 6 in 12: six out, three down on either side; 5/8 of hem, then a line every leg.
        $cap = TrimBook::shipped()->shape('ridge-cap') ?? self::fail();
        $sketch = ShapeSketch::of($cap, 1.5, 26.565, 126.86989764584402);
        self::assertEqualsWithDelta(new Point(6.0 * cos(atan(0.5)), 6.0 * sin(atan(0.5))), $sketch->corners[1], 1e-9, 'colour side up');
        self::assertEqualsWithDelta([0.625, 6.625, 12.625], $sketch->lines($cap), 1e-9);
        // A valley's pan turns up at both sides; its crimp stands at 60, up again.
        $pan = ShapeSketch::of(TrimBook::shipped()->shape('valley-pan') ?? self::fail(), 1.5, 26.565, 143.13010235415598);
        self::assertEqualsWithDelta([101.56505117707799, 60.0, 101.56505117707799], $pan->degrees, 1e-9);
        $low = min($pan->corners[1]->v, $pan->corners[3]->v);
        self::assertEqualsWithDelta(cos(deg2rad(30.0)), $pan->corners[2]->v - $low, 1e-9, 'as high as an inch at 60 makes it');
        self::assertLessThan($pan->corners[0]->v, $low);
        // What is left of the bend between its two sides is the roof's.
        self::assertEqualsWithDelta(143.13010235415598, 180.0 - 2.0 * rad2deg(atan2($pan->corners[0]->v - $pan->corners[1]->v, $pan->corners[1]->u - $pan->corners[0]->u)), 1e-6);
    }

    public function test_legs_that_cross_are_found(): void
    {
        $shape = static fn (float $last): TrimShape => new TrimShape('own', [new TrimLeg(4.0, new Bend(60.0)), new TrimLeg(2.0, new Bend(60.0)), new TrimLeg($last)], new TrimHem(0.5));
        self::assertTrue(ShapeSketch::of($shape(6.0), 1.5, 0.0, 180.0)->crossesItself());
        self::assertFalse(ShapeSketch::of($shape(1.0), 1.5, 0.0, 180.0)->crossesItself());
    }

    private static function angle(Point $a, Point $at, Point $b): float
    {
        $cos = (($a->u - $at->u) * ($b->u - $at->u) + ($a->v - $at->v) * ($b->v - $at->v)) / ($a->distanceTo($at) * $b->distanceTo($at));

        return rad2deg(acos(max(-1.0, min(1.0, $cos))));
    }
}
