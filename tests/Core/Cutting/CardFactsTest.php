<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutKind;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\DrawnEnds;
use Imbrex\Core\Cutting\HowToTake;
use Imbrex\Core\Cutting\Leg;
use Imbrex\Core\Cutting\MarkRun;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** What a card says of its piece besides its marks: its legs, how it is taken, what is marked alike, how it is drawn. */
final class CardFactsTest extends TestCase
{
    public function test_the_female_leg_lies_as_the_profile_has_it_and_swaps_on_the_back(): void
    {
        foreach ([[Hand::FemaleLeft, Leg::Female, Leg::Male], [Hand::FemaleRight, Leg::Male, Leg::Female]] as [$hand, $left, $right]) {
            $plan = Plan::for(JobMaker::rectangle(480, 200, self::handed($hand)));
            $back = RoofJob::card($plan, $plan->of(CuttingStage::class)->panels[3]);
            $face = $back->flipped();

            self::assertFalse($face->back);
            self::assertSame([$left, $right], [$face->legs->left, $face->legs->right], $hand->value);
            self::assertSame([$right, $left], [$back->legs->left, $back->legs->right], $hand->value);
        }
    }

    public function test_a_leg_that_is_cut_away_or_like_the_other_is_not_named(): void
    {
        $plan = Plan::for(JobMaker::rectangle(490, 200));
        $panels = $plan->of(CuttingStage::class)->panels;
        $first = RoofJob::card($plan, $panels[0])->flipped();
        $last = RoofJob::card($plan, $panels[count($panels) - 1])->flipped();

        self::assertSame([null, Leg::Male], [$first->legs->left, $first->legs->right]);
        self::assertSame([Leg::Female, null], [$last->legs->left, $last->legs->right]);
        foreach (['cap-seam-1.375-12', 'rib-9-36'] as $profile) {
            $alike = Plan::for(JobMaker::rectangle(480, 200, $profile));
            $card = RoofJob::card($alike, $alike->of(CuttingStage::class)->panels[1]);
            self::assertSame([null, null], [$card->legs->left, $card->legs->right], $profile);
        }
    }

    public function test_lines_marked_alike_are_told_once(): void
    {
        $plan = Plan::for(JobMaker::rectangle(500, 214.375));
        $panels = $plan->of(CuttingStage::class)->panels;

        self::assertSame([['both-edges', ['hem', 'seam-back', 'tab', 'pan-up', 'length']]], self::told(RoofJob::card($plan, $panels[4])));
        $rip = self::told(RoofJob::card($plan, $panels[0]));
        self::assertSame(['across-from-left', ['turn-up', 'rip']], $rip[count($rip) - 1]);
    }

    public function test_no_mark_is_lost_and_none_is_told_that_is_not_there(): void
    {
        foreach (range(1, 30) as $seed) {
            foreach (self::cards(Plan::for((new RandomRoof($seed))->job())) as [, $card]) {
                $runs = MarkRun::of($card);
                $told = array_merge(...array_map(static fn (MarkRun $run): array => $run->marks, $runs));
                foreach ($card->marks as $mark) {
                    self::assertNotSame([], array_filter($told, static fn (Mark $m): bool => $m->name === $mark->name && abs($m->distance - $mark->distance) < 1e-3), "$card->panel $mark->name");
                }
                self::assertSame(array_values(array_filter($card->marks, static fn (Mark $m): bool => in_array($m, $told, true))), self::inOrder($card, $told), $card->panel);
            }
        }
    }

    public function test_a_drawing_breaks_only_where_nothing_is_marked(): void
    {
        foreach (range(1, 30) as $seed) {
            foreach (self::cards(Plan::for((new RandomRoof($seed))->job())) as [, $card]) {
                $ends = DrawnEnds::of($card);
                self::assertLessThanOrEqual($card->length + 1e-9, $ends->foot + $ends->head);
                if ($ends->broken) {
                    foreach ($card->lines as $line) {
                        foreach ([$line->from->v, $line->to->v] as $v) {
                            self::assertFalse($v > $ends->foot && $v < $card->length - $ends->head, "$card->panel: $v between {$ends->foot} and {$ends->head} from the head");
                        }
                    }
                } else {
                    self::assertEqualsWithDelta($card->length, $ends->foot + $ends->head, 1e-9);
                }
            }
        }
        $plain = self::cards(Plan::for(JobMaker::rectangle(480, 200)))[2][1];
        self::assertTrue(DrawnEnds::of($plain)->broken);
        $short = self::cards(Plan::for(JobMaker::rectangle(480, 16)))[2][1];
        self::assertFalse(DrawnEnds::of($short)->broken);
    }

    public function test_how_a_piece_is_taken_follows_its_ends(): void
    {
        $boathouse = RoofJob::plan(RoofJob::boathouse());
        $how = static fn (Plan $plan, Panel $panel): HowToTake => HowToTake::of($panel, RoofJob::card($plan, $panel));
        $rectangle = Plan::for(JobMaker::rectangle(490, 200));
        $panels = $rectangle->of(CuttingStage::class)->panels;
        self::assertSame([HowToTake::Rip, HowToTake::Square], [$how($rectangle, $panels[0]), $how($rectangle, $panels[3])]);
        self::assertSame([CutKind::Rip, CutKind::Square], [CutKind::of($panels[0]), CutKind::of($panels[3])]);

        $seen = [];
        foreach (self::cards($boathouse) as [$panel, $card]) {
            $names = array_map(static fn (Mark $m): string => $m->name, $card->marks);
            $way = HowToTake::of($panel, $card);
            $seen[$way->value] = true;
            if ($way === HowToTake::Valley) {
                self::assertTrue($card->fromHead && in_array('valley', $names, true) && ! in_array('hip', $names, true) && ! $panel->isNotched(), $panel->id);
            }
            if ($way === HowToTake::Hip) {
                self::assertTrue(in_array('hip', $names, true) && ! in_array('valley', $names, true), $panel->id);
            }
            if ($panel->isAngled()) {
                self::assertGreaterThan(1 / 32, $panel->long - $panel->short, $panel->id);
                self::assertNotSame(CutKind::Square, CutKind::of($panel), $panel->id);
            }
        }
        self::assertArrayHasKey('valley', $seen);

        $holed = Plan::for(JobMaker::of([JobMaker::rectangle(480, 200)->part(\Imbrex\Core\Survey\SurveyInput::class)->planes[0]], openings: [Opening::outlined('o', 'P1', OpeningKind::Curb, 'Curb', Polygon::rectangle(100, 60, 130, 90))]));
        $notched = array_values(array_filter($holed->of(CuttingStage::class)->panels, static fn (Panel $p): bool => $p->isNotched()));
        self::assertNotSame([], $notched);
        self::assertSame([HowToTake::Notched, CutKind::Notched], [$how($holed, $notched[0]), CutKind::of($notched[0])]);
    }

    /** @return list<array{string, list<string>}> */
    private static function told(CutCard $card): array
    {
        return array_map(static fn (MarkRun $run): array => [$run->heading, array_map(static fn (Mark $m): string => $m->name, $run->marks)], MarkRun::of($card));
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark>
     */
    private static function inOrder(CutCard $card, array $marks): array
    {
        usort($marks, static fn (Mark $a, Mark $b): int => array_search($a, $card->marks, true) <=> array_search($b, $card->marks, true));

        return $marks;
    }

    /** @return list<array{Panel, CutCard}> */
    private static function cards(Plan $plan): array
    {
        return array_map(static fn (Panel $panel): array => [$panel, RoofJob::card($plan, $panel)], $plan->of(CuttingStage::class)->panels);
    }

    private static function handed(Hand $hand): Profile
    {
        return new Profile(...[...(array) Catalogue::shipped()->profile('snap-lock-1.5-16'), 'hand' => $hand]);
    }
}
