<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Builds\Adaptation;
use Imbrex\Core\Builds\EdgeWish;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\Family;
use Imbrex\Core\Ground\Catalogue\Hand;
use Imbrex\Core\Ground\Catalogue\Hold;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Deck;
use Imbrex\Core\Roof\DeckKind;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\FromRake;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\Uphill;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Core\Trims\TrimsStage;
use Imbrex\Core\Water\Catchment;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\Flow;
use Imbrex\Core\Water\WaterStage;
use Imbrex\Core\Water\WaterWay;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** What is built behind openings: crickets as real faces, panels laid sideways as real panels. */
final class UphillTest extends TestCase
{
    /** Half way up a slope of 6 in 12 with a plan run of 20 ft. */
    private const HALF = 134.16407864998737;

    /**
     * A chimney 60 wide on 6 in 12 with faces of 6: the ridge is 30 · 6/12 = 15 higher than the corners and runs 30 back;
     * the valleys are √(30² + 30² + 15²) = 45 long, at 41.81 to the rib (30 across, 30 · √1.25 = 33.54 up).
     */
    public function test_a_cricket_is_two_faces_under_a_ridge(): void
    {
        $plan = self::behind(60.0, UphillSchool::Cricket);
        $roof = $plan->of(RoofStage::class)->roof;
        $lengths = [];
        foreach ($roof->edges as $edge) {
            if (str_contains($edge->id, 'c.')) {
                $lengths[$edge->id] = [$edge->kind->value, round($edge->length(), 3), $edge->fromHeight, $edge->toHeight];
            }
        }
        self::assertEqualsWithDelta([
            'valley-shed.S-c.L' => ['valley', 45.0, 168.0, 183.0],
            'valley-shed.S-c.R' => ['valley', 45.0, 183.0, 168.0],
            'ridge-c.L-c.R' => ['ridge', 30.0, 183.0, 183.0],
            'sidewall-c.L' => ['sidewall', 33.541, 168.0, 183.0],
            'sidewall-c.R' => ['sidewall', 33.541, 183.0, 168.0],
        ], $lengths, 1e-6);
        // Each face is half of 30 by 33.54, as much as it takes from the roof.
        self::assertEqualsWithDelta([30.0 * 33.541 / 288.0, 480.0 * 2.0 * 268.328 / 144.0], [$roof->face('c.L')?->areaSquareFeet(), $roof->areaSquareFeet()], 1e-2);
        self::assertSame('Chimney L-1', $roof->face('c.L')?->pieceName('c.L-1'));
        // Its valleys keep a reveal of their own; others are as they were.
        self::assertSame(6.0, $plan->of(EdgesStage::class)->edges['valley-shed.S-c.L']->own->reveal());
    }

    public function test_a_crickets_panels_and_the_roofs_round_it_are_cut_like_any_others(): void
    {
        $plan = self::behind(60.0, UphillSchool::Cricket);
        $panels = self::panels($plan, 'c.L');
        // Its deck is 30 along the wall's line and 33.541 up; half an inch clear of the wall, the reveal of 6 is 9 along the rib.
        self::assertCount(2, $panels);
        self::assertEqualsWithDelta([30.0 - 0.5 - 9.0 * 30.0 / 33.541, 33.541 - 9.0 - 0.5 * 33.541 / 30.0], [self::span($panels, 'width'), self::span($panels, 'height')], 0.01);
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            self::assertGreaterThanOrEqual($panel->long, $panel->orderLength, $panel->id);
        }
        $runs = array_filter($plan->of(TrimsStage::class)->runs, static fn ($run): bool => $run->edge->id === 'valley-shed.S-c.L' && $run->shape->key === 'valley-pan');
        // 45, 8 over the panel beside at the foot; at the head past where the cleats of the panels above meet, 6 + 2-1/2 over 30/33.541, and 1/4 to be cut.
        self::assertEqualsWithDelta([45.0 + 8.0 + 8.5 * 33.541 / 30.0 + 0.25], array_column(array_values($runs), 'length'), 1e-3);
    }

    public function test_water_is_parted_by_a_cricket_and_comes_down_beside_the_chimney(): void
    {
        $plan = self::behind(60.0, UphillSchool::Cricket);
        // 5 ft wide, 10 ft of run above it.
        self::assertEqualsWithDelta([25.0, 25.0], [self::flow($plan, 'valley-shed.S-c.L')->squareFeet, self::flow($plan, 'valley-shed.S-c.R')->squareFeet], 1e-6);
        self::assertSame([], RoofJob::findings($plan, 'water.cricket'));
        self::assertCount(1, RoofJob::findings(self::behind(60.0, UphillSchool::Apron), 'water.cricket'));
        $path = Catchment::of($plan)->runoff->from('shed.S', 215.0, 250.0);
        self::assertSame([WaterWay::Pan, WaterWay::Valley, WaterWay::Pan, WaterWay::Eave], array_map(static fn (DropStep $step): WaterWay => $step->on, $path->steps ?? []));
        self::assertSame(DropEnd::Eave, $path?->end);
        self::assertLessThan(200.0, $path->steps[2]->from->u);
    }

    public function test_a_cricket_needs_room_and_an_opening_that_stands_square(): void
    {
        // Half of 60 at 24 in 12 runs back 120 in plan, which is as far as the ridge.
        self::assertNotNull(self::behind(60.0, UphillSchool::Cricket, 23.9)->of(RoofStage::class)->roof->face('c.L'));
        $tall = self::behind(60.0, UphillSchool::Cricket, 24.1);
        self::assertCount(1, RoofJob::findings($tall, 'roof.cricket-room'));
        self::assertCount(2, $tall->of(RoofStage::class)->roof->faces);
        $vent = Opening::pipe('p', 'shed.S', 'Pipe', new Point(230.0, self::HALF + 10.0), 4.0);
        self::assertCount(1, RoofJob::findings(self::behind(60.0, UphillSchool::Cricket, others: [$vent]), 'roof.cricket-room'));
        $skew = Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::of([new Point(200, 60), new Point(230, 70), new Point(220, 100), new Point(190, 90)]));
        foreach ([UphillSchool::Cricket, UphillSchool::Cross] as $school) {
            $plan = RoofJob::plan(RoofJob::gable(480.0, 480.0), openings: [$skew->shedding(new Uphill($school))]);
            self::assertCount(1, RoofJob::findings($plan, 'roof.uphill-skew'));
            self::assertCount(2, $plan->of(RoofStage::class)->roof->faces);
        }
    }

    /** A curb 48 wide: the ground is 6 wider on both sides; from the wall, half an inch clear, to the ridge 133.66 in panels of 16. */
    public function test_panels_laid_sideways_go_from_the_opening_up_to_the_ridge(): void
    {
        $plan = self::behind(48.0, UphillSchool::Cross);
        $panels = self::panels($plan, 'c.X');
        self::assertSame(range(1, 9), array_map(static fn (Panel $panel): int => $panel->strip->laid, $panels));
        // 60, half an inch past both zees, folded down an inch at both.
        self::assertEqualsWithDelta(array_fill(0, 9, 63.0), array_map(static fn (Panel $panel): float => $panel->long, $panels), 1e-6);
        self::assertEqualsWithDelta(self::HALF - 0.5 - 8 * 16.0, $panels[8]->rip, 1e-6);
        self::assertTrue($panels[8]->cutRight);
        // The field's panels end below the curb, or go on two inches under the zees beside it.
        $field = self::panels($plan, 'shed.S');
        foreach ($field as $panel) {
            foreach ($panel->metal->corners as $corner) {
                self::assertFalse($corner->u > 196.001 && $corner->u < 251.999 && $corner->v > self::HALF + 0.001, "$panel->id runs under the sideways panels");
            }
        }
        $frame = $plan->of(RoofStage::class)->roof->face('c.X')?->frame;
        self::assertNotNull($frame);
        // Its frame is turned: v runs across the slope, u up it.
        [$a, $b] = [$frame->plane->at($frame->toPlan(new Point(0.0, 10.0))), $frame->plane->at($frame->toPlan(new Point(0.0, 50.0)))];
        self::assertEqualsWithDelta($a, $b, 1e-9);
        self::assertEqualsWithDelta(10.0 * 0.5 / sqrt(1.25), $frame->plane->at($frame->toPlan(new Point(10.0, 10.0))) - $a, 1e-9);
        // Their clips lie along their own seams: eight of them.
        $seams = array_unique(array_map(static fn (Clip $clip): string => (string) $clip->u, $plan->of(HoldDownStage::class)->faces['c.X']->clips));
        self::assertLessThanOrEqual(9, count($seams));
        self::assertNotSame([], $seams);
    }

    public function test_what_is_built_behind_an_opening_lies_on_the_deck_it_stands_on(): void
    {
        foreach ([UphillSchool::Cricket, UphillSchool::Cross] as $school) {
            $job = self::behind(48.0, $school)->job;
            $input = $job->part(RoofInput::class);
            $decks = Plan::for($job->with(new RoofInput($input->blocks, [], $input->openings, ['shed.S' => new Deck(DeckKind::StrandBoard)])))->of(RoofStage::class)->decks;
            self::assertSame($school === UphillSchool::Cross ? ['shed.S', 'c.X'] : ['shed.S', 'c.L', 'c.R'], array_keys($decks));
            self::assertSame([DeckKind::StrandBoard], array_values(array_unique(array_column($decks, 'kind'), SORT_REGULAR)));
        }
    }

    public function test_with_the_other_hand_they_lie_the_other_way_round_in_the_same_order(): void
    {
        $plan = self::behind(48.0, UphillSchool::Cross);
        $turned = self::behind(48.0, UphillSchool::Cross, profile: new Profile(
            key: 'own',
            family: Family::SnapLock,
            cover: 16,
            height: 1.5,
            leftMetal: 0.25,
            rightMetal: 0.375,
            coil: 20,
            hand: Hand::FemaleRight,
            mayTurn: false,
            leastPitch: 3,
            hold: new Hold(HoldKind::Clip, 0),
            fieldScrews: [],
            endScrews: [],
            ribs: [0, 16],
            stitchSpacing: 0,
            shortest: 24,
            longest: 540,
            representative: false,
        ));
        $up = static function (Plan $plan): array {
            $face = $plan->of(RoofStage::class)->roof->face('c.X');
            $heights = [];
            foreach (self::panels($plan, 'c.X') as $panel) {
                $heights[$panel->strip->laid] = round($face?->frame?->plane->at($face->frame->toPlan($panel->metal->insidePoint())) ?? 0.0, 3);
            }
            ksort($heights);

            return $heights;
        };
        self::assertSame($up($plan), $up($turned));
        $rising = $up($plan);
        sort($rising);
        self::assertSame(array_values($up($plan)), $rising);
    }

    public function test_water_leaves_panels_laid_sideways_at_their_ends(): void
    {
        $plan = self::behind(48.0, UphillSchool::Cross);
        $path = Catchment::of($plan)->runoff->fromAbove(new Point(210.0, 200.0));
        self::assertSame([WaterWay::Across, WaterWay::SideZee, WaterWay::Pan, WaterWay::Eave], array_map(static fn (DropStep $step): WaterWay => $step->on, $path->steps ?? []));
        // It lands on the nearer side, beside the zee at 194.
        self::assertEqualsWithDelta(193.5, $path?->steps[2]->from->u, 1e-6);
        self::assertEqualsWithDelta(1600.0, $plan->of(WaterStage::class)->squareFeet, 1e-6);
        $eaves = array_sum(array_map(static fn (Flow $flow): float => $flow->of === 'eave' ? $flow->squareFeet : 0.0, $plan->of(WaterStage::class)->flows));
        self::assertEqualsWithDelta(1600.0, $eaves, 1e-6);
    }

    public function test_the_side_zee_sheds_and_is_found_out_where_it_would_not(): void
    {
        $built = self::behind(48.0, UphillSchool::Cross)->of(EdgesStage::class)->edges['cross-end-c.X-shed.S'];
        self::assertSame([EdgeKind::CrossEnd, 'side-zee', []], [$built->edge->kind, $built->build->key, $built->faults]);
        $wish = new EdgeWish(adaptation: new Adaptation(['membrane', 'side-zee', 'panel', 'tape', 'tape-over', 'fill-board', 'panel-lower']));
        $curb = self::opening(48.0)->shedding(new Uphill(UphillSchool::Cross));
        $reversed = RoofJob::plan(RoofJob::gable(480.0, 480.0), openings: [$curb], wishes: ['cross-end-c.X-shed.S' => $wish]);
        self::assertNotSame([], $reversed->of(EdgesStage::class)->edges['cross-end-c.X-shed.S']->faults);
        self::assertSame(DropEnd::Entered, Catchment::of($reversed)->runoff->fromAbove(new Point(240.0, 200.0))?->end);
    }

    public function test_they_need_a_ridge_above_and_seams(): void
    {
        self::assertCount(1, RoofJob::findings(self::behind(48.0, UphillSchool::Cross, profile: 'rib-9-36'), 'roof.cross-exposed'));
        $vent = Opening::pipe('p', 'shed.S', 'Pipe', new Point(230.0, 240.0), 4.0);
        self::assertCount(1, RoofJob::findings(self::behind(48.0, UphillSchool::Cross, others: [$vent]), 'roof.cross-room'));
        $hipped = RoofJob::plan(RoofJob::boathouse(), openings: [Opening::outlined('c', 'hall.S', OpeningKind::Curb, 'Curb', Polygon::rectangle(60, 20, 100, 50))->shedding(new Uphill(UphillSchool::Cross))]);
        self::assertCount(1, RoofJob::findings($hipped, 'roof.cross-room'));
    }

    /** Panels, sideways panels, the opening and what is kept clear of it: nothing of the face is left bare. */
    public function test_panels_sideways_panels_and_opening_cover_the_face(): void
    {
        foreach ([30.0, 48.0, 77.0] as $width) {
            $plan = self::behind($width, UphillSchool::Cross);
            $roof = $plan->of(RoofStage::class)->roof;
            $frame = $roof->face('shed.S')?->frame;
            $across = $roof->face('c.X')?->frame;
            self::assertNotNull($frame);
            self::assertNotNull($across);
            $covered = $kept = 0;
            foreach (range(0, 2399) as $i) {
                // A grid out of step with the seams, an inch inside the rakes and the ridge.
                $at = new Point(1.0 + ($i % 60) * 478.0 / 59.0, 1.0 + intdiv($i, 60) * 266.0 / 39.0);
                $side = $across->toDeck($frame->toPlan($at));
                $isCovered = array_filter($plan->of(CuttingStage::class)->panels, static fn (Panel $panel): bool => ($panel->face === 'shed.S' && $panel->metal->contains($at)) || ($panel->face === 'c.X' && $panel->metal->contains($side))) !== [];
                $isKept = $at->u > 199.0 && $at->u < 201.0 + $width && $at->v > self::HALF - 31.0 && $at->v < self::HALF + 0.6;
                self::assertTrue($isCovered || $isKept, "bare at $at->u $at->v");
                $covered += (int) $isCovered;
                $kept += (int) ($isKept && ! $isCovered);
            }
            self::assertGreaterThan(2000, $covered);
            self::assertGreaterThan(5, $kept);
        }
    }

    /** On a face whose left rake leans 4 in 100 out, 30 square to it is 30 / cos of that lean along the eave, from where the rake is. */
    public function test_an_opening_is_taped_square_to_a_rake_out_of_square(): void
    {
        $outline = Polygon::of([new Point(0, 0), new Point(300, 0), new Point(300, 200), new Point(8, 200)]);
        $face = new Face('f', 'F', Pitch::ofRise(4), $outline, [EdgeKind::Eave, EdgeKind::Rake, EdgeKind::Ridge, EdgeKind::Rake]);
        $curb = Opening::outlined('c', 'f', OpeningKind::Curb, 'Curb', Polygon::rectangle(100, 50, 130, 90));
        // The nearest corner is the upper left one: there the rake is at 90 · 8 / 200 = 3.6.
        $lean = cos(atan2(8.0, 200.0));
        self::assertEqualsWithDelta(96.4 * $lean, $curb->offRake($face, true), 1e-9);
        self::assertEqualsWithDelta(170.0, $curb->offRake($face, false), 1e-9);
        $moved = $curb->taped(new FromRake(true, 30.0))->on($face);
        self::assertEqualsWithDelta(3.6 + 30.0 / $lean, $moved->outline->bounds()->left, 1e-9);
        self::assertEqualsWithDelta(30.0, $moved->offRake($face, true), 1e-9);
        self::assertEqualsWithDelta(40.0, $curb->taped(new FromRake(false, 40.0))->on($face)->offRake($face, false), 1e-9);
        $pipe = Opening::pipe('p', 'f', 'Pipe', new Point(50, 100), 4.0)->taped(new FromRake(false, 60.0))->on($face);
        self::assertEqualsWithDelta(240.0, $pipe->centre()->u, 1e-9, 'the middle of a pipe');
    }

    /** On random roofs whatever is built behind openings takes no roof away and adds none, and every drop of rain ends as it did. */
    public function test_no_roof_and_no_rain_is_lost(): void
    {
        $built = 0;
        foreach (RandomRoof::several(40) as $random) {
            $job = $random->job();
            $openings = $job->part(RoofInput::class)->openings;
            // One opening a face: where they stand over each other that is said, and nothing adds up.
            $openings = array_values(array_combine(array_column($openings, 'face'), $openings));
            $before = self::with($job, $openings);
            foreach ([UphillSchool::Cricket, UphillSchool::Cross] as $school) {
                $plan = self::with($job, array_map(static fn (Opening $opening): Opening => $opening->kind === OpeningKind::Pipe ? $opening : $opening->shedding(new Uphill($school)), $openings));
                $roof = $plan->of(RoofStage::class)->roof;
                $built += count(array_filter($roof->faces, static fn (Face $face): bool => $face->behind !== null));
                $inPlan = static fn (Plan $plan): float => array_sum(array_map(static fn (Face $face): float => $face->areaSquareFeet() * cos(deg2rad($face->pitch->degrees())), $plan->of(RoofStage::class)->roof->faces));
                self::assertEqualsWithDelta($inPlan($before), $inPlan($plan), 1e-6, "roof $random->number");
                self::assertEqualsWithDelta($before->of(WaterStage::class)->squareFeet, $plan->of(WaterStage::class)->squareFeet, 0.05, "rain on roof $random->number");
                self::assertSame([], array_diff(array_keys($plan->of(LayoutStage::class)->layouts), array_column($roof->faces, 'id')));
            }
        }
        self::assertGreaterThan(20, $built);
    }

    /** @param  list<Opening>  $openings */
    private static function with(Job $job, array $openings): Plan
    {
        $input = $job->part(RoofInput::class);

        return Plan::for(Job::of($job->name, $job->units, $job->covering, $job->part(SurveyInput::class), new RoofInput($input->blocks, [], $openings), $job->part(LayoutInput::class)));
    }

    /** @param  list<Opening>  $others */
    private static function behind(float $width, UphillSchool $school, ?float $rise = null, array $others = [], string|Profile $profile = 'snap-lock-1.5-16'): Plan
    {
        return RoofJob::plan(RoofJob::gable(480.0, 480.0), $profile, openings: [self::opening($width)->shedding(new Uphill($school, $rise)), ...$others]);
    }

    private static function opening(float $width): Opening
    {
        return Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(200.0, self::HALF - 30.0, 200.0 + $width, self::HALF));
    }

    /** @return list<Panel> of a face, from the left */
    private static function panels(Plan $plan, string $face): array
    {
        return array_values(array_filter($plan->of(CuttingStage::class)->panels, static fn (Panel $panel): bool => $panel->face === $face));
    }

    /** @param  list<Panel>  $panels */
    private static function span(array $panels, string $way): float
    {
        $bounds = array_map(static fn (Panel $panel) => $panel->metal->bounds(), $panels);

        return $way === 'width'
            ? max(array_column($bounds, 'right')) - min(array_column($bounds, 'left'))
            : max(array_column($bounds, 'top')) - min(array_column($bounds, 'bottom'));
    }

    private static function flow(Plan $plan, string $id): Flow
    {
        foreach ($plan->of(WaterStage::class)->flows as $flow) {
            if ($flow->id === $id) {
                return $flow;
            }
        }
        self::fail("No flow $id.");
    }
}
