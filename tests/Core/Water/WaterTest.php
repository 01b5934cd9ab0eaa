<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Imbrex\Core\Builds\Adaptation;
use Imbrex\Core\Builds\BuildBook;
use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Units\Amount;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\Internal\Channel;
use Imbrex\Core\Water\Rain;
use Imbrex\Core\Water\WaterInput;
use Imbrex\Core\Water\WaterResult;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Core\Water\WaterWay;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Where rain goes, how much of it, and how deep it runs. */
final class WaterTest extends TestCase
{
    /** @return array<string, array{float, float, float, float, float, float}> rise in 12, sq ft, in/h; gpm, depth, wetted */
    public static function valleys(): array
    {
        return [
            '6 in 12' => [6.0, 400.0, 4.0, 16.626831549412863, 0.5612503232010988, 1.7748293588211173],
            '4 in 12' => [4.0, 900.0, 5.0, 46.762963732723684, 0.7659638113141032, 3.4254943008063132],
            '3 in 12' => [3.0, 1600.0, 6.0, 99.76098929647719, 0.9637487154888043, 5.619572398734169],
        ];
    }

    #[DataProvider('valleys')]
    public function test_valleys_run_as_deep_as_the_formula_says(float $rise, float $squareFeet, float $intensity, float $gallons, float $depth, float $wetted): void
    {
        // Two slopes square to each other: their valley falls as the rise over the diagonal of the run.
        $slope = rad2deg(atan($rise / 12.0 / M_SQRT2));
        $normal = 1.0 / (1.0 + ($rise / 12.0) ** 2);
        $dihedral = 180.0 - rad2deg(acos($normal));
        self::assertEqualsWithDelta($gallons, Rain::gallons($squareFeet, $intensity), 1e-3);
        $runs = Channel::valley($gallons, $dihedral, $slope);
        self::assertEqualsWithDelta([$depth, $wetted], [$runs, Channel::wetted($runs, $dihedral)], 1e-4);
    }

    public function test_pans_run_as_deep_as_the_formula_says(): void
    {
        self::assertEqualsWithDelta(0.03602477636537306, Channel::pan(Rain::gallons(60.0, 4.0), 15.375, rad2deg(atan(4.0 / 12.0))), 1e-4);
        self::assertEqualsWithDelta(0.25547309029950405, Channel::pan(Rain::gallons(900.0, 6.0), 15.375, rad2deg(atan(3.0 / 12.0))), 1e-4);
    }

    /** A shed 40 ft long with a plan run of 20: half of it lies above a chimney 36 wide, so 3 × 10 sq ft arrive, 1.247 gpm at 4 in/h. */
    public function test_what_arrives_behind_a_chimney(): void
    {
        $half = 120.0 * sqrt(1.25);
        $chimney = Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(200.0, $half - 30.0, 236.0, $half));
        $plan = RoofJob::plan(RoofJob::gable(480.0, 480.0), openings: [$chimney]);
        $flow = self::flow($plan, 'opening', 'c');
        self::assertEqualsWithDelta([30.0, 1.247], [$flow->squareFeet, $flow->gallons], 1e-3);
        $said = RoofJob::findings($plan, 'water.cricket');
        self::assertSame([36.0], [$said[0]->parameters['width']->inches]);
        // All of the face still leaves at its eave: 20 ft × 40 ft.
        self::assertEqualsWithDelta(800.0, array_sum(array_map(static fn (Flow $one): float => $one->squareFeet, self::eavesOf($plan, 'shed.S'))), 1e-6);
    }

    /** The boathouse: both valleys of the wing, by hand from its plan. */
    public function test_the_boathouse_drains_to_its_eaves_alone(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $water = $plan->of(WaterStage::class);
        // 672 × 360 and 14 of eaves all round; the wing 216 wide with eaves of 9 at its gable and 14 beside, 192 before the hall less its eave.
        $hall = (672.0 + 28.0) * (360.0 + 28.0);
        $wing = (216.0 + 28.0) * (192.0 + 9.0 - 14.0);
        self::assertEqualsWithDelta(($hall + $wing) / 144.0, $water->squareFeet, 1e-3);
        self::assertEqualsWithDelta($water->squareFeet, self::ended($water), 1e-6);
        $valleys = $water->of('valley');
        self::assertCount(2, $valleys);
        self::assertEqualsWithDelta(2.0, count($valleys[0]->shares), 0.0, 'from both sides');
        foreach ($valleys as $valley) {
            self::assertGreaterThan(0.0, $valley->room);
            self::assertEqualsWithDelta(Rain::gallons($valley->squareFeet, 4.0), $valley->gallons, 1e-9);
        }
        // Twice the rain: twice the water, and deeper by 2^(3/8), as a V runs.
        $twice = Plan::for($plan->job->with(new WaterInput(8.0)))->of(WaterStage::class)->of('valley')[0];
        self::assertEqualsWithDelta([2.0, 2.0 ** 0.375], [$twice->gallons / $valleys[0]->gallons, $twice->depth / $valleys[0]->depth], 1e-6);
        // 30 in an hour and a narrow reveal: said, with the reveal that would do.
        $storm = RoofJob::findings(Plan::for($plan->job->with(new WaterInput(30.0))), 'water.valley');
        self::assertNotSame([], $storm);
        self::assertGreaterThanOrEqual(1.0 - 1e-9, $storm[0]->parameters['spare']->inches);
        self::assertLessThan(2.0, $storm[0]->parameters['spare']->inches);
    }

    public function test_rain_falls_once_and_all_of_it_ends_somewhere(): void
    {
        foreach (RandomRoof::several(16) as $random) {
            $plan = $random->plan();
            $water = $plan->of(WaterStage::class);
            // What gets in or has no way on is said in whole square feet.
            self::assertEqualsWithDelta($water->squareFeet, self::ended($water) + self::stuck($plan), 0.5 * count($water->findings()) + 1e-6, "roof $random->number");
            $roof = $plan->of(RoofStage::class)->roof;
            self::assertEqualsWithDelta(1.0, $water->squareFeet / self::seenFromAbove($roof, $random->number), 0.03, "roof $random->number");
        }
    }

    /** A higher eave over a lower roof: what it sheds lands there, and what it covers gets no rain. */
    public function test_what_lies_under_an_overhang_gets_no_rain_of_its_own(): void
    {
        $plan = RoofJob::plan([
            BlockMaker::block('high', 0, 0, 300, 240, [4, null, 4, null], 24, 200),
            BlockMaker::block('low', 0, -180, 300, 180, [4, null, null, null], 0, 60),
        ]);
        $water = $plan->of(WaterStage::class);
        self::assertEqualsWithDelta(self::seenFromAbove($plan->of(RoofStage::class)->roof, 5), $water->squareFeet, 0.02 * $water->squareFeet);
        self::assertEqualsWithDelta($water->squareFeet, self::ended($water) + self::stuck($plan), 1e-6);
        $path = Catchment::of($plan)->runoff->from('high.S', 100.0, 60.0);
        self::assertNotNull($path);
        self::assertContains(WaterWay::Fall, array_map(static fn ($step): WaterWay => $step->on, $path->steps));
        self::assertSame('low.S', $path->steps[count($path->steps) - 1]->face);
    }

    /** A gutter takes all that reaches it, by its outlets: the hall's north side is a hip's trapezoid, alike about its middle. */
    public function test_gutters_part_their_water_by_outlet(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $guttered = Plan::for($plan->job->with(new WaterInput(4.0, ['eave-hall.N' => [0.0, 350.0, 700.0]])));
        $flow = self::flow($guttered, 'eave', 'eave-hall.N');
        $shares = $flow->byOutlet([0.0, 350.0, 700.0]);
        self::assertEqualsWithDelta($flow->squareFeet, array_sum($shares), 1e-6);
        self::assertEqualsWithDelta($shares[0], $shares[2], 1e-6);
        // Left of 175: a triangle of 175 by hand; the face rises 1 in 1 in plan from its corner.
        self::assertEqualsWithDelta(175.0 * 175.0 / 2.0 / 144.0, $shares[0], 0.8);
        self::assertSame([DropEnd::Gutter, DropEnd::Eave], array_map(static fn (string $face): ?DropEnd => Catchment::of($guttered)->runoff->from($face, 300.0, 60.0)?->end, ['hall.N', 'hall.S']));
        self::assertEqualsWithDelta([0.0, $flow->squareFeet], $flow->byOutlet([-1000.0, 100.0]), 1e-6);
    }

    /** On every build that ships each drop ends outside; with one lap turned the wrong way drops get in there, behind that layer. */
    public function test_what_ships_keeps_water_out_and_a_reversed_lap_lets_it_in(): void
    {
        $book = BuildBook::shipped();
        $tried = 0;
        foreach ([EdgeKind::Eave, EdgeKind::Valley] as $kind) {
            foreach ($book->choices($kind, Fixing::of(Family::SnapLock)) as $build) {
                $plan = RoofJob::plan(RoofJob::boathouse());
                $this->drops(Plan::for($plan->job->with(new BuildsInput(builds: [$kind->value => $build->key]))), 240, true);
                $tried++;
            }
        }
        self::assertGreaterThan(4, $tried);
        $order = ['trim-cleat', 'membrane', 'eave-trim', 'tape', 'offset-cleat', 'panel'];
        $plan = RoofJob::plan(RoofJob::boathouse(), wishes: ['eave-hall.N' => new EdgeWish(build: 'cleat-nose@1', adaptation: new Adaptation($order, ['eave-trim' => 8.0]))]);
        $path = Catchment::of($plan)->runoff->from('hall.N', 200.0, 90.0);
        self::assertSame([DropEnd::Entered, 'eave-hall.N', 'eave-trim'], [$path?->end, $path?->by, $path?->lap]);
        $said = RoofJob::findings($plan, 'water.entered');
        self::assertSame(['eave-hall.N'], array_map(static fn (Finding $one): string => $one->where, $said));
        // All of the north side, and of no other.
        self::assertEqualsWithDelta(700.0 * 194.0 / 144.0 - 194.0 * 194.0 / 144.0, self::squareFeet($said[0]), 1.0);
        self::assertSame(DropEnd::Eave, Catchment::of($plan)->runoff->from('hall.S', 100.0, 60.0)?->end);
    }

    public function test_no_drop_goes_uphill_and_each_leaves(): void
    {
        $jobs = [RoofJob::plan(RoofJob::boathouse())->job];
        foreach (RandomRoof::several(6) as $random) {
            $jobs[] = $random->job();
        }
        foreach ($jobs as $number => $job) {
            $this->drops(Plan::for($job), $number === 0 ? 2000 : 300, $number === 0);
        }
    }

    private function drops(Plan $plan, int $count, bool $allLeave): void
    {
        $catchment = Catchment::of($plan);
        $random = new Randomizer(new Mt19937(3));
        foreach ($catchment->roof->faces as $face) {
            $bounds = $face->outline->bounds();
            for ($i = 0; $i < $count / count($catchment->roof->faces); $i++) {
                $share = static fn (): float => $random->getInt(1, 999_999) / 1e6;
                $drop = new Point($bounds->left + $bounds->width() * $share(), $bounds->bottom + $bounds->height() * $share());
                if (! $face->region()->contains($drop)) {
                    continue;
                }
                $path = $catchment->runoff->from($face->id, $drop->u, $drop->v);
                self::assertNotNull($path);
                $before = INF;
                foreach ($path->steps as $step) {
                    $on = $catchment->roof->face($step->face);
                    self::assertLessThanOrEqual($before + 1.0, self::height($on, $step->from), "$face->id $drop->u $drop->v");
                    $before = self::height($on, $step->to);
                }
                $allLeave && self::assertContains($path->end, [DropEnd::Eave, DropEnd::Ground]);
                // The same drop goes the same way.
                self::assertEquals($path, $catchment->runoff->from($face->id, $drop->u, $drop->v));
            }
        }
    }

    private static function height(?Face $face, Point $deck): float
    {
        return $face?->frame === null ? $deck->v : $face->frame->plane->at($face->frame->toPlan($deck));
    }

    /** Square feet of plan that some roof covers, by sampling. */
    private static function seenFromAbove(Roof $roof, int $seed): float
    {
        $framed = array_values(array_filter($roof->faces, static fn (Face $face): bool => $face->frame !== null));
        if (count($framed) !== count($roof->faces)) {
            return array_sum(array_map(static fn (Face $face): float => $face->areaSquareFeet() * cos(deg2rad($face->pitch->degrees())), $roof->faces));
        }
        $us = $vs = [];
        foreach ($framed as $face) {
            foreach ($face->frame?->inPlan($face->outline)->corners ?? [] as $corner) {
                [$us[], $vs[]] = [$corner->u, $corner->v];
            }
        }
        // An even grid of 260 × 260 is as near as a per cent.
        [$hits, $wide, $high] = [0, (max($us) - min($us)) / 260.0, (max($vs) - min($vs)) / 260.0];
        for ($i = 0; $i < 260 * 260; $i++) {
            $plan = new Point(min($us) + ($i % 260 + 0.5) * $wide, min($vs) + (intdiv($i, 260) + 0.5) * $high);
            foreach ($framed as $face) {
                if ($face->region()->contains($face->frame?->toDeck($plan) ?? $plan)) {
                    $hits++;

                    break;
                }
            }
        }

        return $hits * $wide * $high / 144.0;
    }

    private static function ended(WaterResult $water): float
    {
        return array_sum(array_map(static fn (Flow $flow): float => $flow->squareFeet, $water->of('eave')));
    }

    private static function squareFeet(Finding $one): float
    {
        $area = $one->parameters['area'];

        return $area instanceof Amount ? $area->value : throw new LogicException('no area');
    }

    private static function stuck(Plan $plan): float
    {
        $stuck = array_filter($plan->of(WaterStage::class)->findings(), static fn (Finding $one): bool => in_array($one->code, ['water.trapped', 'water.entered'], true));

        return array_sum(array_map(static fn (Finding $one): float => self::squareFeet($one), $stuck));
    }

    private static function flow(Plan $plan, string $of, string $id): Flow
    {
        return array_values(array_filter($plan->of(WaterStage::class)->flows, static fn (Flow $flow): bool => $flow->of === $of && $flow->id === $id))[0];
    }

    /** @return list<Flow> */
    private static function eavesOf(Plan $plan, string $face): array
    {
        return array_values(array_filter($plan->of(WaterStage::class)->of('eave'), static fn (Flow $flow): bool => in_array($face, $plan->of(RoofStage::class)->roof->edge($flow->id)->faces ?? [], true)));
    }
}
