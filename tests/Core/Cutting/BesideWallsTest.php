<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Survey\Plane;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** Pieces beside walls and openings, by hand: each has its own metal, turn-up and legs, and nothing of its neighbour's. */
final class BesideWallsTest extends TestCase
{
    private const RECTANGLE = [[0, 0], [240, 0], [240, 200], [0, 200]];

    /** @return list<array{float, float}> where the wall stands, and how wide the panel that turns up at it is */
    public static function walls(): array
    {
        // 3/8 of leg, metal from 112 to half an inch short of the wall, 1-1/2 turned up.
        return [[127.5, 0.375 + 15.0 + 1.5], [128.0, 0.375 + 15.5 + 1.5]];
    }

    #[DataProvider('walls')]
    public function test_a_turn_up_belongs_whole_to_the_panel_that_makes_it(float $at, float $width): void
    {
        $corners = [[0, 0], [240, 0], [240, 96], [$at, 96], [$at, 200], [0, 200]];
        $edges = 'eave rake headwall sidewall ridge rake';
        $plan = self::plan($corners, $edges, self::oneEnd());
        $beside = $plan->of(CuttingStage::class)->panel('P1-8') ?? self::fail();
        $next = $plan->of(CuttingStage::class)->panel('P1-9') ?? self::fail();

        // 200 less nothing at the ridge, an inch past the eave and an inch of hem; 96 less an inch at the headwall.
        self::assertEqualsWithDelta([202.0, $width], [$beside->long, $beside->sheet->bounds()->width()], 1e-9);
        self::assertEqualsWithDelta([97.0, 99.0], [$next->long, $next->orderLength], 1e-9);
        self::assertTrue($beside->cutRight);
        self::assertContains('turn-up', array_map(static fn (Mark $m): string => $m->name, RoofJob::card($plan, $beside)->marks));
        self::assertCount(1, RoofJob::findings($plan, 'layout.keep-out-wall'), 'the seam is too near the wall');
        self::assertSame([], RoofJob::findings(self::plan($corners, $edges), 'layout.keep-out-wall'), 'the search prefers another place');
    }

    /** @return list<array{float}> */
    public static function curbs(): array
    {
        return [[33.6], [33.5]];
    }

    #[DataProvider('curbs')]
    public function test_legs_and_hems_do_not_bridge_an_opening(float $width): void
    {
        $curb = Opening::outlined('c', 'P1', OpeningKind::Curb, 'Curb', Polygon::rectangle(94, 80, 94 + $width, 110));
        $plan = self::plan(self::RECTANGLE, 'eave rake ridge rake', self::oneEnd(), [$curb]);

        // Below it from an inch past the eave to half an inch short, and an inch of hem; above it from 4 in on.
        self::assertEqualsWithDelta([83.5, 88.0], [$plan->of(CuttingStage::class)->panel('P1-8')?->orderLength, $plan->of(CuttingStage::class)->panel('P1-8b')?->orderLength], 1e-9);
        $beside = $plan->of(CuttingStage::class)->panel('P1-9') ?? self::fail();
        self::assertEqualsWithDelta(204.0, $beside->orderLength, 1e-9);
        self::assertCount(8, $beside->sheet->corners, 'its leg is cut away beside the curb');
        self::assertNull(RoofJob::card($plan, $beside)->lengths);
    }

    public function test_a_piece_notched_by_a_dormer_is_not_made_from_two_lengths(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('hall', 0, 0, 480, 320, [8, null, 8, null], [12, 9, 12, 9], 108), BlockMaker::block('dormer', 150, 48, 72, 112, [null, 6, null, 6], 0, 168)]);
        $panel = $plan->of(CuttingStage::class)->panel('hall.S-11') ?? self::fail();
        $card = RoofJob::card($plan, $panel);

        self::assertEqualsWithDelta(208.72, $panel->long, 0.005);
        self::assertEqualsWithDelta($panel->long, $panel->short, 1e-9);
        self::assertNull($card->lengths);
        // The notch reaches one edge only: the other runs through.
        self::assertSame([1, 2], [count($card->sides(false)), count($card->sides(true))]);
    }

    public function test_end_laps_keep_within_the_limit_beside_an_opening(): void
    {
        $own = get_object_vars(Catalogue::shipped()->profile('snap-lock-1.5-16'));
        $curb = Opening::outlined('c', 'P1', OpeningKind::Curb, 'Curb', Polygon::rectangle(20, 180, 40, 200));
        $plan = self::plan([[0, 0], [64, 0], [64, 600], [0, 600]], 'eave rake ridge rake', self::oneEnd(), [$curb], new Profile(...[...$own, 'longest' => 240.0]));

        self::assertCount(12, $plan->of(CuttingStage::class)->panels);
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            self::assertLessThanOrEqual(240.0, $panel->orderLength, $panel->id);
        }
        self::assertSame([], RoofJob::findings($plan, 'cut.lap-near-opening'));
    }

    public function test_a_clearance_that_ends_right_at_the_eave_leaves_a_sound_outline(): void
    {
        // 3 in clear below a skylight that stands 2 in up: to an inch past the eave, where metal ends.
        $skylight = Opening::outlined('s', 'P1', OpeningKind::Skylight, 'Skylight', Polygon::rectangle(40, 2, 64, 40));
        $plan = self::plan(self::RECTANGLE, 'eave rake ridge rake', self::oneEnd(), [$skylight]);
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            self::assertNull($panel->metal->crossing(), $panel->id);
            self::assertNull($panel->sheet->crossing(), $panel->id);
        }
        // 4 in clear above it.
        self::assertEqualsWithDelta(156.0, $plan->of(CuttingStage::class)->panel('P1-4')?->long, 1e-9);
    }

    public function test_valley_pieces_beside_a_short_eave_keep_their_hem(): void
    {
        $corners = [[0, 0], [60, 0], [120, 67], [180, 0], [186, 0], [246, 67], [306, 0], [400, 0], [400, 150], [0, 150]];
        $plan = self::plan($corners, 'eave valley valley eave valley valley eave rake ridge rake', rise: 6.0);
        $valleys = 0;
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            $card = RoofJob::card($plan, $panel);
            $names = array_count_values(array_map(static fn (Mark $m): string => $m->name, $card->marks));
            if (isset($names['valley'])) {
                self::assertTrue($card->fromHead, $panel->id);
                self::assertSame($names['valley'], $names['valley-hem'] ?? 0, $panel->id);
                $valleys++;
            }
        }
        self::assertGreaterThan(12, $valleys);
    }

    public function test_a_layout_is_weighed_by_the_metal_it_takes(): void
    {
        $hipped = [[0, 0], [300, 0], [200, 150], [0, 150]];
        [$found, $forced] = [self::plan($hipped, 'eave hip ridge rake', rise: 6.0), self::plan($hipped, 'eave hip ridge rake', self::oneEnd(), rise: 6.0)];

        self::assertEqualsWithDelta(340.83, $forced->of(LayoutStage::class)->groups[0]->score->squareFeet, 0.005);
        self::assertEqualsWithDelta($forced->of(LayoutStage::class)->groups[0]->score, $found->of(LayoutStage::class)->groups[0]->score, 1e-6);
    }

    private static function oneEnd(): LayoutChoice
    {
        return new LayoutChoice(StartKind::OneEnd, true);
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @param  list<Opening>  $openings
     */
    private static function plan(array $corners, string $edges, ?LayoutChoice $choice = null, array $openings = [], string|Profile $profile = 'snap-lock-1.5-16', float $rise = 5.0): Plan
    {
        $outline = Polygon::of(array_map(static fn (array $c): Point => new Point((float) $c[0], (float) $c[1]), $corners));
        $plane = new Plane('P1', 'Plane', $outline, array_map(EdgeKind::from(...), explode(' ', $edges)), [], $rise);

        return Plan::for(JobMaker::of([$plane], $profile, $choice === null ? [] : ['P1' => $choice], openings: $openings));
    }
}
