<?php

declare(strict_types=1);

namespace Tests\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\Openings\Boot;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\Internal\LapFault;
use Imbrex\Core\Openings\Kit;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\WaterStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** Whether finished laps round openings shed: every school does, and a lap turned round is found where it leaks. */
final class LapCheckTest extends TestCase
{
    /** @return iterable<string, array{OpeningKind, UphillSchool, WorkOrder, string}> */
    public static function schools(): iterable
    {
        foreach ([OpeningKind::Chimney, OpeningKind::Curb, OpeningKind::Skylight] as $kind) {
            foreach (UphillSchool::cases() as $uphill) {
                foreach (WorkOrder::cases() as $order) {
                    foreach (['snap-lock-1.5-16', 'double-lock-2-16', 'rib-9-36'] as $profile) {
                        yield "$kind->value $uphill->value $order->value $profile" => [$kind, $uphill, $order, $profile];
                    }
                }
            }
        }
    }

    #[DataProvider('schools')]
    public function test_every_school_sheds(OpeningKind $kind, UphillSchool $uphill, WorkOrder $order, string $profile): void
    {
        foreach ([[8.0, 10.0], [32.0, 24.0], [90.0, 40.0]] as [$width, $height]) {
            self::assertEquals([], OpeningJob::flashed($kind, $width, $height, $uphill, $order, $profile)->faults, "$width by $height");
        }
    }

    /** @return array<string, array{UphillSchool, WorkOrder, PieceRole, PieceRole, PieceRole}> upper, lower, and what water then runs off */
    public static function reversed(): array
    {
        return [
            'panel below over the front' => [UphillSchool::Apron, WorkOrder::FrontFirst, PieceRole::Front, PieceRole::PanelBelow, PieceRole::Front],
            'side over the back' => [UphillSchool::Apron, WorkOrder::FrontFirst, PieceRole::Back, PieceRole::SideLeft, PieceRole::Back],
            'back over the panel above' => [UphillSchool::Apron, WorkOrder::FrontFirst, PieceRole::PanelAbove, PieceRole::Back, PieceRole::PanelAbove],
            'side over the back, sides first' => [UphillSchool::Apron, WorkOrder::SidesFirst, PieceRole::Back, PieceRole::SideRight, PieceRole::Back],
            'panel below over a side' => [UphillSchool::Apron, WorkOrder::SidesFirst, PieceRole::SideLeft, PieceRole::PanelBelow, PieceRole::SideLeft],
            'side over the saddle' => [UphillSchool::Cricket, WorkOrder::FrontFirst, PieceRole::SaddleLeft, PieceRole::SideLeft, PieceRole::SaddleLeft],
            'saddle over the panel above' => [UphillSchool::Cricket, WorkOrder::BackFirst, PieceRole::PanelAbove, PieceRole::SaddleRight, PieceRole::PanelAbove],
            'panel beside over the saddle' => [UphillSchool::Cricket, WorkOrder::FrontFirst, PieceRole::SaddleLeft, PieceRole::PanelsBeside, PieceRole::SaddleLeft],
            'panel beside over the sideways ones' => [UphillSchool::Cross, WorkOrder::FrontFirst, PieceRole::CrossPanels, PieceRole::PanelsBeside, PieceRole::CrossPanels],
            'side over the sideways ones' => [UphillSchool::Cross, WorkOrder::SidesFirst, PieceRole::CrossPanels, PieceRole::SideRight, PieceRole::CrossPanels],
        ];
    }

    #[DataProvider('reversed')]
    public function test_a_lap_turned_round_lets_water_in_there(UphillSchool $uphill, WorkOrder $order, PieceRole $upper, PieceRole $lower, PieceRole $from): void
    {
        $usual = OpeningJob::flashed(OpeningKind::Chimney, 48.0, 30.0, $uphill, $order);
        $flashed = OpeningJob::flashed(OpeningKind::Chimney, 48.0, 30.0, $uphill, $order, pieces: self::turned($usual, $upper, $lower));
        self::assertContains($from, array_map(static fn (LapFault $fault): PieceRole => $fault->piece, $flashed->faults));
        self::assertTrue($flashed->isAdapted);
        // Water finds it: a drop from above ends there, by the piece's name.
        $plan = OpeningJob::plan(OpeningJob::opening(OpeningKind::Chimney, 48.0, 30.0, $uphill), $order, pieces: self::turned($usual, $upper, $lower));
        $path = Catchment::of($plan)->runoff->fromAbove(new Point(220.0, 190.0));
        self::assertSame([DropEnd::Entered, 'c', $flashed->faults[0]->piece->value], [$path?->end, $path?->by, $path?->lap]);
        self::assertCount(1, RoofJob::findings($plan, 'water.entered'));
        self::assertGreaterThan(30.0, $plan->of(WaterStage::class)->advice['c']->squareFeet, 'it arrived all the same');
    }

    /** Chimney sides before the front, over or under it; the front before the panels beside: all finish the same. */
    public function test_another_order_of_work_whose_laps_shed_is_sound(): void
    {
        $usual = OpeningJob::flashed(OpeningKind::Chimney, 48.0, 30.0);
        foreach ([[PieceRole::SideLeft, PieceRole::Front], [PieceRole::SideLeft, PieceRole::PanelsBeside]] as [$upper, $lower]) {
            self::assertSame([], OpeningJob::flashed(OpeningKind::Chimney, 48.0, 30.0, pieces: self::turned($usual, $upper, $lower))->faults);
        }
        self::assertFalse($usual->isAdapted);
    }

    public function test_what_lies_over_what(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Chimney, 48.0, 30.0);
        self::assertEqualsCanonicalizing(['panel-below', 'panels-beside', 'front'], $flashed->laps['side-left']);
        self::assertEqualsCanonicalizing(['panels-beside', 'side-left', 'side-right'], $flashed->laps['back']);
        self::assertContains('back', $flashed->laps['panel-above']);
        self::assertNotContains('side-right', $flashed->laps['side-left']);
    }

    public function test_boots_are_found_by_the_pipe_and_slit_where_a_seam_is_under_them(): void
    {
        self::assertSame([1, 2, 3, 3, 4, 5, null], array_map(static fn (float $pipe): ?int => Boot::for($pipe, 1.5)?->number, [1.5, 2.5, 3.5, 6.25, 7.0, 12.0, 14.0]));
        // 480 in panels of 16 from the left: a seam at 240. The base of a boot for 3-1/2 reaches 1-3/4 and 1-1/2 from its middle.
        foreach ([[0.0, true], [3.2, true], [3.3, false], [8.0, false]] as [$off, $isSlit]) {
            $pipe = Opening::pipe('p', 'shed.S', 'Pipe', new Point(240.0 + $off, 100.0), 3.5);
            $plan = RoofJob::plan(RoofJob::gable(480.0, 480.0), layouts: ['shed.S' => new LayoutChoice(StartKind::OneEnd, true)], openings: [$pipe]);
            self::assertSame($isSlit, $plan->of(OpeningsStage::class)->openings['p']->isSlit, "$off off");
            self::assertCount($isSlit ? 1 : 0, RoofJob::findings($plan, 'openings.boot-slit'));
        }
        self::assertCount(1, RoofJob::findings(OpeningJob::plan(Opening::pipe('p', 'shed.S', 'Pipe', new Point(100.0, 100.0), 14.0)), 'openings.boot-none'));
    }

    public function test_how_the_uphill_side_is_advised(): void
    {
        $advice = static fn (float $width, UphillSchool $uphill = UphillSchool::Apron) => OpeningJob::plan(OpeningJob::opening(OpeningKind::Chimney, $width, 24.0, $uphill))->of(WaterStage::class)->advice['c'];
        self::assertSame([UphillSchool::Apron, []], [$advice(24.0)->school, $advice(24.0)->reasons]);
        // 36 wide, half of 20 ft above it: 30 sq ft, 1.247 gallons, whatever is built there.
        foreach (UphillSchool::cases() as $school) {
            $of = $advice(36.0, $school);
            self::assertSame([UphillSchool::Cricket, ['width']], [$of->school, $of->reasons]);
            // Sideways panels are 6 wider at both sides, and take what falls there, too.
            self::assertEqualsWithDelta($school === UphillSchool::Cross ? [40.0, 1.663] : [30.0, 1.247], [$of->squareFeet, $of->gallons], 1e-3);
        }
        self::assertSame(['width', 'water'], $advice(60.0)->reasons);
        self::assertEqualsWithDelta([1.247, 0.0, 0.1386], array_map(static fn (UphillSchool $school): float => $advice(36.0)->held($school, 9), UphillSchool::cases()), 1e-3);
    }

    /** A wing's valley empties above a chimney: what comes of it is told. */
    public function test_a_low_roof_that_feeds_an_opening_is_told(): void
    {
        $chimney = static fn (float $u): Opening => Opening::outlined('c', 'hall.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle($u, 0.5, $u + 24.0, 14.0));
        $plan = RoofJob::plan(RoofJob::boathouse(), openings: [$chimney(386.0)]);
        $valley = array_values(array_filter($plan->of(WaterStage::class)->flows, static fn (Flow $flow): bool => $flow->of === 'valley'))[0];
        self::assertGreaterThan(100.0, $valley->squareFeet);
        self::assertSame([], RoofJob::findings($plan, 'water.onto-opening'), 'beside it');
        // A higher shed that sheds onto a lower roof just above a chimney there.
        $high = RoofJob::plan([BlockMaker::block('high', 0, 0, 300, 240, [4, null, 4, null], 24, 200), BlockMaker::block('low', 0, -180, 300, 180, [4, null, null, null], 0, 60)], openings: [Opening::outlined('c', 'low.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(100.0, 60.0, 136.0, 90.0))]);
        $said = RoofJob::findings($high, 'water.onto-opening');
        self::assertCount(1, $said);
        // Two whole pans of 16 come down on it, of the high roof's south side: half of 240 and 24 of overhang.
        self::assertEqualsWithDelta(2.0 * 16.0 * 144.0 / 144.0, (float) ($said[0]->parameters['area']->value ?? 0.0), 0.1);
    }

    public function test_what_openings_take_is_ordered(): void
    {
        $curb = OpeningJob::opening(OpeningKind::Curb, 48.0, 30.0, UphillSchool::Cross);
        $plan = OpeningJob::plan($curb);
        $amounts = [];
        foreach ($plan->of(LoadOutStage::class)->order->supplies as $supply) {
            $amounts["{$supply->item->kind->value} {$supply->item->key()}"] = $supply->amount;
        }
        // Ground of 60 by 134.16; front 54 × 9.5, sides of 4 + 30 + 2 × 7.5.
        self::assertEqualsWithDelta([56.0, (54.0 * 9.5 + 2.0 * 36.0 * 7.5) / 144.0], [$amounts['board boards'], $amounts['flat flat-metal']], 1e-9);
        $pipe = OpeningJob::plan(Opening::pipe('p', 'shed.S', 'Pipe', new Point(100.0, 100.0), 3.5));
        self::assertContains('boot 3', array_map(static fn (Supply $supply): string => "{$supply->item->kind->value} {$supply->item->key()}", $pipe->of(OpeningsStage::class)->supplies));
    }

    /** @return list<PieceRole> an order in which the lower one comes right after the upper one, and so lies over it */
    private static function turned(FlashedOpening $usual, PieceRole $upper, PieceRole $lower): array
    {
        $lying = (new Kit($usual->round, $usual->order, $usual->uphill))->lying($usual->pieces);
        $order = array_values(array_unique(array_map(static fn ($piece): string => $piece->role->value, $lying)));
        $order = array_values(array_diff($order, [$lower->value]));
        array_splice($order, (int) array_search($upper->value, $order, true) + 1, 0, [$lower->value]);

        return array_map(PieceRole::from(...), $order);
    }
}
