<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\FlatBlank;
use Imbrex\Core\Cutting\Internal\FlatSheet;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Ground\Metalwork\Line;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Panels laid flat on the coil they are formed from. */
final class FlatBlankTest extends TestCase
{
    public function test_a_full_panel_is_as_wide_as_the_coil_and_bent_where_its_legs_stand(): void
    {
        [$blank, $panel] = self::blank(Plan::for(JobMaker::rectangle(480, 200)), 3);

        self::assertTrue($blank->legsLaidFlat);
        self::assertSame([20.0, $panel->long], [$blank->outline->bounds()->width(), $blank->outline->bounds()->height()]);
        // From the left: 3/8 returns, 3/8 reaches out, 1-1/2 stands; pan of 16; 1-1/2 stands, 1/4 reaches out.
        self::assertEqualsWithDelta([0.375, 0.75, 2.25, 18.25, 19.75], self::bends($blank), 1e-9);
        self::assertEqualsWithDelta(20.0 * $panel->long, (new FlatSheet(JobMaker::rectangle(480, 200)->covering->profile, $panel))->area(), 1e-6);
    }

    public function test_hems_are_folded_in_the_pan_and_seams_notched_across_their_legs(): void
    {
        [$blank] = self::blank(Plan::for(JobMaker::rectangle(480, 200)), 3);
        $hem = array_values(array_filter($blank->lines, static fn (Line $l): bool => $l->kind === MarkKind::Bend && $l->from->v === $l->to->v));
        $notches = array_values(array_filter($blank->lines, static fn (Line $l): bool => $l->kind === MarkKind::Notch));

        self::assertEqualsWithDelta([2.25, 18.25], [min($hem[0]->from->u, $hem[0]->to->u), max($hem[0]->from->u, $hem[0]->to->u)], 1e-9);
        // Seams cut back 1: along the bend of each leg, then out to the coil's edge.
        $ends = array_map(static fn (Line $l): array => [$l->from->u, $l->from->v, $l->to->u, $l->to->v], $notches);
        sort($ends);
        self::assertEqualsWithDelta([[2.25, 0.0, 2.25, 1.0], [2.25, 1.0, 0.0, 1.0], [18.25, 0.0, 18.25, 1.0], [18.25, 1.0, 20.0, 1.0]], $ends, 1e-9);
    }

    public function test_a_rip_loses_the_leg_it_is_cut_from(): void
    {
        $plan = Plan::for(JobMaker::rectangle(472, 200));
        [$first] = self::blank($plan, 0);
        [$last] = self::blank($plan, 29);

        // 12 and 1-1/2 turned up beside the male leg's 1-3/4, and beside the female leg's 2-1/4.
        self::assertEqualsWithDelta([4.75, 20.0], [$first->outline->bounds()->left, $first->outline->bounds()->right], 1e-9);
        self::assertEqualsWithDelta([0.0, 15.75], [$last->outline->bounds()->left, $last->outline->bounds()->right], 1e-9);
    }

    public function test_a_leg_stands_in_one_line_so_an_angled_cut_runs_square_across_it(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $angled = 0;
        foreach ($plan->of(CuttingStage::class)->panels as $i => $panel) {
            [$blank] = self::blank($plan, $i);
            if ($panel->isNotched() || ! $panel->isAngled() || $panel->cutLeft || $panel->cutRight) {
                continue;
            }
            $angled++;
            $square = 0;
            foreach ($blank->outline->corners as $at => $corner) {
                $next = $blank->outline->corner($at + 1);
                $square += abs($corner->v - $next->v) < 1e-6 && abs(abs($corner->u - $next->u) - 1.5) < 1e-6 ? 1 : 0;
            }
            self::assertGreaterThanOrEqual(1, $square, $panel->id);
        }
        self::assertGreaterThan(30, $angled);
    }

    public function test_a_sheet_whose_ribs_are_not_known_flat_stays_as_formed(): void
    {
        [$blank, $panel] = self::blank(Plan::for(JobMaker::rectangle(432, 200, 'rib-9-36')), 3);

        self::assertFalse($blank->legsLaidFlat);
        self::assertEqualsWithDelta(38.0, $blank->outline->bounds()->width(), 1e-9);
        self::assertSame([], self::bends($blank));
        self::assertEqualsWithDelta(43.0 * $panel->long, (new FlatSheet(JobMaker::rectangle(432, 200, 'rib-9-36')->covering->profile, $panel))->area(), 1e-6);
    }

    public function test_random_pieces_lie_on_the_coil_and_lose_nothing(): void
    {
        foreach (RandomRoof::several(80) as $roof) {
            $plan = $roof->plan();
            $profile = $plan->job->covering->profile;
            foreach ($plan->of(CuttingStage::class)->panels as $i => $panel) {
                [$blank] = self::blank($plan, $i);
                $name = "roof {$roof->number}, {$panel->id}";
                $formed = self::area([$panel->sheet, ...$panel->sheetHoles]);
                $flat = self::area([$blank->outline, ...$blank->holes]);
                self::assertNull($blank->outline->crossing(), $name);
                // The tip of a turn-up that would lie on a leg is the little that may be lost.
                self::assertGreaterThan($formed - 1.0, $flat, $name);
                self::assertLessThan($formed + ($profile->coil - $profile->outToOut()) * $panel->long + 1e-3, $flat, $name);
                self::assertEqualsWithDelta($flat * ($blank->legsLaidFlat ? 1.0 : $profile->coil / $profile->outToOut()), (new FlatSheet($profile, $panel))->area(), 1e-6 * $flat, $name);
                $metal = new Region($blank->outline, $blank->holes);
                foreach ($blank->lines as $line) {
                    self::assertTrue(self::holds($metal, $line->from) && self::holds($metal, $line->to), "$name: a {$line->kind->value} line leaves the blank");
                }
            }
        }
    }

    /** @return array{FlatBlank, Panel} */
    private static function blank(Plan $plan, int $number): array
    {
        $panel = $plan->of(CuttingStage::class)->panels[$number];
        $face = $plan->of(RoofStage::class)->roof->face($panel->face);
        self::assertNotNull($face);

        return [FlatBlank::of(CutCardMaker::of($plan)->card($face, $panel)->flipped(), $panel, $plan->job->covering->profile), $panel];
    }

    /** @return list<float> x of bends that run along the legs */
    private static function bends(FlatBlank $blank): array
    {
        $x = array_values(array_map(static fn (Line $l): float => $l->from->u, array_filter($blank->lines, static fn (Line $l): bool => $l->kind === MarkKind::Bend && $l->from->u === $l->to->u)));
        sort($x);

        return $x;
    }

    /** @param  list<Polygon>  $loops */
    private static function area(array $loops): float
    {
        return abs($loops[0]->area()) - array_sum(array_map(static fn (Polygon $hole): float => abs($hole->area()), array_slice($loops, 1)));
    }

    private static function holds(Region $metal, Point $point): bool
    {
        return $metal->contains($point) || $metal->isNear($point);
    }
}
