<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Facts\CutPanel;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** What the trial panel needed is carried to the cards of its edge that are not yet cut. */
final class FirstFitTest extends TestCase
{
    private const VALLEY = 'valley-hall.S-wing.W';

    public function test_an_eighth_more_uphill_at_the_short_side(): void
    {
        $before = RoofJob::plan(RoofJob::boathouse());
        $trial = self::pieces($before, self::VALLEY)[1];
        $after = RoofJob::plan(RoofJob::boathouse(), corrections: [new Correction(
            id: 'c1',
            face: 'hall.S',
            edge: self::VALLEY,
            trial: $trial->id,
            longSide: false,
            uphill: 0.125,
            before: [$trial->id],
        )]);
        $seen = 0;
        foreach (self::pieces($before, self::VALLEY) as $panel) {
            [$was, $is] = [self::valley($before, $panel->id), self::valley($after, $panel->id)];
            $new = $after->of(CuttingStage::class)->panel($panel->id) ?? self::fail();
            if ($panel->id === $trial->id) {
                self::assertEqualsWithDelta($was, $is, 1e-9, 'the trial keeps its card');
                self::assertSame([], $new->corrections);
            } elseif (count($was) === 2) {
                // From T: uphill at a foot is shorter, by the whole of it on the short side.
                self::assertEqualsWithDelta(min($was) - 0.125, min($is), 0.003, $panel->id);
                self::assertEqualsWithDelta(max($was), max($is), 0.003, $panel->id);
                self::assertSame(['c1'], array_map(static fn (Correction $c): string => $c->id, $new->corrections));
                $seen++;
            }
        }
        self::assertGreaterThan(3, $seen);
    }

    public function test_other_edges_and_other_faces_stay(): void
    {
        $before = RoofJob::plan(RoofJob::boathouse());
        $after = RoofJob::plan(RoofJob::boathouse(), corrections: [new Correction('c1', 'hall.S', self::VALLEY, 'x', true, 0.25)]);
        $touched = array_map(static fn (Panel $p): string => $p->id, self::pieces($before, self::VALLEY));
        foreach ($after->of(CuttingStage::class)->panels as $i => $panel) {
            if (! in_array($panel->id, $touched, true)) {
                self::assertEquals($before->of(CuttingStage::class)->panels[$i]->sheet, $panel->sheet, $panel->id);
            } else {
                self::assertEquals($before->of(CuttingStage::class)->panels[$i]->metal, $panel->metal, 'the deck it covers is still the plan');
                self::assertNotEquals($before->of(CuttingStage::class)->panels[$i]->sheet, $panel->sheet, $panel->id);
            }
        }
    }

    public function test_a_hip_panel_moved_uphill_is_longer_and_its_order_follows(): void
    {
        $hip = 'hip-hall.S-hall.W';
        $before = RoofJob::plan(RoofJob::boathouse(), rules: ['order.extra' => 0.0, 'order.step' => 0.0625, 'cut.pairs' => 'apart']);
        $id = self::pieces($before, self::edge($before, $hip))[3]->id;
        $after = RoofJob::plan(RoofJob::boathouse(), rules: ['order.extra' => 0.0, 'order.step' => 0.0625, 'cut.pairs' => 'apart'], corrections: [
            new Correction('c1', 'hall.S', self::edge($before, $hip), 'x', true, 0.5), new Correction('c2', 'hall.S', self::edge($before, $hip), 'x', false, 0.5),
        ]);

        self::assertEqualsWithDelta(0.5, ($after->of(CuttingStage::class)->panel($id)->long ?? 0.0) - ($before->of(CuttingStage::class)->panel($id)->long ?? 0.0), 1e-6);
        self::assertEqualsWithDelta(0.5, ($after->of(CuttingStage::class)->panel($id)->orderLength ?? 0.0) - ($before->of(CuttingStage::class)->panel($id)->orderLength ?? 0.0), 1e-6);
    }

    public function test_trials_of_one_edge_add_up_for_what_was_cut_after_both(): void
    {
        $plain = RoofJob::plan(RoofJob::boathouse());
        $ids = array_map(static fn (Panel $p): string => $p->id, self::pieces($plain, self::VALLEY));
        $first = new Correction(id: 'c1', face: 'hall.S', edge: self::VALLEY, trial: $ids[1], longSide: false, uphill: 0.125, before: [$ids[1]]);
        $second = new Correction(
            id: 'c2',
            face: 'hall.S',
            edge: self::VALLEY,
            trial: $ids[2],
            longSide: false,
            uphill: 0.0625,
            before: [$ids[1], $ids[2]],
        );
        $plan = RoofJob::plan(RoofJob::boathouse(), corrections: [$first, $second]);
        $short = static fn (Plan $of, string $id): float => min(self::valley($of, $id));

        self::assertSame([[], ['c1'], ['c1', 'c2']], array_map(static fn (string $id): array => array_map(static fn (Correction $c): string => $c->id, $plan->of(CuttingStage::class)->panel($id)->corrections ?? []), array_slice($ids, 1, 3)));
        self::assertEqualsWithDelta($short($plain, $ids[2]) - 0.125, $short($plan, $ids[2]), 0.003);
        self::assertEqualsWithDelta($short($plain, $ids[3]) - 0.1875, $short($plan, $ids[3]), 0.004);
    }

    public function test_bend_lines_follow_the_corrected_cut(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), corrections: [new Correction('c1', 'hall.S', self::VALLEY, 'x', true, -0.75)]);
        $panel = self::pieces($plan, self::VALLEY)[2];
        $lines = RoofJob::card($plan, $panel)->lines;
        $slope = static fn ($line): float => ($line->to->v - $line->from->v) / ($line->to->u - $line->from->u);
        $valley = array_values(array_filter($lines, static fn ($l): bool => $l->kind !== MarkKind::Notch && abs($l->to->u - $l->from->u) > 1.0 && abs($slope($l)) > 0.1));

        self::assertSame([MarkKind::Cut, MarkKind::Bend], array_map(static fn ($l): MarkKind => $l->kind, $valley));
        self::assertEqualsWithDelta($slope($valley[0]), $slope($valley[1]), 1e-9);
    }

    public function test_a_panel_cut_before_the_plan_changed_is_said(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $panel = $plan->of(CuttingStage::class)->panels[4];
        $same = RoofJob::plan(RoofJob::boathouse(), cut: [$panel->id => new CutPanel($panel->long, $panel->short)]);
        $otherwise = RoofJob::plan(RoofJob::boathouse(), cut: [$panel->id => new CutPanel($panel->long + 0.25, $panel->short)]);

        self::assertSame([], RoofJob::findings($same, 'log.panels-otherwise'));
        self::assertSame('Hall S-5', RoofJob::findings($otherwise, 'log.panels-otherwise')[0]->parameters['pieces']);
    }

    /** @return list<Panel> those of the south hall cut to an edge at an angle */
    private static function pieces(Plan $plan, string $edge): array
    {
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();

        return array_values(array_filter($plan->of(CuttingStage::class)->panelsOf('hall.S'), static fn (Panel $p): bool => in_array($edge, CutCardMaker::of($plan)->angledEdges($plan->of(RoofStage::class)->roof, $face, $p), true)));
    }

    /** The edge's id, whichever face comes first in it. */
    private static function edge(Plan $plan, string $id): string
    {
        [$kind, $one, $other] = explode('-', $id);

        return ($plan->of(RoofStage::class)->roof->edge($id) ?? $plan->of(RoofStage::class)->roof->edge("$kind-$other-$one") ?? self::fail("no $id"))->id;
    }

    /** @return list<float> the valley marks of a card with a square head, from T */
    private static function valley(Plan $plan, string $id): array
    {
        $card = RoofJob::card($plan, $plan->of(CuttingStage::class)->panel($id) ?? self::fail($id));

        return self::isPlain($card) ? array_values(array_map(static fn (Mark $m): float => $m->distance, array_filter($card->marks, static fn (Mark $m): bool => $m->name === 'valley'))) : [];
    }

    private static function isPlain(CutCard $card): bool
    {
        return $card->fromHead && array_filter($card->marks, static fn (Mark $m): bool => $m->name === 'corner') === [];
    }
}
