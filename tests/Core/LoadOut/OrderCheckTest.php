<?php

declare(strict_types=1);

namespace Tests\Core\LoadOut;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Facts\CutPanel;
use Imbrex\Core\LoadOut\OrderCheck;
use Imbrex\Core\LoadOut\SheetCheck;
use Imbrex\Core\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** What was ordered, held against what is to be cut after the roof was taped. */
final class OrderCheckTest extends TestCase
{
    private const HIP = 'hip-hall.S-hall.W';

    private const APART = ['cut.pairs' => 'apart', 'order.extra' => 0.5, 'order.step' => 0.25];

    public function test_a_plan_serves_itself_and_extra_is_metal(): void
    {
        $ordered = self::plan();
        self::assertTrue(OrderCheck::of($ordered->of(CuttingStage::class)->sheets, $ordered)->isFine());
        // Half an inch was ordered besides.
        self::assertTrue(OrderCheck::of($ordered->of(CuttingStage::class)->sheets, self::plan(0.5))->isFine());
    }

    public function test_every_sheet_too_short_is_named_with_what_it_lacks(): void
    {
        $ordered = self::plan();
        $today = self::plan(2.0);
        $check = OrderCheck::of($ordered->of(CuttingStage::class)->sheets, $today);
        self::assertNotSame([], $check->short);
        $short = array_merge(...array_map(static fn (SheetCheck $sheet): array => $sheet->pieces, $check->short));
        foreach ($today->of(CuttingStage::class)->panels as $panel) {
            $had = $ordered->of(CuttingStage::class)->panel($panel->id)->orderLength ?? 0.0;
            self::assertSame($panel->long > $had + 1e-6, in_array($panel->id, $short, true), $panel->id);
        }
        foreach ($check->short as $sheet) {
            self::assertEqualsWithDelta($today->of(CuttingStage::class)->panel($sheet->pieces[0])->long ?? 0.0, $sheet->length + $sheet->by(), 1e-9);
            self::assertGreaterThan(0.0, $sheet->by());
        }
    }

    public function test_a_swap_serves_both_and_no_sheet_is_promised_twice(): void
    {
        // Ordered for a right hip two inches higher; it is the left one that is.
        $right = self::plan(2.0, edge: 'hip-hall.S-hall.E', at: 'hall.S-44');
        $check = OrderCheck::of($right->of(CuttingStage::class)->sheets, self::plan(2.0));
        $swapped = array_values(array_filter($check->short, static fn (SheetCheck $sheet): bool => $sheet->swap !== null));
        self::assertNotSame([], $swapped);
        foreach ($swapped as $sheet) {
            self::assertLessThanOrEqual(($sheet->swap->length ?? 0.0) + 1e-6, $sheet->need);
            self::assertLessThanOrEqual($sheet->length + 1e-6, $sheet->swap->need ?? INF);
        }
        $partners = array_map(static fn (SheetCheck $sheet): int => spl_object_id($sheet->swap ?? $sheet), $swapped);
        self::assertSame($partners, array_values(array_unique($partners)));
    }

    public function test_what_is_cut_is_asked_no_more_and_two_that_were_one_sheet_may_be_parted(): void
    {
        $ordered = self::plan();
        $all = OrderCheck::of($ordered->of(CuttingStage::class)->sheets, self::plan(2.0))->short;
        $first = $all[0]->pieces[0];
        $cut = OrderCheck::of($ordered->of(CuttingStage::class)->sheets, self::plan(2.0, cut: [$first => new CutPanel(1.0, 1.0)]));
        self::assertNotContains($first, array_merge(...array_map(static fn (SheetCheck $sheet): array => $sheet->pieces, $cut->short)));

        $paired = self::plan(rules: []);
        $turned = RoofJob::plan(RoofJob::boathouse(), observations: self::turned());
        $parted = array_filter(OrderCheck::of($paired->of(CuttingStage::class)->sheets, $turned)->short, static fn (SheetCheck $sheet): bool => $sheet->parted);
        self::assertNotSame([], $parted, 'a cut at another angle does not serve two');
        foreach ($parted as $sheet) {
            self::assertCount(2, $sheet->pieces);
        }
    }

    public function test_pieces_that_were_never_ordered_are_named(): void
    {
        $gable = RoofJob::plan(RoofJob::gable(160.0));
        $longer = RoofJob::plan(RoofJob::gable(200.0));
        $check = OrderCheck::of($gable->of(CuttingStage::class)->sheets, $longer);
        self::assertNotSame([], $check->unordered);
        self::assertSame([], array_intersect($check->unordered, array_column($gable->of(CuttingStage::class)->panels, 'id')));
    }

    /**
     * The boathouse with one hip taped so much (in) farther up than it is drawn.
     *
     * @param  array<string, CutPanel>  $cut
     * @param  array<string, float|string>  $rules
     */
    private static function plan(float $up = 0.0, array $cut = [], array $rules = self::APART, string $edge = self::HIP, string $at = 'hall.S-2'): Plan
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $card = RoofJob::card($drawn, $drawn->of(CuttingStage::class)->panel($at) ?? self::fail())->lengths?->long() ?? self::fail();

        return RoofJob::plan(RoofJob::boathouse(), rules: $rules, cut: $cut, observations: $up === 0.0 ? [] : [
            new Observation('o1', $edge, 'hall.S', SideTaped::off($at, true, $card, false, $up)),
        ]);
    }

    /** @return list<Observation> */
    private static function turned(): array
    {
        return [
            new Observation('o1', 'valley-hall.S-wing.W', 'hall.S', new SideTaped('hall.S-28', true, 170.0, true)),
            new Observation('o2', 'valley-hall.S-wing.W', 'hall.S', new SideTaped('hall.S-28', false, 151.0, true)),
        ];
    }
}
