<?php

declare(strict_types=1);

namespace Tests\Core\Edges;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\Internal\WaterFault;
use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\Junctions\JunctionBook;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Edges\Junctions\JunctionRun;
use Imbrex\Core\Edges\Junctions\Piece;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Where edges meet: which piece lies over which, found by rain that falls all over it. */
final class JunctionTest extends TestCase
{
    /**
     * By hand, after trade practice: what has to lie over what. The other way round rain gets under; in any other order of work
     * that keeps these it does not.
     */
    private const OVER = [
        'eave-rake' => [['panel', 'eave-trim'], ['rake-trim', 'eave-trim']],
        'eave-valley' => [['valley-pan', 'eave-trim'], ['valley-pan', 'eave-trim-far'], ['panel', 'eave-trim'], ['panel-far', 'eave-trim-far'], ['panel', 'valley-pan'], ['panel-far', 'valley-pan']],
        'eave-hip' => [['panel', 'eave-trim'], ['panel-far', 'eave-trim-far'], ['hip-cap', 'panel'], ['hip-cap', 'panel-far'], ['hip-cap', 'eave-trim'], ['hip-cap', 'eave-trim-far']],
        'rake-ridge' => [['ridge-cap', 'rake-trim'], ['ridge-cap', 'rake-trim-far'], ['ridge-cap', 'panel'], ['ridge-cap', 'panel-far']],
        'rake-headwall' => [['headwall-flashing', 'panel'], ['headwall-flashing', 'rake-trim'], ['siding', 'headwall-flashing']],
        'hip-ridge' => [['hip-cap', 'panel'], ['hip-cap-far', 'panel'], ['ridge-cap', 'panel'], ['ridge-cap', 'hip-cap'], ['ridge-cap', 'hip-cap-far']],
        'hip-hip' => [['hip-cap', 'panel'], ['hip-cap-far', 'panel'], ['point-cover', 'panel'], ['point-cover', 'hip-cap'], ['point-cover', 'hip-cap-far']],
        'valley-peak' => [['panel', 'valley-pan'], ['panel', 'valley-pan-far'], ['panel-far', 'valley-pan'], ['panel-far', 'valley-pan-far'], ['ridge-cap', 'valley-pan'], ['ridge-cap', 'valley-pan-far'], ['main-cap', 'ridge-cap'], ['main-cap', 'panel-beyond'], ['main-cap', 'valley-pan'], ['main-cap', 'valley-pan-far']],
        'low-ridge-slope' => [['panel', 'valley-pan'], ['panel', 'valley-pan-far'], ['panel-far', 'valley-pan'], ['panel-far', 'valley-pan-far'], ['ridge-cap', 'valley-pan'], ['ridge-cap', 'valley-pan-far'], ['panel-above', 'valley-pan'], ['panel-above', 'valley-pan-far'], ['panel-above', 'ridge-cap'], ['panel-above', 'panel']],
        'low-ridge-wall' => [['sidewall-flashing', 'panel'], ['sidewall-flashing', 'panel-far'], ['ridge-cap', 'panel'], ['ridge-cap', 'panel-far'], ['counterflashing', 'sidewall-flashing'], ['counterflashing', 'ridge-cap'], ['siding', 'counterflashing']],
        'outside-corner' => [['headwall-flashing', 'panel'], ['sidewall-flashing', 'panel'], ['sidewall-flashing', 'headwall-flashing'], ['siding', 'headwall-flashing'], ['siding', 'sidewall-flashing']],
        'inside-corner' => [['headwall-flashing', 'panel'], ['headwall-flashing', 'sidewall-flashing'], ['siding', 'sidewall-flashing'], ['siding', 'headwall-flashing']],
        'sidewall-eave' => [['panel', 'eave-trim'], ['kick-out', 'eave-trim'], ['sidewall-flashing', 'kick-out'], ['siding', 'kick-out'], ['siding', 'sidewall-flashing']],
        'valley-headwall' => [['valley-pan', 'panel'], ['valley-pan', 'sidewall-flashing'], ['panel-above', 'valley-pan'], ['panel-above', 'panel'], ['siding', 'sidewall-flashing'], ['siding', 'valley-pan']],
    ];

    /** @return iterable<string, array{JunctionKind}> */
    public static function kinds(): iterable
    {
        foreach (JunctionKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_it_sheds_as_shipped_and_not_with_any_lap_turned_round(JunctionKind $kind): void
    {
        $junction = JunctionBook::of($kind);
        self::assertEquals([], JunctionRun::faults($junction));
        $keys = array_map(static fn (Piece $piece): string => $piece->key, $junction->pieces);
        foreach ($keys as $i => $lower) {
            foreach (array_slice($keys, $i + 1) as $upper) {
                $order = array_values(array_diff($keys, [$lower]));
                array_splice($order, (int) array_search($upper, $order, true) + 1, 0, [$lower]);
                $faults = JunctionRun::faults($junction->inOrder($order));
                $passed = array_slice($keys, $i + 1, (int) array_search($upper, $keys, true) - $i);
                $turned = array_filter(self::OVER[$kind->value], static fn (array $lap): bool => $lap[1] === $lower && in_array($lap[0], $passed, true));
                self::assertSame($turned !== [], $faults !== [], "$lower over $upper: ".implode('; ', array_map(static fn (WaterFault $f): string => "$f->kind $f->piece on $f->other", $faults)));
                foreach ($faults as $fault) {
                    self::assertSame($lower, $fault->piece, "$lower over $upper is found at its place");
                }
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_every_order_that_keeps_the_laps_sheds(JunctionKind $kind): void
    {
        mt_srand(11);
        $junction = JunctionBook::of($kind);
        $keys = array_map(static fn (Piece $piece): string => $piece->key, $junction->pieces);
        for ($try = 0; $try < 40; $try++) {
            shuffle($keys);
            $at = array_flip($keys);
            if ($kind === JunctionKind::EaveRake && $at['panel'] > $at['rake-trim']) {
                // A panel over the rake's trim is found in the rake's section; here it would only hide it.
                continue;
            }
            $kept = array_filter(self::OVER[$kind->value], static fn (array $lap): bool => $at[$lap[0]] < $at[$lap[1]]) === [];
            self::assertSame($kept, JunctionRun::faults($junction->inOrder($keys)) === [], implode(', ', $keys));
        }
    }

    public function test_the_boathouse_has_its_low_ridge_its_valley_feet_its_hips_and_its_rakes(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $kinds = array_count_values(array_map(static fn (BuiltJunction $built): string => $built->junction->kind->value, $plan->of(EdgesStage::class)->junctions));
        ksort($kinds);
        self::assertSame(['eave-hip' => 4, 'eave-rake' => 2, 'eave-valley' => 2, 'hip-ridge' => 2, 'low-ridge-slope' => 1, 'rake-ridge' => 1], $kinds);
        self::assertSame([], array_filter($plan->findings(), static fn (Finding $f): bool => str_starts_with($f->code, 'edges.')));
        // The wing's ridge runs into the hall's slope.
        $low = array_values(array_filter($plan->of(EdgesStage::class)->junctions, static fn (BuiltJunction $built): bool => $built->junction->kind === JunctionKind::LowRidgeSlope))[0];
        self::assertContains('ridge-wing.E-wing.W', $low->edges);
        self::assertEqualsWithDelta(384.0 - 14.0 + 122.0, $low->at->u, 1e-6);
    }

    public function test_pieces_somebody_put_in_another_order_are_said_there(): void
    {
        $id = array_values(array_filter(array_keys(RoofJob::plan(RoofJob::boathouse())->of(EdgesStage::class)->junctions), static fn (string $id): bool => str_starts_with($id, 'eave-rake.')))[0];
        $job = RoofJob::plan(RoofJob::boathouse())->job->with(new BuildsInput(junctions: [$id => ['panel', 'eave-trim', 'rake-trim']]));
        $plan = Plan::for($job);
        self::assertTrue($plan->of(EdgesStage::class)->junctions[$id]->isAdapted);
        self::assertSame([['edges.reversed', $id]], array_map(static fn (Finding $f): array => [$f->code, $f->where], array_values(array_filter($plan->findings(), static fn (Finding $f): bool => str_starts_with($f->code, 'edges.')))));
    }

    public function test_a_roof_lies_in_the_corner_of_two_walls_or_round_it(): void
    {
        $kinds = static fn (Plan $plan): array => array_unique(array_map(static fn (BuiltJunction $built): string => $built->junction->kind->value, array_values($plan->of(EdgesStage::class)->junctions)));
        // A lean-to with a taller block standing in its slope: its front corners are outside corners.
        $tower = RoofJob::plan([BlockMaker::block('low', 0, 0, 400, 300, [4, null, null, null], 0), BlockMaker::block('tower', 150, 100, 100, 80, [4, null, 4, null], 0, 260.0)]);
        self::assertContains('outside-corner', $kinds($tower));
    }

    public function test_on_random_roofs_junctions_shed_and_bear_one_id_each(): void
    {
        $seen = [];
        foreach (RandomRoof::several(120) as $random) {
            foreach ($random->plan(false, false)->of(EdgesStage::class)->junctions as $id => $built) {
                self::assertSame([], $built->faults, "roof $random->number, $id");
                self::assertGreaterThan(1, count($built->edges));
                $seen[$built->junction->kind->value] = true;
            }
        }
        self::assertGreaterThan(7, count($seen), implode(', ', array_keys($seen)));
    }
}
