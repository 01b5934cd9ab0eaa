<?php

declare(strict_types=1);

namespace Tests\Core\LoadOut;

use Imbrex\Core\Cutting\ComparedStart;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Internal\FlatSheet;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\LoadOut\LoadOutStage;
use Imbrex\Core\LoadOut\OrderLine;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

final class OrderTest extends TestCase
{
    public function test_the_oar_store_order(): void
    {
        $order = Plan::for(JobMaker::rectangle(500, 214.375))->of(LoadOutStage::class)->order;

        self::assertCount(1, $order->lines);
        self::assertSame([32, 218.5, 2, 'female-left'], [$order->lines[0]->quantity, $order->lines[0]->length, $order->lines[0]->ripped, $order->lines[0]->hand]);
        self::assertEqualsWithDelta(32 * 218.5 / 12, $order->coilFeet, 1e-9);
        self::assertEqualsWithDelta(32 * 218.5 * 20 / 144, $order->squareFeet, 1e-9);
        self::assertEqualsWithDelta(32 * 218.5 * 20 / 144 * 1.16, $order->pounds, 1e-9);
        self::assertSame(20.0, $order->coilWidth);
    }

    public function test_lengths_are_gathered_longest_first(): void
    {
        $order = Plan::for(JobMaker::outline([[0, 0], [480, 0], [480, 216], [0, 200]]))->of(LoadOutStage::class)->order;
        $lengths = array_map(static fn (OrderLine $line): float => $line->length, $order->lines);
        $sorted = $lengths;
        rsort($sorted);

        self::assertSame($sorted, $lengths);
        self::assertGreaterThan(5, count($lengths));
        self::assertSame(30, array_sum(array_map(static fn (OrderLine $line): int => $line->quantity, $order->lines)));
        foreach ($lengths as $length) {
            self::assertEqualsWithDelta(0.0, fmod($length, 0.25), 1e-9);
        }
    }

    public function test_order_lengths_follow_the_step(): void
    {
        foreach ([[0.25, 218.5], [1.0, 219.0], [12.0, 228.0]] as [$step, $length]) {
            $order = Plan::for(JobMaker::rectangle(500, 214.375, rules: ['order.step' => $step]))->of(LoadOutStage::class)->order;
            self::assertSame($length, $order->lines[0]->length);
        }
        // 216.375 and 2 in of extra is 218.375: a step of 1/8 fits it exactly and must not be overshot.
        self::assertSame(218.375, Plan::for(JobMaker::rectangle(500, 214.375, rules: ['order.step' => 0.125]))->of(LoadOutStage::class)->order->lines[0]->length);
    }

    public function test_the_risk_school_orders_by_its_own_extra(): void
    {
        $order = Plan::for(JobMaker::rectangle(500, 214.375, rules: ['order.school' => 'risk']))->of(LoadOutStage::class)->order;

        // Tape tolerance 1/8 is two deviations: σ = 1/16, x = 1/16·√(2·ln(150/(0.35/16·√(2π)))) = 0.2513.
        self::assertSame(216.75, $order->lines[0]->length);
    }

    public function test_waste_is_what_does_not_end_up_on_the_roof(): void
    {
        $order = Plan::for(JobMaker::rectangle(480, 214.375, rules: ['order.extra' => 0.0, 'order.step' => 0.125]))->of(LoadOutStage::class)->order;
        self::assertEqualsWithDelta(0.0, $order->wasteSquareFeet, 1e-6);

        $ripped = Plan::for(JobMaker::rectangle(472, 214.375, rules: ['order.extra' => 0.0, 'order.step' => 0.125]))->of(LoadOutStage::class)->order;
        // Two rips of 12 with 1-1/2 turned up keep a leg each, 1-3/4 and 2-1/4 of the coil: 4-3/4 and 4-1/4 of its 20 go.
        self::assertEqualsWithDelta(9.0 * 216.375 / 144, $ripped->wasteSquareFeet, 1e-6);
    }

    public function test_what_is_cut_away_at_a_valley_counts_and_a_shared_sheet_counts_once(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $cutting = $plan->of(CuttingStage::class);
        $kept = array_sum(array_map(static fn (Panel $p): float => (new FlatSheet($plan->job->covering->profile, $p))->area(), $cutting->panels)) / 144;

        self::assertNotSame([], $cutting->pairing->pairs);
        self::assertEqualsWithDelta($cutting->sheets->squareFeet - $kept, $plan->of(LoadOutStage::class)->order->wasteSquareFeet, 1e-6);
        self::assertGreaterThan(100.0, $plan->of(LoadOutStage::class)->order->wasteSquareFeet);
    }

    public function test_schools_are_compared_with_the_chosen_one_marked(): void
    {
        $plan = Plan::for(JobMaker::rectangle(500, 214.375, choice: new LayoutChoice(nudge: 3.0)));
        $alternatives = ComparedStart::compare($plan, $plan->of(RoofStage::class)->roof->faces[0]);

        self::assertCount(5, $alternatives, 'two starts at one place are one');
        self::assertCount(1, array_filter($alternatives, static fn (ComparedStart $a): bool => $a->option->chosen));
        $panels = [];
        foreach ($alternatives as $one) {
            $panels[$one->layout->choice->start->value.($one->layout->choice->fromLeft === false ? '-right' : '')] = count($one->sheets->sheets);
        }
        self::assertEquals(['balanced' => 32, 'one-end' => 32, 'one-end-right' => 32, 'centre-seam' => 32, 'centre-pan' => 33], $panels);
        // The chosen one is shown as it has been nudged, the others as they would start.
        $chosen = array_values(array_filter($alternatives, static fn (ComparedStart $a): bool => $a->option->chosen))[0];
        self::assertSame(3.0, $chosen->layout->choice->nudge);
        self::assertSame([0.0], array_values(array_unique(array_map(static fn (ComparedStart $a): float => $a->option->chosen ? 0.0 : $a->layout->choice->nudge, $alternatives))));
        self::assertEqualsWithDelta([13.0, 7.0], [$chosen->layout->leftRip, $chosen->layout->rightRip], 1e-9);
    }

    public function test_the_same_job_gives_the_same_plan_to_the_last_bit(): void
    {
        $make = static fn (): string => serialize(Plan::for(JobMaker::outline([[0, 0], [480, 0], [470, 216], [12, 211]]))->of(CuttingStage::class)->panels);

        self::assertSame($make(), $make());
    }
}
