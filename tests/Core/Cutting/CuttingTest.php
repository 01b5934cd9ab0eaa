<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CutGroup;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\Internal\RiskExtra;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\SurveyInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\WorkedExamples;

final class CuttingTest extends TestCase
{
    use TestTrait;

    public function test_the_oar_store_panel(): void
    {
        $plan = self::plan(JobMaker::rectangle(500, 214.375, rules: ['order.extra' => 2.0]));
        [$first, $second] = $plan->of(CuttingStage::class)->panels;

        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            self::assertEqualsWithDelta([216.375, 216.375, 218.5], [$panel->long, $panel->short, $panel->orderLength], 1e-9);
        }
        self::assertEqualsWithDelta([0.0, -1.0, 10.0, 214.375], array_values((array) $first->metal->bounds()), 1e-9);
        self::assertEqualsWithDelta([-1.5, -2.0, 10.0, 214.375], array_values((array) $first->blank->bounds()), 1e-9);
        self::assertEqualsWithDelta([10.0, -2.0, 26.0, 214.375], array_values((array) $second->blank->bounds()), 1e-9);
        self::assertSame([10.0, null], [$first->rip, $second->rip]);
    }

    public function test_rips_are_turned_up_at_both_ends(): void
    {
        $plan = self::plan(JobMaker::rectangle(500, 214.375));
        $last = $plan->of(CuttingStage::class)->panels[31];

        self::assertEqualsWithDelta(501.5, $last->blank->bounds()->right, 1e-9);
        self::assertEqualsWithDelta(500.0, $last->metal->bounds()->right, 1e-9);
        self::assertSame([true, false], [$plan->of(CuttingStage::class)->panels[0]->cutLeft, $plan->of(CuttingStage::class)->panels[0]->cutRight]);
        self::assertSame([false, true], [$last->cutLeft, $last->cutRight]);
    }

    public function test_a_full_panel_at_the_rake_is_not_cut(): void
    {
        $panels = self::plan(JobMaker::rectangle(500, 214.375, choice: new LayoutChoice(StartKind::OneEnd)))->of(CuttingStage::class)->panels;

        self::assertFalse($panels[0]->cutLeft);
        self::assertEqualsWithDelta(0.0, $panels[0]->blank->bounds()->left, 1e-9);
        self::assertTrue($panels[31]->cutRight);
        self::assertEqualsWithDelta(5.5, $panels[31]->blank->bounds()->width(), 1e-9);
    }

    public function test_edges_ask_what_their_details_ask(): void
    {
        $tall = static fn (EdgeKind $head, string $profile, bool $vented): float => self::plan(JobMaker::of(
            [new \Imbrex\Core\Survey\Plane('P1', 'Plane', JobMaker::rectangle(100, 200)->part(SurveyInput::class)->planes[0]->outline, [EdgeKind::Eave, EdgeKind::Rake, $head, EdgeKind::Rake], [], 4.0)],
            $profile,
            vented: $vented,
        ))->of(CuttingStage::class)->panels[0]->long;

        self::assertEqualsWithDelta(202.0, $tall(EdgeKind::Ridge, 'snap-lock-1.5-16', false), 1e-9);
        self::assertEqualsWithDelta(200.0, $tall(EdgeKind::Ridge, 'snap-lock-1.5-16', true), 1e-9);
        self::assertEqualsWithDelta(203.0, $tall(EdgeKind::Peak, 'snap-lock-1.5-16', false), 1e-9);
        self::assertEqualsWithDelta(201.0, $tall(EdgeKind::Headwall, 'snap-lock-1.5-16', false), 1e-9);
        self::assertEqualsWithDelta(200.0, $tall(EdgeKind::Ridge, 'rib-9-36', false), 1e-9);
        self::assertEqualsWithDelta(199.0, $tall(EdgeKind::Ridge, 'rib-9-36', true), 1e-9);
        self::assertEqualsWithDelta(200.5, $tall(EdgeKind::Headwall, 'rib-9-36', false), 1e-9);
    }

    public function test_metal_adds_up_to_the_moved_face_and_stays_in_its_strip(): void
    {
        $shapes = [
            [[0, 0], [500, 0], [500, 214], [0, 214]],
            [[0, 0], [480, 0], [484, 216], [4, 216]],
            [[0, 0], [480, 0], [470, 216], [12, 211]],
            // an L and a notch: rakes within the face
            [[0, 0], [300, 0], [300, 80], [120, 80], [120, 170], [0, 170]],
            [[0, 0], [300, 0], [300, 170], [203, 170], [203, 90], [97, 90], [97, 170], [0, 170]],
        ];
        $this->forAll(ElementsGenerator::fromArray($shapes), ElementsGenerator::fromArray(['snap-lock-1.5-16', 'double-lock-2-24', 'rib-9-36']), ElementsGenerator::fromArray(StartKind::cases()), new ChooseGenerator(-100, 100))
            ->then(function (array $corners, string $profile, StartKind $start, int $nudge): void {
                $edges = array_map(static fn (int $i): EdgeKind => self::kind($corners[$i], $corners[($i + 1) % count($corners)]), array_keys($corners));
                $job = JobMaker::outline($corners, $edges, $profile, new LayoutChoice($start, nudge: $nudge / 16));
                $plan = self::plan($job);
                $face = MovedFace::metal($plan->of(RoofStage::class)->roof->faces[0], Builds::usual($job->covering))->regions[0];
                $sum = 0.0;
                foreach ($plan->of(CuttingStage::class)->panels as $panel) {
                    $sum += $panel->metal->area();
                    $metal = $panel->metal->bounds();
                    $blank = $panel->blank->bounds();
                    self::assertGreaterThanOrEqual($panel->strip->moduleLeft - 1e-6, $metal->left);
                    self::assertLessThanOrEqual($panel->strip->moduleRight() + 1e-6, $metal->right);
                    self::assertLessThanOrEqual($metal->left + 1e-6, $blank->left);
                    self::assertLessThanOrEqual($metal->bottom + 1e-6, $blank->bottom);
                    self::assertGreaterThanOrEqual($metal->top - 1e-6, $blank->top);
                    self::assertGreaterThanOrEqual($panel->long, $panel->orderLength);
                    self::assertGreaterThanOrEqual($panel->short, $panel->long);
                }
                self::assertEqualsWithDelta($face->area(), $sum, 1e-3);
            });
    }

    public function test_risk_based_extra(): void
    {
        foreach (WorkedExamples::named('risk-based') as $name => [$given, $expect]) {
            self::assertEqualsWithDelta($expect['extra'], RiskExtra::least($given['sigma'], $given['metalPerInch'], $given['scrapCost']), 1e-9, $name);
        }
        self::assertSame(0.0, RiskExtra::least(0.0, 0.35, 150));
    }

    public function test_no_other_extra_costs_less_than_the_risk_based_one(): void
    {
        $cost = static fn (float $x): float => 0.35 * $x + 150 * RiskExtra::shortfall($x, 0.25);
        $least = RiskExtra::least(0.25, 0.35, 150);
        for ($x = 0.0; $x < 4.0; $x += 1 / 64) {
            self::assertGreaterThanOrEqual($cost($least) - 1e-6, $cost($x));
        }
        self::assertEqualsWithDelta(0.5, RiskExtra::shortfall(0.0, 0.25), 1e-7);
        self::assertEqualsWithDelta(0.0227501, RiskExtra::shortfall(0.5, 0.25), 1e-6);
    }

    public function test_the_two_schools_side_by_side(): void
    {
        [$risk, $fixed] = ExtraSchool::compare(0.25, 32, HouseRules::with(['order.school' => 'risk']));

        self::assertSame([true, false], [$risk->chosen, $fixed->chosen]);
        self::assertEqualsWithDelta(0.9033142619 * 0.35 * 32, $risk->metalMoney, 1e-6);
        self::assertEqualsWithDelta(2 * 0.35 * 32, $fixed->metalMoney, 1e-9);
        self::assertLessThan($risk->riskMoney, $fixed->riskMoney);
    }

    public function test_the_back_of_the_first_rip(): void
    {
        $plan = self::plan(JobMaker::rectangle(500, 214.375));
        $card = self::card($plan, 0);

        self::assertTrue($card->back);
        self::assertEqualsWithDelta([11.75, 216.375], [$card->width, $card->length], 1e-9);
        // On the back the kept male leg lies left, and the rip is measured from it.
        self::assertFalse($card->hookedRight);
        self::assertEqualsWithDelta([0.25], $card->ribs, 1e-9);
        self::assertEqualsWithDelta(['turn-up' => 10.25, 'rip' => 11.75], self::marks($card, MarkLine::AcrossFoot), 1e-9);
        self::assertEqualsWithDelta(['hem' => 1.0, 'seam-back' => 1.0, 'tab' => 1.75, 'pan-up' => 215.375, 'length' => 216.375], self::marks($card, MarkLine::Left), 1e-9);
        self::assertArrayNotHasKey('tab', self::marks($card, MarkLine::Right));
    }

    public function test_the_back_of_the_last_rip_is_its_mirror_with_the_female_leg(): void
    {
        $plan = self::plan(JobMaker::rectangle(500, 214.375));
        $card = self::card($plan, 31);

        self::assertTrue($card->hookedRight);
        self::assertEqualsWithDelta(11.875, $card->width, 1e-9);
        self::assertEqualsWithDelta(['turn-up' => 10.375, 'rip' => 11.875], self::marks($card, MarkLine::AcrossHead), 1e-9);
        self::assertEqualsWithDelta([11.5], $card->ribs, 1e-9);
    }

    public function test_a_whole_panel_is_drawn_out_to_out(): void
    {
        $card = self::card(self::plan(JobMaker::rectangle(500, 214.375)), 5);

        self::assertEqualsWithDelta(16.625, $card->width, 1e-9);
        self::assertEqualsWithDelta([0.25, 16.25], $card->ribs, 1e-9);
        self::assertSame([], self::marks($card, MarkLine::AcrossFoot));
    }

    public function test_a_tapered_end_panel_has_other_marks_at_foot_and_head(): void
    {
        $plan = self::plan(JobMaker::outline([[0, 0], [480, 0], [484, 216], [4, 216]], choice: new LayoutChoice(StartKind::ControlPoint, at: 10.0)));
        $card = self::card($plan, 0);
        $foot = self::marks($card, MarkLine::AcrossFoot)['rip'];
        $head = self::marks($card, MarkLine::AcrossHead)['rip'];

        // The top leans 4 in over 216, so over the blank's 218 it leans 4·218/216 further in.
        self::assertEqualsWithDelta(4 * 218 / 216, $foot - $head, 1e-6);
    }

    public function test_a_screw_down_rip_keeps_the_ribs_it_reaches(): void
    {
        $card = self::card(self::plan(JobMaker::rectangle(500, 214.375, 'rib-9-36')), 0);

        // 33-3/4 of cover and the 1 in lap: ribs at 0.75 … from the cut, on the back from the lap's edge 1, 10, 19, 28.
        self::assertEqualsWithDelta(34.75, $card->width, 1e-9);
        self::assertEqualsWithDelta([1.0, 10.0, 19.0, 28.0], $card->ribs, 1e-9);
        self::assertEqualsWithDelta(['rip' => 34.75], self::marks($card, MarkLine::AcrossFoot), 1e-9);
    }

    public function test_flipping_twice_is_the_identity(): void
    {
        $plan = self::plan(JobMaker::outline([[0, 0], [480, 0], [470, 216], [12, 211]]));
        foreach (array_keys($plan->of(CuttingStage::class)->panels) as $i) {
            $card = self::card($plan, $i);
            self::assertEqualsWithDelta($card, $card->flipped()->flipped(), 1e-9);
            self::assertNotSame($card->back, $card->flipped()->back);
        }
    }

    public function test_panels_cut_alike_share_a_card(): void
    {
        $groups = CutGroup::gather(self::plan(JobMaker::rectangle(500, 214.375))->of(CuttingStage::class)->panels);

        self::assertSame([1, 30, 1], array_map(static fn (CutGroup $g): int => count($g->panels), $groups));
    }

    public function test_panels_too_long_or_too_short_are_said_once(): void
    {
        $long = self::plan(JobMaker::rectangle(160, 600, rules: ['cut.overLong' => 'report']));
        $short = self::plan(JobMaker::rectangle(160, 18));
        $codes = static fn (Plan $plan): array => array_map(static fn (Finding $f): string => $f->code, $plan->findings());

        self::assertCount(1, array_keys($codes($long), 'cut.over-long', true));
        self::assertContains('cut.under-short', $codes($short));
        self::assertSame(540.0, Catalogue::shipped()->profile('snap-lock-1.5-16')->longest);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function kind(array $from, array $to): EdgeKind
    {
        return match (true) {
            abs($to[1] - $from[1]) > abs($to[0] - $from[0]) => EdgeKind::Rake,
            $to[0] > $from[0] => EdgeKind::Eave,
            default => EdgeKind::Ridge,
        };
    }

    private static function plan(Job $job): Plan
    {
        return Plan::for($job);
    }

    private static function card(Plan $plan, int $panel): CutCard
    {
        return CutCardMaker::of($plan)->card($plan->of(RoofStage::class)->roof->faces[0], $plan->of(CuttingStage::class)->panels[$panel]);
    }

    /** @return array<string, float> distance by name */
    private static function marks(CutCard $card, MarkLine $line): array
    {
        $marks = [];
        foreach ($card->marks as $mark) {
            if ($mark->line === $line) {
                $marks[$mark->name] = $mark->distance;
            }
        }

        return $marks;
    }
}
