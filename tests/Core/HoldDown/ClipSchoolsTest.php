<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\HoldDown\Carrier;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\ClipBook;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FixedBy;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownResult;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\Internal\UpliftLine;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\Seam;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\RoofInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** How each school spaces clips on a face one can measure: 360 wide, 192 up the slope at 6 in 12. */
final class ClipSchoolsTest extends TestCase
{
    public function test_uniform_keeps_one_number_and_its_ends(): void
    {
        foreach ([16.0, 24.0, 36.0] as $spacing) {
            $hold = self::held(new HoldWish(ClipSchool::Uniform, $spacing));
            foreach ($hold->seams as $seam) {
                $at = self::up($hold, $seam);
                [$low, $high] = $seam->stretches[0];
                self::assertEqualsWithDelta([min(10.0, $spacing / 2.0), min(10.0, $spacing / 2.0)], [$at[0] - $low, $high - $at[count($at) - 1]], 1e-6);
                self::assertLessThanOrEqual($spacing + 1e-6, max(self::gaps($at)));
                // No fewer would do.
                self::assertGreaterThan($spacing, ($at[count($at) - 1] - $at[0]) / (count($at) - 2));
            }
        }
    }

    /** Under a hip each seam ends elsewhere; its clips stand on halves all the same, and as close as without. */
    public function test_clips_stand_at_heights_one_chalks(): void
    {
        $blocks = [BlockMaker::block('b', 0, 0, 560, 333, [7, 7, 7, 7])];
        foreach ([[0.5, 24.0], [0.25, 16.0], [10.0 / 25.4, 24.0], [0.0, 24.0]] as [$chalk, $spacing]) {
            $plan = RoofJob::plan($blocks, rules: ['hold.chalk' => $chalk, 'hold.uniform' => $spacing]);
            [$on, $all] = [0, 0];
            foreach ($plan->of(HoldDownStage::class)->faces as $hold) {
                foreach ($hold->seams as $seam) {
                    $at = self::up($hold, $seam);
                    self::assertLessThanOrEqual($spacing + 1e-5, max(self::gaps($at)));
                    $all += count($at);
                    $on += count(array_filter($at, static fn (float $v): bool => $chalk > 0.0 && abs($v / $chalk - round($v / $chalk)) < 1e-6));
                    $high = $seam->stretches[0][1] - $seam->stretches[0][0] < 21.0 ? INF : 10.0 + 1e-6;
                    self::assertLessThanOrEqual($high, $seam->stretches[0][1] - $at[count($at) - 1]);
                }
            }
            // A multiple of 10 mm is none of 24: there a gap would come out too wide now and then.
            self::assertGreaterThanOrEqual($chalk === 0.0 ? 0.0 : ($chalk === 10.0 / 25.4 ? 0.6 : 0.95), $on / $all, "$chalk");
        }
    }

    /** Three panels from either rake, and 48 above the eave, stand 12 apart; the field 24. */
    public function test_dense_edges_stand_close_at_rakes_and_eave(): void
    {
        $hold = self::held(new HoldWish(ClipSchool::Dense));
        foreach ($hold->seams as $seam) {
            $at = self::up($hold, $seam);
            self::assertLessThanOrEqual(5.0 + 1e-6, $at[0] - $seam->stretches[0][0]);
            foreach (array_slice(self::gaps($at), 1) as $i => $gap) {
                $isDense = $seam->panels <= 3 || $at[$i] < $seam->stretches[0][0] + 48.0 - 1e-6;
                self::assertLessThanOrEqual(($isDense ? 12.0 : 24.0) + 1e-6, $gap);
            }
        }
        $counts = array_map(static fn (Seam $seam): int => count(self::up($hold, $seam)), $hold->seams);
        self::assertGreaterThan($counts[10], $counts[0], 'more beside the rake than in the field');
        self::assertSame($counts[0], $counts[2]);
    }

    /** Old shingles of 5: a clip on a butt, never farther apart than 24, so on every fourth or nearer. */
    public function test_on_the_courses_clips_stand_on_butts(): void
    {
        $plan = RoofJob::plan(self::shed());
        $roof = $plan->job->part(RoofInput::class);
        foreach ([[5.0, 20.0], [5.625, 22.5], [7.0, 21.0]] as [$exposure, $most]) {
            $job = $plan->job->with(new RoofInput($roof->blocks, [], [], decks: ['b.S' => new Deck(DeckKind::OldShingles, $exposure)]))->with(new HoldDownInput(usual: new HoldWish(ClipSchool::Courses)));
            $hold = Plan::for($job)->of(HoldDownStage::class)->faces['b.S'];
            foreach ($hold->clips as $clip) {
                $courses = $clip->v / $exposure;
                self::assertEqualsWithDelta(round($courses), $courses, 1e-6, "$exposure");
            }
            foreach ($hold->seams as $seam) {
                self::assertLessThanOrEqual($most + 1e-6, max(self::gaps(self::up($hold, $seam))));
            }
        }
    }

    public function test_nail_strips_have_a_screw_in_a_slot_every_foot(): void
    {
        $result = RoofJob::plan(self::shed(), 'nail-strip-1.5-16')->of(HoldDownStage::class);
        $hold = $result->faces['b.S'];
        self::assertNull($hold->clip);
        self::assertSame([1, 110.0], [$hold->screwsAClip, $hold->allowable]);
        foreach ($hold->seams as $seam) {
            self::assertLessThanOrEqual(12.0 + 1e-6, max(self::gaps(self::up($hold, $seam))));
        }
        self::assertSame(count($hold->clips) + count($result->faces['b.N']->clips), (int) self::ordered($result, SupplyKind::Fastener, 'pancake'));
    }

    public function test_what_a_clip_may_carry_goes_by_its_screws_its_deck_and_ones_own_report(): void
    {
        self::assertSame([150.0, 200.0, 90.0, 120.0], [
            ClipBook::shipped()->allowable(2, DeckKind::Plywood), ClipBook::shipped()->allowable(3, DeckKind::Boards), ClipBook::shipped()->allowable(2, DeckKind::StrandBoard), ClipBook::shipped()->allowable(3, DeckKind::StrandBoard),
        ]);
        self::assertSame([300.0, 300.0, 66.0], [ClipBook::shipped()->carries(Carrier::PullOver, DeckKind::Plywood), ClipBook::shipped()->carries(Carrier::PullOver, DeckKind::StrandBoard), ClipBook::shipped()->carries(Carrier::Screw, DeckKind::StrandBoard)]);
        self::assertSame(150.0, self::held(new HoldWish)->allowable);
        self::assertSame(200.0, self::held(new HoldWish(screws: 3))->allowable);
        self::assertSame(3, self::held(new HoldWish(clip: 'gable'))->screwsAClip, 'a gable clip has three holes');
        self::assertSame(175.0, Plan::for(RoofJob::plan(self::shed())->job->with(new HoldDownInput(clipAllowable: 175.0)))->of(HoldDownStage::class)->faces['b.S']->allowable);
    }

    /** A face's own wish goes before the job's, and says only what differs. */
    public function test_a_face_can_be_held_otherwise(): void
    {
        $input = new HoldDownInput(usual: new HoldWish(ClipSchool::Uniform, 36.0, 'raised'), faces: ['b.N' => new HoldWish(spacing: 16.0)]);
        $faces = Plan::for(RoofJob::plan(self::shed())->job->with($input))->of(HoldDownStage::class)->faces;
        self::assertSame(['raised', 'raised'], [$faces['b.S']->clip?->key, $faces['b.N']->clip?->key]);
        self::assertGreaterThan(count($faces['b.S']->clips) * 2, count($faces['b.N']->clips));
    }

    /** Clips, their screws, the fixed points, the slip sheet under flat clips, by hand for 22 pans of 16 and two rips. */
    public function test_the_order_holds_what_stands(): void
    {
        $flat = Plan::for(RoofJob::plan(self::shed())->job)->of(HoldDownStage::class);
        $clips = array_sum(array_map(static fn (FaceHold $hold): int => count($hold->clips), $flat->faces));
        self::assertSame((float) $clips, self::ordered($flat, SupplyKind::Clip, 'flat'));
        // Both faces, 360 × 192, in a sheet that covers 33.
        self::assertEqualsWithDelta(2 * 360.0 * 192.0 / 33.0, self::ordered($flat, SupplyKind::SlipSheet, 'slip-sheet'), 1.0);
        $raised = Plan::for(RoofJob::plan(self::shed())->job->with(new HoldDownInput(usual: new HoldWish(clip: 'raised'), fixedBy: FixedBy::Rivets)))->of(HoldDownStage::class);
        self::assertSame(0.0, self::ordered($raised, SupplyKind::SlipSheet, 'slip-sheet'), 'air under the panel wants none');
        self::assertSame(2.0 * $clips, self::ordered($raised, SupplyKind::Fastener, 'hex'));
        self::assertGreaterThan(0.0, self::ordered($raised, SupplyKind::Fastener, 'rivet'));
        self::assertSame(0.0, self::ordered($raised, SupplyKind::Fastener, 'pancake'));
    }

    public function test_a_strip_of_roof_carries_what_its_zones_pull(): void
    {
        $line = new UpliftLine([[0.0, 40.0, WindZone::Edge], [40.0, 150.0, WindZone::Field], [150.0, 192.0, WindZone::Corner]], 16.0, Pressures::given(['field' => 10.0, 'edge' => 20.0, 'corner' => 30.0]), 26.565);
        // 24 of edge and 12 of field, a foot and a third wide.
        self::assertEqualsWithDelta((24.0 * 20.0 + 12.0 * 10.0) * 16.0 / 144.0, $line->pounds(16.0, 52.0), 1e-9);
        self::assertEqualsWithDelta(36.0 * 16.0 / 144.0, $line->squareFeet(16.0, 52.0), 1e-9);
        // On the line between two the harder one.
        self::assertSame([WindZone::Edge, WindZone::Edge, WindZone::Field, WindZone::Corner], array_map($line->zoneAt(...), [10.0, 40.0, 41.0, 190.0]));
        self::assertNull((new UpliftLine([[0.0, 40.0, WindZone::Edge]], 16.0, null, 26.565))->pounds(0.0, 10.0));
    }

    public function test_metals_that_steel_does_not_hold_want_stainless(): void
    {
        $codes = static fn (HoldDownResult $result): array => array_map(static fn (Finding $one): string => $one->code, $result->findings());
        self::assertNotContains('hold.stainless', $codes(RoofJob::plan(self::shed())->of(HoldDownStage::class)));
        $shore = new HoldDownInput(estimate: new \Imbrex\Core\HoldDown\EstimateWish(\Imbrex\Core\HoldDown\Exposure::Shore, 120.0));
        self::assertContains('hold.stainless', $codes(Plan::for(RoofJob::plan(self::shed())->job->with($shore))->of(HoldDownStage::class)));
    }

    /** @return list<\Imbrex\Core\Roof\Block> */
    private static function shed(): array
    {
        return [BlockMaker::block('b', 0, 0, 360, 2 * 192 / sqrt(1.25), [6, null, 6, null])];
    }

    private static function held(HoldWish $wish): FaceHold
    {
        return Plan::for(RoofJob::plan(self::shed())->job->with(new HoldDownInput(usual: $wish)))->of(HoldDownStage::class)->faces['b.S'];
    }

    /** @return list<float> */
    private static function up(FaceHold $hold, Seam $seam): array
    {
        return array_values(array_map(static fn (Clip $clip): float => $clip->v, array_filter($hold->clips, static fn (Clip $clip): bool => $clip->seam === $seam->number)));
    }

    /**
     * @param  list<float>  $at
     * @return non-empty-list<float>
     */
    private static function gaps(array $at): array
    {
        return [0.0, ...array_map(static fn (float $low, float $high): float => $high - $low, array_slice($at, 0, -1), array_slice($at, 1))];
    }

    private static function ordered(HoldDownResult $result, SupplyKind $kind, string $key): float
    {
        return array_sum(array_map(static fn (Supply $one): float => $one->item->kind === $kind && $one->item->name === $key ? $one->amount : 0.0, $result->supplies));
    }
}
