<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\Closure;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\RunSchool;
use Imbrex\Core\Trims\Stick;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimRuns;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsResult;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** What is bent for the edges of a roof: shapes at its own angles, runs with their ends, sticks, closures. */
final class TrimsStageTest extends TestCase
{
    /** Catalogue, trim shapes: girths by hand, with a rib of 1-1/2. */
    private const GIRTHS = [
        'eave-trim' => 8.25, 'hooked-drip' => 8.25, 'eave-drip' => 6.5, 'trim-cleat' => 2.75, 'offset-cleat' => 2.875, 'receiver' => 4.125, 'rake-angle' => 3.0, 'rake-trim' => 7.5, 'rake-trim-screwed' => 12.0, 'gable-trim' => 6.75,
        'zee' => 3.5, 'rake-zee' => 3.625, 'ridge-cap' => 13.25, 'hip-cap' => 13.25, 'cap-screwed' => 15.0, 'valley-pan' => 23.5, 'valley-pan-plain' => 23.5, 'hemmed-pan' => 24.0, 'peak-trim' => 7.5, 'headwall' => 9.125, 'sidewall' => 8.125,
        'headwall-screwed' => 9.5, 'sidewall-screwed' => 9.5, 'transition' => 8.625, 'counterflashing' => 4.125, 'fascia-wrap' => 9.0, 'edge-stiffener' => 3.25, 'side-zee' => 4.0,
    ];

    public function test_girths_are_those_of_the_catalogue(): void
    {
        self::assertEquals(self::GIRTHS, array_map(static fn ($shape): float => $shape->girth(1.5), TrimBook::shipped()->all()));
    }

    /** A hip roof of 6, 9 and 12 in 12, corners square: bends as checked by hand. */
    public function test_bends_follow_pitch_and_dihedral(): void
    {
        foreach ([6 => [126.86989764584402, 143.13010235415598, 116.56505117707799], 9 => [106.26020470831196, 129.79181949955725, 126.86989764584402], 12 => [90.0, 120.0, 135.0]] as $rise => [$ridge, $hip, $eave]) {
            $made = self::trims(RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 240, [$rise, $rise, $rise, $rise])]));
            $bends = [];
            foreach ($made->runs as $run) {
                $bends[$run->shape->key] = $run->bends;
            }
            self::assertEqualsWithDelta([$ridge], $bends['ridge-cap'], 1e-6);
            self::assertEqualsWithDelta([$hip], $bends['hip-cap'], 1e-6, 'a hip cap is bent flatter');
            self::assertEqualsWithDelta([135.0, $eave], $bends['eave-trim'], 1e-6);
        }
    }

    /** The eave of 528 between two rakes and the ridge of 400, by hand. */
    public function test_worked_runs_come_out(): void
    {
        $eave = self::trim(RoofJob::plan([BlockMaker::block('shed', 0, 0, 528, 240, [6, null, 6, null])]), 'eave-shed.S.eave-trim');
        self::assertSame([EndKind::RoundRake, EndKind::RoundRake], [$eave->low->kind, $eave->high->kind]);
        self::assertEqualsWithDelta([97, 120, 120, 120, 97], self::lengths($eave), 1e-9);
        self::assertEqualsWithDelta([0, 91, 205, 319, 433], array_map(static fn (TrimPiece $piece): float => $piece->at, $eave->pieces), 1e-9);
        self::assertEqualsWithDelta([[91], [6, 114], [6, 114], [6, 114], [6]], array_map(static fn (TrimPiece $piece): array => $piece->marks(), $eave->pieces), 1e-9);

        $plan = RoofJob::plan([BlockMaker::block('shed', 0, 0, 400, 240, [6, null, 6, null])]);
        $lapped = Plan::for($plan->job->with(new TrimsInput(laps: ['ridge-cap' => 6.0])));
        self::assertEqualsWithDelta([90, 120, 120, 90], self::lengths(self::trim($lapped, 'ridge-shed.S-shed.N.cap')), 1e-9);
        // With the laps of four the build has.
        self::assertEqualsWithDelta([87, 120, 120, 87], self::lengths(self::trim($plan, 'ridge-shed.S-shed.N.cap')), 1e-9);
    }

    public function test_ends_are_made_by_what_they_meet(): void
    {
        $made = self::trims(RoofJob::plan(RoofJob::boathouse()));
        $ends = static fn (string $id): array => [$made->runs[$id]->low->kind, $made->runs[$id]->high->kind];
        self::assertSame([EndKind::NoseFold, EndKind::MitreTab], $ends('rake-wing.E.rake-trim'));
        self::assertSame([EndKind::NoseFold, EndKind::MitreCut], $ends('rake-wing.W.rake-trim'), 'of two that meet one has the tab');
        self::assertSame([EndKind::Plain, EndKind::KeptBack], $ends('rake-wing.E.receiver'));
        self::assertSame([EndKind::Plain, EndKind::Plain], $ends('rake-wing.E.rake-angle'));
        self::assertSame([EndKind::HipFoot, EndKind::HipPoint], $ends('hip-hall.S-hall.E.cap'));
        self::assertSame([EndKind::ValleyFoot, EndKind::ValleyHead], $ends('valley-hall.S-wing.E.valley-pan'));
        self::assertEqualsCanonicalizing([EndKind::LeftLong, EndKind::OverRake], $ends('ridge-wing.E-wing.W.cap'));
        self::assertEqualsWithDelta(136.399 + 1.25 + 1.0, $made->runs['rake-wing.E.rake-trim']->length, 1e-2);
        self::assertEqualsWithDelta(136.399 - 1.0, $made->runs['rake-wing.E.receiver']->length, 1e-2);
        // A half ten wide, a quarter off at its hem's corner, lies along its eave 10/tan 48.19 further down than its middle; 2 past the eave is 2/sin 48.19 along it. Past the head it lies under the cleats of the face between two valleys until they meet, 6.5/tan 41.81, and a quarter to be cut.
        self::assertEqualsWithDelta($made->runs['valley-hall.S-wing.E.valley-pan']->edge->length() + (10.0 - 0.25 + 0.5 / cos(deg2rad(18.4349488))) * 0.894427 + 2.0 * 1.3416408 + 6.5 / 0.894427 + 0.25, $made->runs['valley-hall.S-wing.E.valley-pan']->length, 1e-4);
        // At every corner of two eaves one has a tab and the other is cut to it.
        $corners = ['corner-tab' => 0, 'corner-cut' => 0];
        foreach ($made->runs as $run) {
            foreach ($run->shape->key === 'eave-trim' ? [$run->low->kind->value, $run->high->kind->value] : [] as $end) {
                isset($corners[$end]) && $corners[$end]++;
            }
        }
        self::assertSame(['corner-tab' => 6, 'corner-cut' => 6], $corners);
    }

    public function test_the_nearer_piece_lies_over_where_water_does_not_decide(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('shed', 0, 0, 528, 240, [6, null, 6, null])]);
        $over = static fn (?Point $viewpoint, string $run): array => array_map(static fn (TrimPiece $piece): bool => $piece->isOver, self::trim(Plan::for($plan->job->with(new TrimsInput(viewpoint: $viewpoint))), $run)->pieces);
        self::assertSame([false, true, true, true, true], $over(null, 'eave-shed.S.eave-trim'));
        // Seen from the middle before the house, both halves lap towards it.
        self::assertSame([false, true, true, false, false], $over(new Point(264.0, -400.0), 'eave-shed.S.eave-trim'));
        self::assertSame([false, false, false, false, false], $over(new Point(-400.0, -400.0), 'eave-shed.S.eave-trim'));
        self::assertSame([false, true], $over(new Point(-400.0, -400.0), 'rake-shed.S.rake-trim'), 'up-slope over down-slope wherever one stands');
    }

    public function test_trims_follow_a_line_that_was_taped(): void
    {
        $blocks = [BlockMaker::block('shed', 0, 0, 480, 240, [6, null, 6, null])];
        $drawn = self::trims(RoofJob::plan($blocks));
        // The eave lies two inches lower than drawn: both rakes are two longer, the eave is as long as it was.
        $taped = self::trims(RoofJob::plan($blocks, observations: [new Observation('o1', 'eave-shed.S', 'shed.S', new Point(100.0, -2.0))]));
        foreach (array_keys($drawn->runs) as $id) {
            $longer = str_starts_with($id, 'rake-shed.S') || str_starts_with($id, 'rake-shed.S-') ? 2.0 : 0.0;
            self::assertEqualsWithDelta($drawn->runs[$id]->length + $longer, $taped->runs[$id]->length, 1e-6, $id);
        }
        self::assertContains(2.0, array_map(static fn (string $id): float => round($taped->runs[$id]->length - $drawn->runs[$id]->length, 6), array_keys($drawn->runs)));
    }

    public function test_every_pan_is_closed_between_its_seams(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('shed', 0, 0, 480, 240, [6, null, 6, null])]);
        $ridge = array_values(array_filter(self::trims($plan)->closures, static fn (Closure $closure): bool => $closure->face === 'shed.S'));
        self::assertCount(30, $ridge);
        // A cover of 16 less the legs of 3/8 and 1/4; the outermost pans have no neighbour's leg, or are ripped.
        $whole = array_values(array_filter($ridge, static fn (Closure $closure): bool => ! $closure->isCut));
        self::assertGreaterThan(25, count($whole));
        foreach ($whole as $closure) {
            self::assertEqualsWithDelta(15.375, $closure->length, 1e-9);
        }
        // They lie side by side, apart by the legs.
        foreach (array_slice($ridge, 1) as $i => $closure) {
            self::assertEqualsWithDelta(0.625, $closure->left - $ridge[$i]->right, 1e-6);
        }
        // Seven come from a stick; a vented ridge has none.
        $zees = self::trims($plan)->lots['zee steel'];
        self::assertCount(60, $zees->pieces);
        self::assertCount(9, $zees->sticks);
        $ridgeId = array_values(array_filter($plan->of(RoofStage::class)->roof->edges, static fn ($edge): bool => $edge->kind->value === 'ridge'))[0]->id;
        self::assertSame([], self::trims(Plan::for($plan->job->with(new BuildsInput([$ridgeId => new EdgeWish(vented: true)]))))->closures);
    }

    public function test_schools_and_stocks_by_shape(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $usual = self::trims($plan);
        $full = self::trims(Plan::for($plan->job->with(new TrimsInput(schools: ['trim-cleat' => RunSchool::FullFirst]))));
        self::assertSame(TrimRuns::on($plan)->bySchool($usual->ofKind('trim-cleat steel'))['full-first'], count($full->lots['trim-cleat steel']->sticks), 'what was said of a school is what it takes');
        self::assertLessThan(count($usual->lots['trim-cleat steel']->sticks), count($full->lots['trim-cleat steel']->sticks));
        self::assertEquals($usual->lots['ridge-cap 126.9 15.250 steel'], $full->lots['ridge-cap 126.9 15.250 steel'], 'others stay');
        // Sticks of two lengths: as few as there can be, each from the shorter where that holds it.
        $two = self::trims(Plan::for($plan->job->with(new TrimsInput(stocks: ['eave-trim' => [96.0, 144.0]]))))->lots['eave-trim 135.0 116.6 steel'];
        self::assertSame([96.0, 144.0], array_values(array_unique(array_column(self::sorted($two), 'stock'))));
        foreach ($two->sticks as $stick) {
            self::assertSame($stick->stock === 96.0, array_sum(array_column($stick->pieces, 'length')) <= 96.0);
        }
    }

    public function test_on_random_roofs_pieces_less_laps_are_runs_and_every_stick_holds_what_is_cut_from_it(): void
    {
        foreach (RandomRoof::several(25) as $random) {
            $plan = $random->plan(false, false);
            $made = self::trims($plan);
            $pieces = [];
            foreach ($made->runs as $run) {
                $joints = array_sum(array_map(static fn (TrimPiece $piece): float => $piece->at > 0.0 ? ($piece->lapLow > 0.0 ? $piece->lapLow : -0.1875) : 0.0, $run->pieces));
                self::assertEqualsWithDelta($run->length, array_sum(self::lengths($run)) - $joints, 1e-6, $run->id);
                self::assertGreaterThanOrEqual(min(24.0, $run->length) - 1e-9, min(self::lengths($run)), $run->id);
                array_push($pieces, ...array_column($run->pieces, 'id'));
            }
            self::assertSame(array_values(array_unique($pieces)), $pieces, 'no piece has another\'s name');
            $cut = [];
            foreach ($made->lots as $lot) {
                self::assertLessThanOrEqual(max(1, 0.01 * $lot->bound), count($lot->sticks) - $lot->bound, "roof $random->number, $lot->kind");
                self::assertTrue(count($lot->pieces) > 40 || $lot->isProven(), "roof $random->number, $lot->kind");
                foreach ($lot->sticks as $stick) {
                    array_push($cut, ...array_column($stick->pieces, 'id'));
                    self::assertLessThanOrEqual($stick->stock + 1e-6, array_sum(array_column($stick->pieces, 'length')));
                }
            }
            self::assertSame([], array_diff($pieces, $cut));
            self::assertCount(count($pieces) + count(array_filter($made->closures, static fn (Closure $closure): bool => $closure->kind === 'zee')), $cut);
            self::assertEquals($made, unserialize(serialize($made)), 'kept and read again');
        }
    }

    /** @return list<Stick> */
    private static function sorted(StickLot $lot): array
    {
        $sticks = $lot->sticks;
        usort($sticks, static fn ($a, $b): int => $a->stock <=> $b->stock);

        return $sticks;
    }

    private static function trims(Plan $plan): TrimsResult
    {
        return $plan->of(TrimsStage::class);
    }

    private static function trim(Plan $plan, string $id): TrimRun
    {
        return self::trims($plan)->runs[$id] ?? self::fail(implode(', ', array_keys(self::trims($plan)->runs)));
    }

    /** @return list<float> */
    private static function lengths(TrimRun $run): array
    {
        return array_map(static fn (TrimPiece $piece): float => $piece->length, $run->pieces);
    }
}
