<?php

declare(strict_types=1);

namespace Tests\Core\Builds;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Cutting\CleatLine;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** One valley with another reveal than the next, one ridge vented of two: layout, cards and chalk lines follow. */
final class EdgeWishTest extends TestCase
{
    private const WEST = 'valley-hall.S-wing.W';

    private const EAST = 'valley-hall.S-wing.E';

    public function test_two_valleys_with_reveals_of_four_and_six(): void
    {
        $usual = RoofJob::plan(RoofJob::boathouse(), layouts: self::held());
        $wished = RoofJob::plan(RoofJob::boathouse(), layouts: self::held(), wishes: [self::EAST => new EdgeWish(reveal: 6.0)]);
        $seen = [self::WEST => 0, self::EAST => 0];
        foreach ($usual->of(CuttingStage::class)->panels as $panel) {
            $now = $wished->of(CuttingStage::class)->panel($panel->id) ?? self::fail($panel->id);
            [$was, $is] = [self::valleyMarks($usual, $panel), self::valleyMarks($wished, $now)];
            foreach ([self::WEST => 0.0, self::EAST => 3.0] as $edge => $shorter) {
                // Two inches more, square to a valley of 6 in 12, are three along the rib.
                if (self::edges($usual, $panel) === [$edge] && count($was) === 2 && count($is) === 2 && min($is) > 1.0) {
                    self::assertEqualsWithDelta([$was[0] - $shorter, $was[1] - $shorter], $is, 1e-6, $panel->id);
                    $seen[$edge]++;
                }
            }
        }
        self::assertGreaterThan(4, min($seen));
    }

    public function test_chalk_lines_follow_each_valley(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), wishes: [self::EAST => new EdgeWish(reveal: 6.0)]);
        $roof = $plan->of(RoofStage::class)->roof;
        $lines = new CleatLines($plan->of(BuildsStage::class), new SideFinder($roof));
        foreach (['hall.S', 'wing.E', 'wing.W'] as $id) {
            $face = $roof->face($id) ?? self::fail($id);
            foreach ($lines->on($face) as $line) {
                $edge = $roof->edge((string) $line->edge) ?? self::fail();
                [$a, $b] = [$face->frame?->toDeck($edge->from) ?? self::fail(), $face->frame->toDeck($edge->to)];
                self::assertSame($edge->id === self::EAST ? [6.0, 8.5] : [4.0, 6.5], [$line->reveal, $line->offset]);
                self::assertEqualsWithDelta($line->offset, self::off($line, $a, $b), 1e-6);
            }
        }
    }

    private static function off(CleatLine $line, Point $a, Point $b): float
    {
        return abs(($b->u - $a->u) * ($line->from->v - $a->v) - ($b->v - $a->v) * ($line->from->u - $a->u)) / $a->distanceTo($b);
    }

    public function test_one_ridge_vented_of_two(): void
    {
        $blocks = [BlockMaker::block('a', 0, 0, 320, 240, [6, null, 6, null]), BlockMaker::block('b', 600, 0, 320, 240, [6, null, 6, null])];
        $ridges = array_values(array_filter(array_column(RoofJob::plan($blocks)->of(RoofStage::class)->roof->edges, 'id'), static fn (string $id): bool => str_starts_with($id, 'ridge-')));
        self::assertCount(2, $ridges);
        foreach ([false, true] as $all) {
            $plan = RoofJob::plan($blocks, vented: $all, wishes: [$ridges[1] => new EdgeWish(vented: ! $all)]);
            foreach (['a' => $all, 'b' => ! $all] as $block => $vented) {
                $panel = $plan->of(CuttingStage::class)->panelsOf("$block.S")[5];
                $names = array_map(static fn (Mark $m): string => $m->name, RoofJob::card($plan, $panel)->marks);
                // Half of 240 on 6 in 12, an inch past the eave, an inch of hem; two held back under a vent.
                self::assertEqualsWithDelta(120 * sqrt(1.25) + 2.0 - ($vented ? 2.0 : 0.0), $panel->long, 1e-6, "$block.S");
                self::assertSame(! $vented, in_array('pan-up', $names, true), 'a pan under a vent is not turned up');
            }
        }
    }

    public function test_the_layout_weighs_each_edge_as_it_is_built(): void
    {
        $score = static fn (Plan $plan): float => array_sum(array_map(static fn ($group): float => $group->score->squareFeet, $plan->of(LayoutStage::class)->groups));
        $usual = RoofJob::plan(RoofJob::boathouse(), layouts: self::held());
        $wished = RoofJob::plan(RoofJob::boathouse(), layouts: self::held(), wishes: [self::EAST => new EdgeWish(reveal: 9.0)]);

        self::assertLessThan($score($usual) - 5.0, $score($wished), 'wider bare pan, less metal');
    }

    public function test_what_is_wished_for_an_edge_that_is_gone_waits_and_is_said(): void
    {
        $plan = RoofJob::plan(RoofJob::gable(300), wishes: ['valley-x-y' => new EdgeWish(reveal: 5.0)]);
        $found = RoofJob::findings($plan, 'builds.edge-gone');

        self::assertCount(1, $found);
        self::assertSame(['valley-x-y', 'builds'], [$found[0]->where, $found[0]->stage]);
        self::assertEquals(RoofJob::plan(RoofJob::gable(300))->of(CuttingStage::class)->panels, $plan->of(CuttingStage::class)->panels);
    }

    /** @return array<string, LayoutChoice> so that seams stay where they are */
    private static function held(): array
    {
        return array_fill_keys(['hall.S', 'wing.E', 'wing.W'], new LayoutChoice(StartKind::Found, at: 6.0));
    }

    /** @return list<float> */
    private static function valleyMarks(Plan $plan, Panel $panel): array
    {
        return array_values(array_map(static fn (Mark $m): float => $m->distance, array_filter(RoofJob::card($plan, $panel)->marks, static fn (Mark $m): bool => $m->name === 'valley')));
    }

    /** @return list<string> */
    private static function edges(Plan $plan, Panel $panel): array
    {
        return CutCardMaker::of($plan)->angledEdges($plan->of(RoofStage::class)->roof, $plan->of(RoofStage::class)->roof->face($panel->face) ?? self::fail(), $panel);
    }
}
