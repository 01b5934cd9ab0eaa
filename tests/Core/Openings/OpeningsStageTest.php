<?php

declare(strict_types=1);

namespace Tests\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceMark;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\PieceSection;
use Imbrex\Core\Openings\UphillShape;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\UphillSchool;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** Which pieces an opening gets, in which order, and where they stand. */
final class OpeningsStageTest extends TestCase
{
    public function test_a_ready_made_skylight_has_nothing_to_cut(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Skylight, 24.0, 46.0);
        self::assertSame(
            ['panel-below', 'panels-beside', 'front', 'side-left', 'side-right', 'back', 'panel-above'],
            self::roles($flashed),
        );
        foreach ($flashed->bent() as $piece) {
            self::assertSame([], $piece->flat, $piece->role->value);
            self::assertSame([], $piece->marks());
            self::assertNotSame([], $piece->parts, 'it is drawn all the same');
        }
    }

    /** Its apron forms over seams of 1-1/2; over higher ones the foot is made from panel metal. */
    public function test_over_high_seams_the_foot_is_made_from_panel_metal(): void
    {
        $low = OpeningJob::flashed(OpeningKind::Skylight, 24.0, 46.0, profile: 'snap-lock-1.5-16');
        $high = OpeningJob::flashed(OpeningKind::Skylight, 24.0, 46.0, profile: 'double-lock-2-16');
        self::assertSame([], $low->piece(PieceRole::Front)?->flat);
        self::assertNotSame([], $high->piece(PieceRole::Front)?->flat);
        self::assertSame([], $high->piece(PieceRole::SideLeft)?->flat);
    }

    public function test_a_seam_in_a_skylights_width_or_the_joint_above_it_is_told(): void
    {
        $skylight = static fn (float $left): Opening => Opening::outlined('c', 'shed.S', OpeningKind::Skylight, 'Skylight', Polygon::rectangle($left, 100.0, $left + 14.0, 140.0));
        $from = ['shed.S' => new LayoutChoice(StartKind::OneEnd, true)];
        // Panels of 16 from the left: seams at 96 and 112.
        $between = RoofJob::plan(RoofJob::gable(480.0, 480.0), layouts: $from, openings: [$skylight(97.0)]);
        $across = RoofJob::plan(RoofJob::gable(480.0, 480.0), layouts: $from, openings: [$skylight(104.0)]);
        self::assertCount(1, RoofJob::findings($between, 'openings.joint-above'));
        self::assertCount(0, RoofJob::findings($between, 'openings.seam-in-width'));
        $said = RoofJob::findings($across, 'openings.seam-in-width');
        self::assertCount(1, $said);
        self::assertSame(24.0, $said[0]->parameters['longer']->inches);
        self::assertSame([112.0], $across->of(OpeningsStage::class)->openings['c']->seams);
    }

    public function test_pieces_go_on_by_school(): void
    {
        $middle = static fn (WorkOrder $order, UphillSchool $uphill = UphillSchool::Apron): array => array_values(array_filter(
            self::roles(OpeningJob::flashed(OpeningKind::Curb, 48.0, 30.0, $uphill, $order)),
            static fn (string $role): bool => ! str_starts_with($role, 'panel'),
        ));
        self::assertSame(['front', 'side-left', 'side-right', 'back'], $middle(WorkOrder::FrontFirst));
        self::assertSame(['side-left', 'side-right', 'back', 'front'], $middle(WorkOrder::SidesFirst));
        self::assertSame(['back', 'front', 'side-left', 'side-right'], $middle(WorkOrder::BackFirst));
        self::assertSame(
            ['front', 'side-left', 'side-right', 'fill-boards', 'side-zees', 'cross-panels', 'ridge-zee'],
            $middle(WorkOrder::FrontFirst, UphillSchool::Cross),
        );
        self::assertSame(
            ['saddle-left', 'saddle-right', 'saddle-panels', 'saddle-cap', 'front', 'side-left', 'side-right'],
            $middle(WorkOrder::BackFirst, UphillSchool::Cricket),
        );
    }

    /** What a cricket or sideways panels are made of is cut with the roof's own. */
    public function test_what_is_cut_elsewhere_is_named(): void
    {
        $cricket = OpeningJob::flashed(OpeningKind::Chimney, 60.0, 30.0, UphillSchool::Cricket);
        self::assertSame(['valley-shed.S-c.L.valley-pan'], $cricket->piece(PieceRole::SaddleLeft)?->of);
        self::assertSame(['valley-shed.S-c.R.valley-pan'], $cricket->piece(PieceRole::SaddleRight)?->of);
        self::assertSame(['c.L-1', 'c.L-2', 'c.R-1', 'c.R-2'], $cricket->piece(PieceRole::SaddlePanels)?->of);
        self::assertSame(['ridge-c.L-c.R.cap'], $cricket->piece(PieceRole::SaddleCap)?->of);
        $cross = OpeningJob::flashed(OpeningKind::Chimney, 48.0, 30.0, UphillSchool::Cross);
        self::assertCount(9, $cross->piece(PieceRole::CrossPanels)->of ?? []);
        self::assertSame('c.X-1', $cross->piece(PieceRole::CrossPanels)->of[0] ?? null, 'from the opening up');
        self::assertCount(2, $cross->piece(PieceRole::SideZees)->of ?? []);
        // Ground of 60 by 134.16.
        self::assertSame(56, $cross->piece(PieceRole::FillBoards)?->count);
    }

    /** The kerf runs 5 up every wall; the face hangs 3 down from it, 2 over the legs, which are 4 high. */
    public function test_counterflashing_laps_every_leg_of_a_chimney(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Chimney, 32.0, 24.0);
        $up = new Vector(0.0, sin(atan(0.5)), cos(atan(0.5)));
        foreach ([PieceRole::CounterFront, PieceRole::CounterBack] as $role) {
            $heights = self::heights($flashed->piece($role), $up, $role === PieceRole::CounterFront ? 0.0 : 24.0);
            self::assertEqualsWithDelta([5.0, 2.0], [max($heights), min($heights)], 1e-9, $role->value);
        }
        foreach ([PieceRole::CounterLeft, PieceRole::CounterRight] as $role) {
            // Square to the deck the kerf is 5 cos of the pitch high: at the corners it meets the others.
            $face = $flashed->piece($role)?->parts[0]->stands() ?? [];
            $kerf = array_filter($face, static fn (Vector $at): bool => abs($at->z - 5.0 * cos(atan(0.5))) < 1e-9);
            self::assertCount(2, $kerf, $role->value);
            foreach ($kerf as $at) {
                $foot = $at->y - $at->z * 0.5;
                self::assertTrue(abs($foot) < 1e-9 || abs($foot - 24.0) < 1e-9, 'plumb over a corner');
            }
        }
        self::assertSame(SealKind::Urethane, $flashed->piece(PieceRole::CounterFront)?->seal);
    }

    /** Along a cricket both counterflashings rise to one point over the middle of the wall. */
    public function test_counterflashing_follows_a_cricket(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Chimney, 60.0, 30.0, UphillSchool::Cricket);
        $peaks = [];
        foreach ([PieceRole::CounterBackLeft, PieceRole::CounterBackRight] as $role) {
            $piece = $flashed->piece($role);
            // Half of 60 at a rise of 1/2: √(30² + 15²).
            self::assertEqualsWithDelta(hypot(30.0, 15.0), $piece?->fasteners() === 0 ? $piece->lines[1]->from->distanceTo($piece->lines[1]->to) : 0.0, 1e-9);
            $stands = array_merge(...array_map(static fn ($part): array => $part->stands(), array_slice($piece->parts ?? [], 0, 1)));
            usort($stands, static fn (Vector $a, Vector $b): int => $b->z <=> $a->z);
            $peaks[] = $stands[0];
        }
        self::assertEqualsWithDelta([0.0, 30.0], [$peaks[0]->plus($peaks[1], -1.0)->length(), $peaks[0]->x], 1e-9);
        self::assertNull($flashed->piece(PieceRole::CounterBack));
    }

    public function test_marks_run_from_the_left_and_lie_on_the_flat(): void
    {
        foreach (WorkOrder::cases() as $order) {
            foreach (OpeningJob::flashed(OpeningKind::Chimney, 32.0, 24.0, order: $order)->bent() as $piece) {
                $along = array_map(static fn (PieceMark $mark): float => $mark->along, $piece->marks());
                $sorted = $along;
                sort($sorted);
                self::assertSame($sorted, $along, $piece->role->value);
                foreach ($piece->marks() as $mark) {
                    self::assertGreaterThanOrEqual(-1e-9, min($mark->along, $mark->across));
                    self::assertLessThanOrEqual($piece->sheet()[0] + 1e-9, $mark->along);
                    self::assertLessThanOrEqual($piece->sheet()[1] + 1e-9, $mark->across);
                }
            }
        }
    }

    /** Up the slope through the middle: the front below the wall and up it, the back above. */
    public function test_a_section_meets_the_front_and_the_back(): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Curb, 32.0, 24.0);
        $through = static fn (PieceRole $role): array => PieceSection::of($flashed->piece($role) ?? new OpeningPiece($role), 16.0, []);
        $front = array_merge(...$through(PieceRole::Front));
        self::assertEqualsWithDelta([-5.0, 0.0, 4.0], [
            min(array_map(static fn (Point $at): float => $at->u, $front)),
            max(array_map(static fn (Point $at): float => $at->u, $front)),
            max(array_map(static fn (Point $at): float => $at->v, $front)),
        ], 1e-9);
        $back = array_merge(...$through(PieceRole::Back));
        // 4 clear and 6 under the panel above.
        self::assertEqualsWithDelta(24.0 + 10.0, max(array_map(static fn (Point $at): float => $at->u, $back)), 1e-9);
        self::assertSame([], $through(PieceRole::SideLeft), 'it runs beside the cut');
    }

    public function test_what_is_skew_is_flashed_as_the_rectangle_round_it_and_not_judged(): void
    {
        $skew = Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::of([new Point(200, 60), new Point(230, 70), new Point(220, 100), new Point(190, 90)]));
        $flashed = OpeningJob::plan($skew)->of(OpeningsStage::class)->openings['c'];
        self::assertEqualsWithDelta(40.0 + 6.0, $flashed->piece(PieceRole::Front)?->sheet()[0], 1e-9);
        self::assertTrue($flashed->sheds());
    }

    /** In the opening's frame a cricket's ridge begins 15 plumb over the wall's foot and comes back to the deck 33.54 up it. */
    public function test_what_rises_behind_stands_in_the_openings_frame(): void
    {
        $plan = OpeningJob::plan(OpeningJob::opening(OpeningKind::Chimney, 60.0, 30.0, UphillSchool::Cricket));
        $flashed = $plan->of(OpeningsStage::class)->openings['c'];
        $shape = new UphillShape($plan->of(RoofStage::class)->roof, $flashed->round);
        $corners = array_merge(...$shape->faces());
        self::assertCount(6, $corners);
        $highest = array_reduce($corners, static fn (?Vector $best, Vector $at): Vector => $best === null || $at->z > $best->z ? $at : $best);
        self::assertEqualsWithDelta([30.0, 30.0 + 15.0 * sin(atan(0.5)), 15.0 * cos(atan(0.5))], [$highest->x, $highest->y, $highest->z], 1e-6);
        $farthest = max(array_map(static fn (Vector $at): float => $at->y, $corners));
        self::assertEqualsWithDelta(30.0 + 33.541, $farthest, 1e-3);
        self::assertSame(['saddle-left', 'saddle-right'], array_keys($shape->fromAbove()));
    }

    /** @return list<string> */
    private static function roles(FlashedOpening $flashed): array
    {
        return array_map(static fn (OpeningPiece $piece): string => $piece->role->value, $flashed->pieces);
    }

    /** @return list<float> how high the corners of a piece's face stand up a wall that begins at y, inches along it */
    private static function heights(?OpeningPiece $piece, Vector $up, float $y): array
    {
        $face = $piece?->parts[0]->stands() ?? [];

        return array_map(static fn (Vector $at): float => (new Vector(0.0, $at->y - $y, $at->z))->dot($up), $face);
    }
}
