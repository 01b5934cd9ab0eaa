<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\DropPath;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\Internal\Channel;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Core\Water\WaterWay;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** The ways of single drops on roofs one can follow with a finger. */
final class RunoffTest extends TestCase
{
    public function test_straight_down_its_pan_and_off(): void
    {
        $path = self::drop(RoofJob::plan(RoofJob::gable(300.0)), 'shed.S', 100.0, 90.0);
        self::assertSame([WaterWay::Pan, WaterWay::Eave], self::ways($path));
        self::assertEquals([new Point(100.0, 90.0), new Point(100.0, 0.0)], [$path->steps[0]->from, $path->steps[0]->to]);
        self::assertSame([DropEnd::Eave, 'eave-shed.S'], [$path->end, $path->by]);
        self::assertMatchesRegularExpression('/^shed\.S-\d+$/', $path->steps[0]->id);
    }

    public function test_a_drop_beside_the_roof_falls_on_nothing(): void
    {
        $runoff = Catchment::of(RoofJob::plan(RoofJob::gable(300.0)))->runoff;
        self::assertNull($runoff->from('shed.S', -50.0, 20.0));
        self::assertNull($runoff->from('nowhere', 50.0, 20.0));
        self::assertNull($runoff->fromAbove(new Point(-900.0, 0.0)));
    }

    /** From straight above the plan it lands on the roof one sees there: the wing's, where that hides the hall. */
    public function test_from_above_it_lands_on_what_one_sees(): void
    {
        $runoff = Catchment::of(RoofJob::plan(RoofJob::boathouse()))->runoff;
        foreach (['hall.N' => [300.0, 350.0], 'hall.W' => [20.0, 180.0], 'wing.W' => [430.0, -100.0], 'wing.E' => [550.0, -100.0]] as $face => [$x, $y]) {
            self::assertSame($face, $runoff->fromAbove(new Point($x, $y))?->steps[0]->face, "$x $y");
        }
    }

    /** Round a chimney by the nearer corner, on in the pan beside it. */
    public function test_round_an_opening_by_the_nearer_corner(): void
    {
        $chimney = Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(100.0, 40.0, 140.0, 80.0));
        $plan = RoofJob::plan(RoofJob::gable(300.0), openings: [$chimney]);
        foreach ([[105.0, 100.0], [119.0, 100.0], [121.0, 140.0], [138.0, 140.0]] as [$u, $corner]) {
            $path = self::drop($plan, 'shed.S', $u, 120.0);
            self::assertSame([WaterWay::Pan, WaterWay::Opening, WaterWay::Pan, WaterWay::Eave], self::ways($path));
            self::assertEqualsWithDelta($corner, $path->steps[1]->to->u, 1.0, (string) $u);
            self::assertEqualsWithDelta(80.0, $path->steps[1]->to->v, 1e-6);
        }
        // Beside it and below it nothing is in the way.
        self::assertSame([WaterWay::Pan, WaterWay::Eave], self::ways(self::drop($plan, 'shed.S', 90.0, 120.0)));
        self::assertSame([WaterWay::Pan, WaterWay::Eave], self::ways(self::drop($plan, 'shed.S', 120.0, 30.0)));
        // Each side of the uphill edge sends half of what arrives.
        $flow = array_values(array_filter($plan->of(WaterStage::class)->flows, static fn (Flow $one): bool => $one->of === 'opening'))[0];
        self::assertEqualsWithDelta(40.0 * (120.0 - 80.0 / sqrt(1.25)) / 144.0, $flow->squareFeet, 1e-6);
    }

    /** Two chimneys side by side, an inch apart at most: round both, and never in a ring between them. */
    public function test_openings_close_together_make_no_ring(): void
    {
        $openings = [
            Opening::outlined('a', 'shed.S', OpeningKind::Chimney, 'A', Polygon::rectangle(100.0, 40.0, 140.0, 80.0)),
            Opening::outlined('b', 'shed.S', OpeningKind::Chimney, 'B', Polygon::rectangle(139.0, 40.0, 180.0, 90.0)),
        ];
        $plan = RoofJob::plan(RoofJob::gable(300.0), openings: $openings);
        foreach (range(101, 179, 6) as $u) {
            $path = self::drop($plan, 'shed.S', (float) $u, 125.0);
            self::assertSame(DropEnd::Eave, $path->end, (string) $u);
            self::assertLessThan(10, count($path->steps));
        }
    }

    public function test_into_the_valley_along_it_and_off_at_the_corner(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $path = self::drop($plan, 'hall.S', 460.0, 150.0);
        self::assertSame([WaterWay::Pan, WaterWay::Valley, WaterWay::Eave], self::ways($path));
        // At 6 in 12 on both sides the valley runs at 45 degrees in plan: 76 in from its low end at u 384 lies 76 up in plan.
        self::assertEqualsWithDelta((460.0 - 384.0) * sqrt(1.25), $path->steps[1]->from->v, 1e-6);
        self::assertEqualsWithDelta([384.0, 0.0], [$path->steps[1]->to->u, $path->steps[1]->to->v], 1e-6);
        // From the wing's side into the same valley.
        $wing = self::drop($plan, 'wing.W', 60.0, 120.0);
        self::assertContains(WaterWay::Valley, self::ways($wing));
        self::assertSame('valley-hall.S-wing.W', array_values(array_filter($wing->steps, static fn (DropStep $step): bool => $step->on === WaterWay::Valley))[0]->id);
    }

    /** A dormer's valleys end on the roof below it: water goes on there. */
    public function test_a_valley_that_ends_on_a_roof_goes_on_down_it(): void
    {
        $plan = RoofJob::plan([
            BlockMaker::block('main', 0, 0, 480, 360, [6, null, 6, null], 12),
            BlockMaker::block('dormer', 180, 60, 120, 200, [null, 6, null, 6], 0, 150.0),
        ]);
        $ends = [];
        $catchment = Catchment::of($plan);
        foreach ($catchment->cells as $face => $cells) {
            foreach ($cells->all() as $cell) {
                $path = $catchment->runoff->from($face, $cell->middle()->u, $cell->middle()->v);
                self::assertNotNull($path);
                $ways = self::ways($path);
                $at = array_search(WaterWay::Valley, $ways, true);
                if ($at !== false) {
                    $ends[$path->steps[$at + 1]->on->value] = true;
                }
            }
        }
        self::assertArrayHasKey('pan', $ends, 'on down the pan below the dormer');
    }

    public function test_depths_carry_what_they_are_asked_to(): void
    {
        // Manning the other way round, by hand in feet: A (A / P)^(2/3) √S 1.486 / 0.012.
        foreach ([[5.0, 12.0, 10.0], [40.0, 15.375, 18.4], [0.3, 8.0, 3.0]] as [$gallons, $width, $slope]) {
            $depth = Channel::pan($gallons, $width, $slope) / 12.0;
            $wide = $width / 12.0;
            $carried = 1.486 / 0.012 * $wide * $depth * ($wide * $depth / ($wide + 2.0 * $depth)) ** (2.0 / 3.0) * sqrt(sin(deg2rad($slope))) * 448.831;
            self::assertEqualsWithDelta($gallons, $carried, 1e-6 * $gallons);
        }
        // More water, flatter, narrower: deeper. Nothing runs nowhere deep.
        self::assertGreaterThan(Channel::pan(5.0, 16.0, 10.0), Channel::pan(6.0, 16.0, 10.0));
        self::assertGreaterThan(Channel::pan(5.0, 16.0, 10.0), Channel::pan(5.0, 16.0, 5.0));
        self::assertGreaterThan(Channel::pan(5.0, 16.0, 10.0), Channel::pan(5.0, 12.0, 10.0));
        self::assertGreaterThan(Channel::valley(5.0, 150.0, 10.0), Channel::valley(5.0, 140.0, 10.0));
        self::assertEqualsWithDelta(0.0, Channel::valley(0.0, 140.0, 10.0), 1e-6);
    }

    private static function drop(Plan $plan, string $face, float $u, float $v): DropPath
    {
        return Catchment::of($plan)->runoff->from($face, $u, $v) ?? throw new \LogicException("$face $u $v");
    }

    /** @return list<WaterWay> */
    private static function ways(DropPath $path): array
    {
        return array_map(static fn (DropStep $step): WaterWay => $step->on, $path->steps);
    }
}
