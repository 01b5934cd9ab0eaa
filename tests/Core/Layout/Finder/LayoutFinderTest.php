<?php

declare(strict_types=1);

namespace Tests\Core\Layout\Finder;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\ComparedStart;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Rules\RuleSet;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Layout\Finder\LayoutOption;
use Imbrex\Core\Layout\Finder\Reason;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\Internal\Finder\FaceCost;
use Imbrex\Core\Layout\Internal\Finder\FaceGroup;
use Imbrex\Core\Layout\Internal\Finder\GroupSearch;
use Imbrex\Core\Layout\Internal\Finder\TieFinder;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomBlocks;
use Tests\Core\RoofJob;

final class LayoutFinderTest extends TestCase
{
    use TestTrait;

    public function test_nothing_scores_better_than_what_it_finds(): void
    {
        $this->limitTo(12)->forAll(ElementsGenerator::fromArray([[6.0, null, 6.0, null], [6.0, 6.0, 6.0, 6.0], [4.0, 4.0, 4.0, null]]), new ChooseGenerator(180, 420), new ChooseGenerator(120, 300), new ChooseGenerator(0, 160), ElementsGenerator::fromArray([0.0, 1.0, 6.0, 40.0]))
            ->then(static function (array $rises, int $length, int $width, int $at, float $perSeam): void {
                $roof = BlockMaker::roof([BlockMaker::block('hall', 0, 0, $length + 0.3, $width, $rises, 7)]);
                $rules = HouseRules::with(['finder.unmatchedSeam' => $perSeam]);
                foreach ((new TieFinder(12.0))->groups($roof) as $group) {
                    self::isLeast($group, $rules, [Opening::pipe('p', 'hall.S', 'Vent', new Point(60.0 + $at, 30.0), 4.0)]);
                }
            });
    }

    public function test_where_seams_miss_it_says_what_meeting_would_cost_and_offers_it(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $laid = $plan->of(LayoutStage::class);
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();
        $group = $laid->groupOf('hall.S') ?? self::fail();
        self::assertGreaterThan(0, $group->score->unmatched, 'the search lets the ridge go');
        $options = $laid->finder()->options($face, $group, []);
        $meeting = array_values(array_filter($options, static fn (LayoutOption $o): bool => $o->together !== []))[0];
        $chosen = array_values(array_filter($options, static fn (LayoutOption $o): bool => $o->chosen))[0];
        $cost = array_values(array_filter($chosen->reasons, static fn (Reason $r): bool => $r->code === 'meeting-costs'))[0];

        // 2-1/4 in tips at the four hips, each as dear as a rip too narrow.
        self::assertSame([0, 4], [$meeting->score->unmatched, $meeting->score->narrow]);
        self::assertSame(['yes', 4, 0], [$cost->parameters['all'], $cost->parameters['tips'], $cost->parameters['narrow']]);
        $weights = $laid->finder()->weights();
        self::assertSame((int) round($meeting->score->total($weights) - $chosen->score->total($weights)), $cost->parameters['points']);

        // Taken as offered, all of them meet, and nothing more is offered.
        $taken = RoofJob::plan(RoofJob::boathouse(), layouts: $meeting->together);
        $now = $taken->of(LayoutStage::class)->groupOf('hall.S') ?? self::fail();
        self::assertSame(0, $now->score->unmatched);
        self::assertSame([], array_filter($taken->of(LayoutStage::class)->finder()->options($face, $now, $meeting->together), static fn (LayoutOption $o): bool => $o->together !== []));
    }

    /** @param  list<Opening>  $openings */
    private static function isLeast(FaceGroup $group, RuleSet $rules, array $openings): void
    {
        $profile = Catalogue::shipped()->profile('snap-lock-1.5-12');
        $weights = Weights::by($rules);
        $faces = array_map(static fn ($face) => $face->with(array_values(array_filter($openings, static fn (Opening $o): bool => $o->face === $face->id))), $group->faces);
        $costs = array_map(static fn ($face): FaceCost => new FaceCost($face, Builds::usual(JobMaker::covering($profile, $rules)), $weights), $faces);
        $starts = array_map(static fn (FaceCost $cost): array => [$cost->span->left, $cost->span->middle()], $costs);
        $found = (new GroupSearch($group, $costs, $starts, $weights, 12.0))->best([]);
        $least = self::byHand($group, $costs, $starts, $weights);

        self::assertTrue($found->proven);
        // By hand only sixteenths and starts are tried; the search may do better still, never worse.
        self::assertLessThanOrEqual($least + 1e-6, self::total($group, $costs, $weights, $found->modules), $group->id());
    }

    /**
     * Every subset of the ties that holds together, every place for each part: no bound, no memory.
     *
     * @param  list<FaceCost>  $costs
     * @param  list<list<float>>  $starts
     */
    private static function byHand(FaceGroup $group, array $costs, array $starts, Weights $weights): float
    {
        $least = INF;
        for ($subset = 0; $subset < 2 ** count($group->ties); $subset++) {
            $held = array_values(array_filter($group->ties, static fn (int $i): bool => ($subset >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
            $total = (count($group->ties) - count($held)) === 0 ? 0.0 : array_sum(array_map(static fn (Tie $t): float => in_array($t, $held, true) ? 0.0 : $t->seams * $weights->unmatchedSeam, $group->ties));
            $seen = [];
            foreach (array_keys($costs) as $face) {
                if (! isset($seen[$face])) {
                    $part = self::reach($group, $held, $face);
                    $seen += $part;
                    $total += self::leastOf($group, $held, $part, $costs, $starts);
                }
            }
            $least = min($least, $total);
        }

        return $least;
    }

    /**
     * @param  list<Tie>  $held
     * @return array<int, array{float, float}> sign and shift of every face that moves with the first
     */
    private static function reach(FaceGroup $group, array $held, int $first): array
    {
        $part = [$first => [1.0, 0.0]];
        for ($grew = true; $grew;) {
            $grew = false;
            foreach ($held as $tie) {
                foreach ([$tie, $tie->turned()] as $one) {
                    [$from, $to] = [(int) $group->numberOf($one->one), (int) $group->numberOf($one->other)];
                    if (isset($part[$from]) && ! isset($part[$to])) {
                        $part[$to] = [$one->sign * $part[$from][0], $one->across($part[$from][1])];
                        $grew = true;
                    }
                }
            }
        }

        return $part;
    }

    /**
     * @param  list<Tie>  $held
     * @param  array<int, array{float, float}>  $part
     * @param  list<FaceCost>  $costs
     * @param  list<list<float>>  $starts
     */
    private static function leastOf(FaceGroup $group, array $held, array $part, array $costs, array $starts): float
    {
        $first = min(array_keys($part));
        [$s, $t] = $part[$first];
        $places = array_map(static fn (int $k): float => $costs[$first]->span->left + $k / 16.0, range(0, 12 * 16 - 1));
        foreach ($part as $face => [$sign, $shift]) {
            foreach ($starts[$face] as $module) {
                $places[] = $s * ($sign * ($module - $shift)) + $t;
            }
        }
        // Where a ring of faces turns over, seams lie alike from both sides every half cover from some place: tried finely.
        foreach ($held as $tie) {
            [$one, $other] = [$part[(int) $group->numberOf($tie->one)] ?? null, $part[(int) $group->numberOf($tie->other)] ?? null];
            if ($one !== null && $other !== null && $tie->sign * $one[0] !== $other[0]) {
                $x = $other[0] * ($tie->across($one[1]) - $other[1]) / 2.0;
                array_push($places, $s * $x + $t, $s * ($x + 6.0) + $t);
            }
        }
        $least = INF;
        foreach ($places as $place) {
            $x = $s * ($place - $t);
            $holds = array_filter($held, static fn (Tie $tie): bool => isset($part[(int) $group->numberOf($tie->one)]) && ! $tie->meets(
                $part[(int) $group->numberOf($tie->one)][0] * $x + $part[(int) $group->numberOf($tie->one)][1],
                $part[(int) $group->numberOf($tie->other)][0] * $x + $part[(int) $group->numberOf($tie->other)][1],
                12.0,
            )) === [];
            if ($holds) {
                $cost = 0.0;
                foreach ($part as $face => [$sign, $shift]) {
                    $cost += $costs[$face]->score($sign * $x + $shift)->total(Weights::by(HouseRules::with([])));
                }
                $least = min($least, $cost);
            }
        }

        return $least;
    }

    /**
     * @param  list<FaceCost>  $costs
     * @param  list<float>  $modules
     */
    private static function total(FaceGroup $group, array $costs, Weights $weights, array $modules): float
    {
        $total = 0.0;
        foreach ($costs as $face => $cost) {
            $total += $cost->score($modules[$face])->total($weights);
        }
        foreach ($group->ties as $tie) {
            $total += $tie->meets($modules[(int) $group->numberOf($tie->one)], $modules[(int) $group->numberOf($tie->other)], 12.0) ? 0.0 : $tie->seams * $weights->unmatchedSeam;
        }

        return $total;
    }

    public function test_seams_that_are_said_to_meet_coincide_on_the_roof(): void
    {
        $this->limitTo(60)->forAll(new ChooseGenerator(1, 4), RandomBlocks::drawn(), ElementsGenerator::fromArray([true, false]))
            ->then(static function (int $count, array $drawn, bool $level): void {
                $plan = RoofJob::plan(RandomBlocks::of($count, $drawn, $level));
                foreach ($plan->of(LayoutStage::class)->groups as $group) {
                    foreach ($group->group->ties as $tie) {
                        $modules = [$group->modules[(int) $group->group->numberOf($tie->one)], $group->modules[(int) $group->group->numberOf($tie->other)]];
                        $tie->meets($modules[0], $modules[1], 16.0) && self::coincide($plan, $tie);
                    }
                }
            });
    }

    /** Each seam that comes up to the edge is looked up in plan, and again from the face behind. */
    private static function coincide(Plan $plan, Tie $tie): void
    {
        $edge = $plan->of(RoofStage::class)->roof->edge($tie->edge) ?? self::fail($tie->edge);
        [$one, $other] = [($plan->of(RoofStage::class)->roof->face($tie->one) ?? self::fail())->frame ?? self::fail(), ($plan->of(RoofStage::class)->roof->face($tie->other) ?? self::fail())->frame ?? self::fail()];
        [$from, $to] = [$one->toDeck($edge->from), $one->toDeck($edge->to)];
        $theirs = $plan->of(LayoutStage::class)->layouts[$tie->other]->seams;
        foreach ($plan->of(LayoutStage::class)->layouts[$tie->one]->seams as $u) {
            $share = ($u - $from->u) / ($to->u - $from->u);
            // Half a cover from the edge's ends: beyond them the other face may have ended.
            if ($share * $edge->length() > 12.0 && (1.0 - $share) * $edge->length() > 12.0 && $theirs !== []) {
                $at = $other->toDeck($one->toPlan(new Point($u, $from->v + $share * ($to->v - $from->v))))->u;
                $inside = $at > min($theirs) - 1.0 && $at < max($theirs) + 1.0;
                $inside && self::assertLessThan(1.0 / 64.0, min(array_map(static fn (float $w): float => abs($w - $at), $theirs)), "$tie->edge at $u");
            }
        }
    }

    public function test_a_gable_starts_with_equal_rips_that_meet_at_the_ridge(): void
    {
        $plan = RoofJob::plan(RoofJob::gable(500));

        self::assertSame(['balanced', 'balanced'], array_map(static fn ($l): string => $l->choice->start->value, array_values($plan->of(LayoutStage::class)->layouts)));
        self::assertEqualsWithDelta([10.0, 10.0, 10.0, 10.0], [$plan->of(LayoutStage::class)->layouts['shed.S']->leftRip, $plan->of(LayoutStage::class)->layouts['shed.S']->rightRip, $plan->of(LayoutStage::class)->layouts['shed.N']->leftRip, $plan->of(LayoutStage::class)->layouts['shed.N']->rightRip], 1e-6);
        self::assertSame(0, $plan->of(LayoutStage::class)->groups[0]->score->unmatched);
        self::assertSame(['seams-meet'], array_column($plan->of(LayoutStage::class)->groups[0]->reasons, 'code'));
    }

    public function test_what_one_face_is_nudged_the_tied_one_follows(): void
    {
        $plan = RoofJob::plan(RoofJob::gable(500), layouts: ['shed.S' => new LayoutChoice(StartKind::Balanced, nudge: 1.5)]);

        self::assertEqualsWithDelta([11.5, 8.5], [$plan->of(LayoutStage::class)->layouts['shed.S']->leftRip, $plan->of(LayoutStage::class)->layouts['shed.S']->rightRip], 1e-6);
        self::assertEqualsWithDelta([8.5, 11.5], [$plan->of(LayoutStage::class)->layouts['shed.N']->leftRip, $plan->of(LayoutStage::class)->layouts['shed.N']->rightRip], 1e-6, 'mirrored, as one looks up it');
        self::assertSame(['chosen', 'found'], $plan->of(LayoutStage::class)->groups[0]->decided);
    }

    public function test_a_pin_stays_and_says_what_it_costs(): void
    {
        $pin = new LayoutChoice(StartKind::OneEnd, true, pinned: true);
        $plan = RoofJob::plan(RoofJob::gable(500), layouts: ['shed.S' => $pin, 'shed.N' => $pin]);
        $group = $plan->of(LayoutStage::class)->groups[0];

        self::assertEqualsWithDelta([null, 4.0], [$plan->of(LayoutStage::class)->layouts['shed.S']->leftRip, $plan->of(LayoutStage::class)->layouts['shed.S']->rightRip], 1e-6);
        self::assertSame(['pinned', 'pinned'], $group->decided);
        // Both start at their own left, so across the ridge 12 in apart at the one end and 4 at the other.
        self::assertSame(31, $group->score->unmatched);
        self::assertEqualsWithDelta(4.0, $group->reasons[0]->parameters['by']->inches ?? 0.0, 1e-6);
        $unpinned = $group->unpinned ?? self::fail();
        self::assertSame([2, 0, 31], [$group->score->less($unpinned)->narrow, $group->score->less($unpinned)->keepOuts, $group->score->less($unpinned)->unmatched]);
    }

    public function test_a_face_without_entry_and_one_left_to_the_search_are_alike(): void
    {
        $left = RoofJob::plan(RoofJob::boathouse());
        $found = RoofJob::plan(RoofJob::boathouse(), layouts: ['hall.S' => new LayoutChoice(StartKind::Found)]);

        self::assertEquals($left->of(LayoutStage::class)->groups[0]->modules, $found->of(LayoutStage::class)->groups[0]->modules);
        self::assertSame('found', $found->of(LayoutStage::class)->groups[0]->decided[0]);
    }

    public function test_where_the_search_put_it_can_be_kept(): void
    {
        $group = RoofJob::plan(RoofJob::boathouse())->of(LayoutStage::class)->groups[0]->group;
        $number = $group->numberOf('hall.E') ?? self::fail();
        $at = RoofJob::plan(RoofJob::boathouse())->of(LayoutStage::class)->groups[0]->modules[$number];
        $kept = RoofJob::plan(RoofJob::boathouse(), layouts: ['hall.E' => new LayoutChoice(StartKind::Found, at: $at, pinned: true)]);

        self::assertEqualsWithDelta($at, $kept->of(LayoutStage::class)->groups[0]->modules[$number], 1e-9);
        self::assertSame('pinned', $kept->of(LayoutStage::class)->groups[0]->decided[$number]);
        self::assertContains($at, array_map(static fn (float $u): float => $u, $kept->of(LayoutStage::class)->layouts['hall.E']->seams));
    }

    public function test_ways_are_compared_best_first_and_differ_in_kind(): void
    {
        $openings = [Opening::outlined('s', 'shed.S', OpeningKind::Skylight, 'Skylight', Polygon::rectangle(204, 40, 228, 90)), Opening::pipe('p', 'shed.S', 'Vent', new Point(380, 60), 3)];
        $plan = RoofJob::plan(RoofJob::gable(500), openings: $openings);
        $alternatives = ComparedStart::compare($plan, $plan->of(RoofStage::class)->roof->faces[0]);
        $totals = array_map(static fn (ComparedStart $a): float => array_sum($a->points), $alternatives);
        $sorted = $totals;
        sort($sorted);

        self::assertEqualsWithDelta($sorted, $totals, 1e-6);
        self::assertCount(1, array_filter($alternatives, static fn (ComparedStart $a): bool => $a->option->chosen));
        self::assertTrue($alternatives[0]->option->best);
        self::assertSame(0, $alternatives[0]->option->score->keepOuts, 'a place clear of skylight and pipe exists');
        $kinds = array_map(static fn (ComparedStart $a): string => $a->option->choice->start->value.($a->option->choice->fromLeft === false ? '>' : ''), $alternatives);
        self::assertSame(count($kinds), count(array_unique($kinds)));
        $balanced = $alternatives[(int) array_search('balanced', $kinds, true)];
        self::assertContains('keep-out-beside', array_column($balanced->option->reasons, 'code'), 'a seam at 202 runs beside the skylight at 204');
    }

    public function test_across_pitches_that_differ_seams_are_not_asked_to_meet(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('hall', 0, 0, 600, 360, [6, 9, 6, 9], 12)]);
        $groups = array_map(static fn ($g): array => array_map(static fn ($f): string => $f->id, $g->group->faces), $plan->of(LayoutStage::class)->groups);

        self::assertSame([['hall.S', 'hall.N'], ['hall.E'], ['hall.W']], $groups);
        self::assertContains('pitches-differ', array_column($plan->of(LayoutStage::class)->groups[0]->reasons, 'code'));
    }

    public function test_a_ring_of_hips_is_turned_over_where_it_can_be(): void
    {
        // A square pyramid's four hips hold at once where a seam or a pan lies on the middle of every face.
        $plan = RoofJob::plan([BlockMaker::block('hall', 0, 0, 300, 300, [6, 6, 6, 6], 10)]);

        self::assertCount(4, $plan->of(LayoutStage::class)->groups[0]->group->ties);
        self::assertSame(0, $plan->of(LayoutStage::class)->groups[0]->score->unmatched);
        self::assertTrue($plan->of(LayoutStage::class)->groups[0]->proven);
    }

    public function test_groups_of_a_roof_without_ties_are_its_faces(): void
    {
        self::assertSame([], (new TieFinder(16.0))->groups(new Roof([], [], [])));
        self::assertCount(1, (new TieFinder(16.0))->groups(BlockMaker::roof([BlockMaker::block('a', 0, 0, 300, 200, [3, null, null, null])])));
    }
}
