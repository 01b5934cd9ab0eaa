<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\ExtraSchool;
use Imbrex\Core\Cutting\InAll;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Units\UnitSystem;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Job;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\OldPanels;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\Quantity;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\Source;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Core\Survey\SurveyStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\RoofJob;

/** Replacement in kind: the tape on the old panel, and the habit of adding so much in all. */
final class InKindTest extends TestCase
{
    /** @return array<string, array{bool, float, float, float}> */
    public static function tapes(): array
    {
        return [
            // 170 of deck, 1 past the edge, 1 folded under: 172; two on the tape are 173.
            'to the old panel’s end, an inch is left' => [true, 172.0, 173.0, 1.0],
            // 171 of deck, 1 past the edge, 1 folded under: 173; nothing is left of two.
            'to the deck’s edge, nothing is left' => [false, 173.0, 173.0, 0.0],
        ];
    }

    #[DataProvider('tapes')]
    public function test_two_in_all_on_a_tape_of_171(bool $toOldPanel, float $blank, float $ordered, float $spare): void
    {
        $plan = self::plan([new Reading('r1', Quantity::EaveToRidge, 171.0, Source::Tape, toOldPanel: $toOldPanel)]);
        $panel = $plan->of(CuttingStage::class)->panels[3];
        self::assertEqualsWithDelta([$blank, $ordered], [$panel->long, $panel->orderLength], 1e-9);
        $inAll = InAll::on($plan, $plan->of(RoofStage::class)->roof->faces[0]);
        self::assertEqualsWithDelta($spare, $inAll->spare(), 1e-9);
        self::assertSame($spare > 0.0 ? 0 : 1, count(RoofJob::findings($plan, 'cut.nothing-to-spare')));
        $school = ExtraSchool::compare(0.1, 1, $plan->job->rules, $inAll)[2];
        self::assertSame(['in-all', true], [$school->school, $school->chosen]);
        self::assertEqualsWithDelta($spare, $school->extra, 1e-9);
    }

    public function test_where_the_blank_takes_more_than_the_habit_adds_it_still_reaches(): void
    {
        $plan = self::plan([new Reading('r1', Quantity::EaveToRidge, 171.0, Source::Tape)], ['order.inAll' => 1.0]);
        self::assertEqualsWithDelta(173.0, $plan->of(CuttingStage::class)->panels[3]->orderLength, 1e-9);
        $said = RoofJob::findings($plan, 'cut.nothing-to-spare')[0];
        self::assertSame('short', $said->parameters['is']);
        self::assertEqualsWithDelta(1.0, $said->parameters['short']->inches ?? 0.0, 1e-9);
    }

    public function test_tapes_to_the_deck_and_to_the_old_panel_agree_an_inch_apart(): void
    {
        $plan = self::plan([new Reading('r1', Quantity::EaveToRidge, 171.0, Source::Tape, toOldPanel: true), new Reading('r2', Quantity::EaveToRidge, 170.0, Source::Tape)]);
        $adoption = $plan->of(SurveyStage::class)->surveys[0]->adoptions['eaveToRidge'];
        self::assertEqualsWithDelta([170.0, 0.0], [$adoption->value, $adoption->spread], 1e-9);
        self::assertSame([], RoofJob::findings($plan, 'survey.spread'));
    }

    public function test_a_count_may_be_off_by_a_sixteenth_for_every_panel(): void
    {
        $rules = HouseRules::with([]);
        $count = static fn (float $panels, float $cover, float $rest = 0.0): Reading => new Reading('r', Quantity::Eave, $panels * $cover + $rest, Source::Count, panels: $panels);
        self::assertEqualsWithDelta(40 / 16, $count(40, 14, 9.5)->tolerance($rules), 1e-9);
        self::assertEqualsWithDelta(1.0, $count(4, 14)->tolerance($rules), 1e-9, 'no better than the house holds a count');
        // 55 × 13 is 59 ft 7; a wheel at 59 ft agrees with it.
        $plan = self::plan([new Reading('r1', Quantity::EaveToRidge, 171.0, Source::Tape), new Reading('r2', Quantity::Eave, 715.0, Source::Count, panels: 55.0), new Reading('r3', Quantity::Eave, 708.0, Source::Wheel)], eave: null);
        $eave = $plan->of(SurveyStage::class)->surveys[0]->adoptions['eave'];
        self::assertSame([Source::Count, true], [$eave->source, $eave->comparisons[1]->agrees]);
        self::assertSame([], RoofJob::findings($plan, 'survey.disagrees'));
    }

    public function test_old_and_new_panels_over_the_same_width(): void
    {
        $old = new OldPanels(14.0, 1.5);
        self::assertSame([41, 36], [$old->count(569.5), OldPanels::over(569.5, 16.0)]);
        self::assertSame(40, $old->count(560.0625), 'a tape’s sixteenth makes no panel');
    }

    /**
     * @param  list<Reading>  $readings
     * @param  array<string, float|string>  $rules
     */
    private static function plan(array $readings, array $rules = [], ?float $eave = 320.0): Plan
    {
        $all = [...$readings, ...($eave === null ? [] : [new Reading('e', Quantity::Eave, $eave, Source::Tape)])];
        $plane = new Plane('P1', 'Plane', null, [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake], $all, 4.0);

        return Plan::for(Job::of('Test', UnitSystem::Imperial, JobMaker::covering('snap-lock-1.5-16', HouseRules::with(['order.school' => 'in-all', ...$rules])), new SurveyInput([$plane])));
    }
}
