<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\HoldDown\FixedBy;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Snow\GuardedPlace;
use Imbrex\Core\HoldDown\Snow\GuardFor;
use Imbrex\Core\HoldDown\Snow\GuardKind;
use Imbrex\Core\HoldDown\Snow\GuardRow;
use Imbrex\Core\HoldDown\Snow\SnowInput;
use Imbrex\Core\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Rows of snow guards above what lies below, what slides onto each, and what holds the panels they are on. */
final class SnowTest extends TestCase
{
    /**
     * A shed's face of 192 up 6 in 12, pans 16 wide, 30 psf. By hand: a foot of width carries 30 × run in plan × sin 26.565; from 18
     * above the eave, where the metal begins an inch past the deck, to the ridge.
     */
    public function test_one_row_by_hand(): void
    {
        $plan = self::plan(new SnowInput(30.0, GuardKind::Rail, [new GuardedPlace('b.S', 100.0, 140.0, GuardFor::Door)]));
        $hold = $plan->of(HoldDownStage::class)->faces['b.S'];
        self::assertCount(1, $hold->guards);
        $row = $hold->guards[0];
        // Whole pans: three or four of 16 touch 100 to 140.
        self::assertLessThanOrEqual(100.0, $row->from);
        self::assertGreaterThanOrEqual(140.0, $row->to);
        $pans = (int) round(($row->to - $row->from) / 16.0);
        $metal = $plan->of(CuttingStage::class)->panelsOf('b.S')[6]->metal->bounds();
        self::assertEqualsWithDelta($metal->bottom + 18.0, $row->v, 1e-6);
        [$cos, $sin] = [2.0 / sqrt(5.0), 1.0 / sqrt(5.0)];
        self::assertEqualsWithDelta(30.0 * ($metal->top - $row->v) * $cos / 12.0 * $sin * $pans * 16.0 / 12.0, $row->load, 1e-6);
        self::assertSame([($pans + 1) * 600.0, $pans + 1], [$row->capacity(), count($row->at)], 'a clamp on every seam');
    }

    public function test_rows_hold_what_slides_onto_them_and_more_snow_never_needs_fewer(): void
    {
        $places = [new GuardedPlace('hall.S', 0.0, 600.0, GuardFor::Walk), new GuardedPlace('wing.W', 40.0, 120.0, GuardFor::LowerRoof), new GuardedPlace('hall.N', 200.0, 260.0, GuardFor::Valley)];
        foreach (['snap-lock-1.5-16', 'rib-9-36', 'double-lock-2-16'] as $profile) {
            $before = 0;
            foreach ([10.0, 25.0, 60.0, 120.0] as $psf) {
                $plan = RoofJob::plan(RoofJob::boathouse(), $profile);
                $result = Plan::for($plan->job->with(new SnowInput($psf, GuardKind::Pads, $places)))->of(HoldDownStage::class);
                $rows = array_merge(...array_values(array_map(static fn ($hold): array => $hold->guards, $result->faces)));
                foreach ($rows as $row) {
                    self::assertLessThanOrEqual(1.0 + 1e-9, $row->ratio());
                    self::assertGreaterThan($row->from, $row->to);
                }
                $guards = array_sum(array_map(static fn (GuardRow $row): int => count($row->at), $rows));
                self::assertGreaterThanOrEqual($before, $guards);
                self::assertSame($guards, (int) array_sum(array_map(static fn (Supply $one): float => $one->item->name === 'pads' ? $one->amount : 0.0, $result->supplies)));
                $before = $guards;
            }
        }
    }

    /** Rows beside an eave that rises with a hip or a valley follow it, pan by pan; on random roofs none hangs over a hole or off the metal. */
    public function test_guards_stand_on_metal(): void
    {
        foreach (RandomRoof::several(10) as $random) {
            $job = $random->job();
            $places = array_map(static fn ($face): GuardedPlace => new GuardedPlace($face->id, 10.0, 200.0, GuardFor::Valley), RoofJob::faces($job));
            $plan = Plan::for($job->with(new SnowInput(40.0, GuardKind::Pads, $places)));
            foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
                foreach ($hold->guards as $row) {
                    foreach ($row->at as $guard) {
                        $on = array_filter($plan->of(CuttingStage::class)->panelsOf($id), static fn ($panel): bool => array_filter($panel->upAt($guard->u), static fn (array $part): bool => $part[0] <= $guard->v + 1e-6 && $part[1] >= $guard->v - 1e-6) !== []);
                        self::assertNotSame([], $on, "$id $guard->u $guard->v");
                    }
                }
            }
        }
    }

    public function test_what_guards_hold_ends_in_the_head(): void
    {
        $place = new GuardedPlace('b.S', 0.0, 360.0, GuardFor::Walk);
        $bare = self::plan(new SnowInput)->of(HoldDownStage::class)->faces['b.S'];
        // Two thousandths of a pound would be nothing: a panel's own weight, down the slope.
        $panel = self::plan(new SnowInput)->of(CuttingStage::class)->panelsOf('b.S')[6];
        self::assertEqualsWithDelta(1.16 * 20.0 * $panel->long / 144.0 / sqrt(5.0), $bare->fixed[6]->demand, 0.2);
        self::assertCount(3, $bare->fixed[6]->at, 'three in a pan of 16');
        $snowy = self::plan(new SnowInput(60.0, GuardKind::Pads, [$place]))->of(HoldDownStage::class)->faces['b.S'];
        $held = array_sum(array_map(static fn (GuardRow $row): float => $row->load ?? 0.0, $snowy->guards));
        $more = array_sum(array_map(static fn ($one, $two): float => $two->demand - $one->demand, $bare->fixed, $snowy->fixed));
        self::assertEqualsWithDelta($held, $more, 1e-6);
        self::assertGreaterThan(3, count($snowy->fixed[6]->at));
        self::assertLessThanOrEqual(1.0 + 1e-9, $snowy->fixed[6]->ratio());
        // More than there is room for: said, with what it comes to.
        $buried = self::plan(new SnowInput(300.0, GuardKind::Pads, [$place]));
        self::assertSame(['hold.fixed'], self::told($buried, 'hold.fixed'));
        $rivets = Plan::for($buried->job->with(new HoldDownInput(fixedBy: FixedBy::Rivets)))->of(HoldDownStage::class)->faces['b.S'];
        self::assertSame(200.0, $rivets->fixed[6]->allowable);
    }

    public function test_fixed_where_the_design_says(): void
    {
        foreach ([[FixedAt::Head, 0.9, 1.0], [FixedAt::Middle, 0.45, 0.55], [FixedAt::Foot, 0.0, 0.1]] as [$at, $least, $most]) {
            $plan = RoofJob::plan(self::shed());
            $hold = Plan::for($plan->job->with(new HoldDownInput(fixed: $at)))->of(HoldDownStage::class)->faces['b.S'];
            foreach ($plan->of(CuttingStage::class)->panelsOf('b.S') as $i => $panel) {
                $bounds = $panel->metal->bounds();
                foreach ($hold->fixed[$i]->at as $point) {
                    $share = ($point->v - $bounds->bottom) / $bounds->height();
                    self::assertTrue($share >= $least && $share <= $most && $point->u > $bounds->left && $point->u < $bounds->right);
                }
            }
        }
        // In slots one screw is driven tight.
        $strip = RoofJob::plan(self::shed(), 'nail-strip-1.5-16')->of(HoldDownStage::class)->faces['b.S'];
        self::assertCount(1, $strip->fixed[3]->at);
        $clips = array_map(static fn ($clip): array => [$clip->u, $clip->v], $strip->clips);
        self::assertContains([$strip->fixed[3]->at[0]->u, $strip->fixed[3]->at[0]->v], $clips);
        // Loose caps are crimped at their ends and at every clip.
        $cap = RoofJob::plan(self::shed(), 'cap-seam-1.375-16')->of(HoldDownStage::class)->faces['b.S'];
        self::assertCount(count($cap->clips) + 2 * count($cap->seams), $cap->crimps);
    }

    public function test_what_is_not_known_or_nowhere_is_said(): void
    {
        $nowhere = [new GuardedPlace('b.S', 900.0, 960.0, GuardFor::Door), new GuardedPlace('b.S', 60.0, 90.0, GuardFor::Door)];
        $unknown = self::plan(new SnowInput(null, GuardKind::Pads, $nowhere));
        self::assertSame(['snow.no-load', 'snow.nowhere'], [...self::told($unknown, 'snow.no-load'), ...self::told($unknown, 'snow.nowhere')]);
        self::assertNull($unknown->of(HoldDownStage::class)->faces['b.S']->guards[0]->load);
        self::assertSame(['snow.estimate'], self::told(self::plan(new SnowInput(30.0, GuardKind::Pads, $nowhere)), 'snow.estimate'));
        self::assertSame([], array_filter(self::plan(new SnowInput)->of(HoldDownStage::class)->findings(), static fn (Finding $one): bool => str_starts_with($one->code, 'snow.')));
    }

    private static function plan(SnowInput $snow): Plan
    {
        return Plan::for(RoofJob::plan(self::shed())->job->with($snow));
    }

    /** @return list<\Imbrex\Core\Roof\Block> */
    private static function shed(): array
    {
        return [BlockMaker::block('b', 0, 0, 360, 2 * 192 / sqrt(1.25), [6, null, 6, null])];
    }

    /** @return list<string> */
    private static function told(Plan $plan, string $code): array
    {
        return array_map(static fn (Finding $one): string => $one->code, RoofJob::findings($plan, $code));
    }
}
