<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\Junctions\JunctionBook;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Edges\Junctions\JunctionShape;
use Imbrex\Core\Ground\Geometry\Point;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** A corner folded up stands as the roof does: flats are flat, hang together, and lie on deck, fascia or wall. */
final class JunctionShapeTest extends TestCase
{
    private const RISES = [0.0, 0.25, 0.5, 1.0];

    #[DataProviderExternal(JunctionTest::class, 'kinds')]
    public function test_every_piece_is_bent_into_flats_that_lie_on_the_ground(JunctionKind $kind): void
    {
        foreach (self::RISES as $rise) {
            $built = self::built($kind, $rise);
            $grounds = array_map(self::plane(...), JunctionShape::ground($built));
            foreach (JunctionShape::pieces($built) as $key => $flats) {
                self::assertNotSame([], $flats, $key);
                foreach ($flats as $flat) {
                    $plane = self::plane($flat);
                    foreach ($flat as $point) {
                        self::assertEqualsWithDelta(0.0, self::off($plane, $point), 1e-6, "$key is flat");
                    }
                    $on = array_filter($grounds, static fn (array $ground): bool => self::isSame($ground, $plane));
                    self::assertNotSame([], $on, "$key lies on deck, fascia or wall at a rise of $rise");
                }
            }
        }
    }

    #[DataProviderExternal(JunctionTest::class, 'kinds')]
    public function test_a_piece_hangs_together(JunctionKind $kind): void
    {
        $built = self::built($kind, 0.5);
        foreach ($built->junction->pieces as $piece) {
            // What lies apart on the sheet lies apart in the round; nothing else does.
            self::assertLessThanOrEqual(count($piece->areas), self::parts(JunctionShape::pieces($built)[$piece->key]), $piece->key);
        }
    }

    public function test_by_hand(): void
    {
        // Six in twelve: twenty inches up the deck in plan is ten up; the trim's face hangs three and three quarters.
        $pieces = JunctionShape::pieces(self::built(JunctionKind::EaveRake, 0.5));
        self::assertContainsEquals([-20.0, 20.0, 10.0], self::rounded($pieces['panel']));
        self::assertContainsEquals([0.0, -1.0, -0.5], self::rounded($pieces['panel']), 'past the eave it goes straight on');
        self::assertContainsEquals([-20.0, 0.0, -3.75], self::rounded($pieces['eave-trim']));
        self::assertContainsEquals([0.0, 1.0, -3.75], self::rounded($pieces['eave-trim']), 'its tab an inch round the rake');
        self::assertContainsEquals([0.0, 20.0, 4.5], self::rounded($pieces['rake-trim']), 'five and a half below the roof');
        self::assertContainsEquals([-1.25, 0.0, -5.5], self::rounded($pieces['rake-trim']), 'its nose across the eave');

        $hip = JunctionShape::pieces(self::built(JunctionKind::EaveHip, 0.5));
        // Both trims meet plumb under the corner.
        self::assertContainsEquals([0.0, 0.0, -3.75], self::rounded($hip['eave-trim']));
        self::assertContainsEquals([0.0, 0.0, -3.75], self::rounded($hip['eave-trim-far']));

        $wall = JunctionShape::pieces(self::built(JunctionKind::LowRidgeWall, 0.5));
        // The cap is turned up the wall over the ridge, and down both slopes.
        self::assertContainsEquals([0.0, 0.0, 4.0], self::rounded($wall['ridge-cap']));
        self::assertContainsEquals([6.5, -20.0, -3.25], self::rounded($wall['ridge-cap']));
    }

    public function test_a_number_stands_on_its_piece(): void
    {
        foreach (JunctionKind::cases() as $kind) {
            $built = self::built($kind, 0.5);
            $pieces = JunctionShape::pieces($built);
            foreach (JunctionShape::seen($built) as $key => $at) {
                $near = array_filter($pieces[$key], static fn (array $flat): bool => abs(self::off(self::plane($flat), $at)) < 1e-6);
                self::assertNotSame([], $near, "$kind->value $key");
            }
        }
    }

    private static function built(JunctionKind $kind, float $rise): BuiltJunction
    {
        return new BuiltJunction(
            id: 'x',
            edges: [],
            at: new Point(0.0, 0.0),
            junction: JunctionBook::of($kind),
            isAdapted: false,
            faults: [],
            rise: $rise,
        );
    }

    /**
     * @param  list<list<array{float, float, float}>>  $flats
     * @return int how many there are of what shares a corner or a bend with one another
     */
    private static function parts(array $flats): int
    {
        $left = $flats;
        $parts = 0;
        while ($left !== []) {
            $parts++;
            $queue = [array_pop($left)];
            while ($queue !== []) {
                $one = array_pop($queue);
                foreach ($left as $i => $other) {
                    if (self::meet($one, $other)) {
                        $queue[] = $other;
                        unset($left[$i]);
                    }
                }
            }
        }

        return $parts;
    }

    /**
     * @param  list<array{float, float, float}>  $one
     * @param  list<array{float, float, float}>  $other
     */
    private static function meet(array $one, array $other): bool
    {
        foreach ([[$one, $other], [$other, $one]] as [$corners, $sides]) {
            foreach ($corners as $p) {
                foreach ($sides as $i => $a) {
                    $b = $sides[($i + 1) % count($sides)];
                    $long = self::far($a, $b);
                    if ($long > 1e-9 && abs(self::far($a, $p) + self::far($p, $b) - $long) < 1e-6) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function far(array $a, array $b): float
    {
        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }

    /**
     * @param  list<array{float, float, float}>  $flat
     * @return array{float, float, float, float} normal of length one, and how far off the middle
     */
    private static function plane(array $flat): array
    {
        $n = [0.0, 0.0, 0.0];
        foreach ($flat as $i => $a) {
            $b = $flat[($i + 1) % count($flat)];
            $n = [$n[0] + ($a[1] - $b[1]) * ($a[2] + $b[2]), $n[1] + ($a[2] - $b[2]) * ($a[0] + $b[0]), $n[2] + ($a[0] - $b[0]) * ($a[1] + $b[1])];
        }
        $long = self::far($n, [0.0, 0.0, 0.0]);
        self::assertGreaterThan(1e-9, $long);
        $n = [$n[0] / $long, $n[1] / $long, $n[2] / $long];

        return [...$n, -($n[0] * $flat[0][0] + $n[1] * $flat[0][1] + $n[2] * $flat[0][2])];
    }

    /**
     * @param  array{float, float, float, float}  $plane
     * @param  array{float|int, float|int, float|int}  $p
     */
    private static function off(array $plane, array $p): float
    {
        return $plane[0] * $p[0] + $plane[1] * $p[1] + $plane[2] * $p[2] + $plane[3];
    }

    /**
     * @param  array{float, float, float, float}  $one
     * @param  array{float, float, float, float}  $other
     */
    private static function isSame(array $one, array $other): bool
    {
        $way = $one[0] * $other[0] + $one[1] * $other[1] + $one[2] * $other[2];

        return abs(abs($way) - 1.0) < 1e-9 && abs($one[3] - ($way < 0.0 ? -$other[3] : $other[3])) < 1e-6;
    }

    /**
     * @param  list<list<array{float, float, float}>>  $flats
     * @return list<array{float, float, float}> all corners
     */
    private static function rounded(array $flats): array
    {
        return array_map(static fn (array $p): array => array_map(static fn (float $x): float => round($x, 6) + 0.0, $p), array_merge(...$flats));
    }
}
