<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Catalogue\HoldKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Supplies\Supply;
use Imbrex\Core\Ground\Supplies\SupplyKind;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\HoldDown\Clip;
use Imbrex\Core\HoldDown\ClipSchool;
use Imbrex\Core\HoldDown\EstimateWish;
use Imbrex\Core\HoldDown\Exposure;
use Imbrex\Core\HoldDown\FaceHold;
use Imbrex\Core\HoldDown\FixedPoint;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownResult;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\HoldWish;
use Imbrex\Core\HoldDown\Internal\Band;
use Imbrex\Core\HoldDown\Internal\ClipLine;
use Imbrex\Core\HoldDown\Internal\FixedPlacer;
use Imbrex\Core\HoldDown\Internal\RowLines;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\Spacing;
use Imbrex\Core\HoldDown\WindEstimate;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** What the wind pulls, where clips and screws stand, and what hangs on each. */
final class HoldDownTest extends TestCase
{
    /** @return array<string, array{Exposure, float, float, float, float, float, array<string, array{float, float}>}> exposure, ft, mph, cover, lb, q; net psf and spacing by zone at 4 in 12 */
    public static function winds(): array
    {
        return [
            'suburban, 20 ft, 115 mph' => [Exposure::Suburban, 20.0, 115.0, 16.0, 150.0, 20.14432, ['field' => [13.05351936, 36.0], 'edge' => [22.72279296, 36.0], 'corner' => [33.60072576, 36.0]]],
            'open, 15 ft, 130 mph' => [Exposure::Open, 15.0, 130.0, 16.0, 150.0, 31.25824, ['field' => [20.25533952, 36.0], 'edge' => [35.25929472, 36.0], 'corner' => [52.13874432, 25.5]]],
            'shore, 20 ft, 150 mph' => [Exposure::Shore, 20.0, 150.0, 12.0, 200.0, 52.8768, ['field' => [34.26416640, 36.0], 'edge' => [59.6450304, 36.0], 'corner' => [88.1985024, 27.0]]],
        ];
    }

    /** @param  array<string, array{float, float}>  $zones */
    #[DataProvider('winds')]
    public function test_estimates_of_uplift_and_what_a_clip_holds_of_it(Exposure $exposure, float $feet, float $mph, float $cover, float $pounds, float $q, array $zones): void
    {
        $estimate = new WindEstimate($exposure, $mph, $feet);
        self::assertEqualsWithDelta($q, $estimate->velocityPressure(), 1e-6);
        $degrees = rad2deg(atan(4.0 / 12.0));
        $spacing = Spacing::pressing(JobMaker::covering(), Pressures::estimated($estimate), $pounds, $degrees);
        foreach ($zones as $zone => [$net, $most]) {
            self::assertEqualsWithDelta($net, $estimate->net(WindZone::from($zone), $degrees), 1e-6);
            self::assertEqualsWithDelta($most, $spacing->byPressure(WindZone::from($zone), $cover), 1e-9);
        }
        // Between the heights of the table in a straight line; steeper roofs pull less at their edges.
        self::assertEqualsWithDelta(0.875, (new WindEstimate(Exposure::Open, 100.0, 17.5))->kz(), 1e-9);
        self::assertSame([1.8, 1.7, 1.2], array_map(static fn (float $pitch): float => $estimate->suction(WindZone::Edge, $pitch), [6.0, 20.0, 30.0]));
    }

    public function test_clips_up_one_seam_and_rows_up_one_sheet(): void
    {
        $even = array_map(static fn (int $i): float => 10.0 + $i * 198.375 / 9.0, range(0, 9));
        self::assertEqualsWithDelta($even, ClipLine::between(10.0, 208.375, [[0.0, 218.375, 24.0]]), 1e-9);
        self::assertCount(18, ClipLine::between(5.0, 208.375, [[0.0, 218.375, 12.0]]));
        self::assertEqualsWithDelta([2.0, 25.5, 49.0, 72.5, 96.0, 119.5, 143.0, 166.5, 190.0], RowLines::of(0.0, 192.0, 2.0, 24.0), 1e-9);
        // On purlins rows stand on purlins.
        self::assertEqualsWithDelta([2.0, 50.0, 98.0, 142.0], RowLines::of(0.0, 144.0, 2.0, 24.0, 48.0), 1e-9);
        self::assertSame([2, 3, 4, 4], array_map(FixedPlacer::count(...), [12.0, 16.0, 18.0, 24.0]));
    }

    /** Two zones: 20 and 10 apart over 60 and 45 inches. By hand: three gaps and five; the one over the change is the closer's. */
    public function test_a_gap_over_two_zones_keeps_to_the_closer(): void
    {
        $at = ClipLine::between(0.0, 105.0, [[0.0, 60.0, 20.0], [60.0, 105.0, 10.0]]);
        self::assertCount(9, $at);
        foreach (array_slice($at, 1) as $i => $v) {
            self::assertLessThanOrEqual(($v > 60.0 + 1e-6 ? 10.0 : 20.0) + 1e-6, $v - $at[$i]);
        }
        self::assertEqualsWithDelta(105.0, $at[8], 1e-9);
    }

    /** Against every way there is: clips on whole inches only, the fewest that keep every gap to the closest spacing it touches. */
    public function test_no_way_of_spacing_takes_fewer(): void
    {
        mt_srand(7);
        for ($try = 0; $try < 60; $try++) {
            $zones = [];
            $at = 0;
            foreach (range(1, mt_rand(1, 4)) as $ignored) {
                $to = $at + mt_rand(4, 40);
                $zones[] = [(float) $at, (float) $to, (float) mt_rand(5, 30)];
                $at = $to;
            }
            $fewest = [0 => 1];
            for ($v = 1; $v <= $at; $v++) {
                for ($from = 0; $from < $v; $from++) {
                    $most = min(array_map(static fn (array $zone): float => $zone[0] < $v && $zone[1] > $from ? $zone[2] : INF, $zones));
                    if ($v - $from <= $most) {
                        $fewest[$v] = min($fewest[$v] ?? PHP_INT_MAX, $fewest[$from] + 1);
                    }
                }
            }
            self::assertCount($fewest[$at], ClipLine::between(0.0, (float) $at, $zones), (string) json_encode($zones));
        }
    }

    /** Zones by distances alone, on the level: within the width of two sides that run across each other a corner, of one an edge. */
    public function test_zones_are_what_distances_say(): void
    {
        $held = self::held([BlockMaker::block('b', 0, 0, 480, 300, [6, 6, 6, 6])]);
        $zones = $held->faces['b.S']->zones;
        // A trapezoid 480 wide at the eave, 180 at the ridge, 150 deep on the level; hips at 45 degrees.
        $seen = [];
        mt_srand(11);
        for ($try = 0; $try < 400; $try++) {
            [$x, $y] = [mt_rand(10, 4790) / 10.0, mt_rand(10, 1490) / 10.0];
            if ($x < $y + 1.0 || 480.0 - $x < $y + 1.0) {
                continue;
            }
            $near = ['across' => min($y, 150.0 - $y), 'left' => ($x - $y) * M_SQRT1_2, 'right' => (480.0 - $x - $y) * M_SQRT1_2];
            // Clear of the lines themselves, and of where a strip ends beside its side.
            if (array_filter($near, static fn (float $off): bool => abs($off - 36.0) < 0.5) !== []) {
                continue;
            }
            $ways = count(array_filter($near, static fn (float $off): bool => $off < 36.0));
            $wanted = $ways > 1 ? WindZone::Corner : ($ways === 1 ? WindZone::Edge : WindZone::Field);
            self::assertSame($wanted, $zones->at(new Point($x, $y * sqrt(1.25))), "$x $y");
            $seen[$wanted->value] = true;
        }
        self::assertCount(3, $seen);
    }

    public function test_zones_of_a_gable_a_hip_and_a_flat_shed(): void
    {
        // 480 by 240, eaves at 108, ridge at 168: a tenth of 240 is 24, 3 ft at least.
        $gable = self::held([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])]);
        self::assertSame(36.0, $gable->zoneWidth);
        $zones = $gable->faces['b.S']->zones;
        $top = 120.0 * sqrt(1.25);
        self::assertSame(WindZone::Field, $zones->at(new Point(240.0, $top / 2.0)));
        // 36 on the level are 40.25 up the slope.
        self::assertSame([WindZone::Edge, WindZone::Field], [$zones->at(new Point(240.0, 40.0)), $zones->at(new Point(240.0, 40.5))]);
        self::assertSame([WindZone::Corner, WindZone::Corner, WindZone::Edge], [$zones->at(new Point(35.0, 39.0)), $zones->at(new Point(470.0, $top - 5.0)), $zones->at(new Point(35.0, $top / 2.0))]);
        // On a hip the strips of hip and eave cross in its foot.
        $hip = self::held([BlockMaker::block('b', 0, 0, 480, 240, [6, 6, 6, 6])])->faces['b.E']->zones;
        self::assertSame([WindZone::Corner, WindZone::Edge], [$hip->at(new Point(30.0, 10.0)), $hip->at(new Point(120.0, 10.0))]);
        // Under 7 degrees ridges have none.
        $flat = self::held([BlockMaker::block('b', 0, 0, 480, 240, [1, null, 1, null])], 'double-lock-2-16')->faces['b.S']->zones;
        self::assertSame(WindZone::Field, $flat->at(new Point(240.0, 115.0)));
        self::assertCount(3, array_filter($flat->outlines(), static fn (array $one): bool => $one[0] === WindZone::Edge));
    }

    public function test_schools_place_clips_and_loads_add_up(): void
    {
        $counts = [];
        foreach (ClipSchool::cases() as $school) {
            $held = self::held(RoofJob::boathouse(), wish: new HoldWish($school));
            foreach ($held->faces as $hold) {
                $loaded = array_sum(array_map(static fn (Clip $clip): float => $clip->squareFeet, $hold->clips));
                // Every foot of seam hangs on one clip, but for what a valley's cleat holds.
                self::assertLessThanOrEqual(self::seamArea($hold) + 1e-6, $loaded);
                $hold->face === 'hall.N' && $school !== ClipSchool::Courses && self::assertEqualsWithDelta(self::seamArea($hold), $loaded, 1e-6);
                $counts[$school->value] = ($counts[$school->value] ?? 0) + count($hold->clips);
            }
            if ($school === ClipSchool::Courses) {
                $courses = array_map(static fn (Clip $clip): float => fmod($clip->v + 1e-7, 5.0), $held->faces['hall.N']->clips);
                self::assertLessThan(0.05, count(array_filter($courses, static fn (float $off): bool => $off > 1e-3)) / count($courses), 'at the butts of courses');
            }
        }
        self::assertGreaterThan($counts['uniform'], $counts['dense']);
        self::assertGreaterThan($counts['pressure'], $counts['uniform']);
    }

    public function test_places_that_carry_too_much_are_said_with_what_would_cure_them(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse());
        $told = static fn (HoldDownInput $input): array => array_values(array_filter(Plan::for($plan->job->with($input))->of(HoldDownStage::class)->findings(), static fn (Finding $f): bool => $f->code === 'hold.over'));
        self::assertSame([], $told(new HoldDownInput(estimate: new EstimateWish(Exposure::Open, 130.0))));
        $over = $told(new HoldDownInput(pressures: ['field' => 40.0, 'edge' => 70.0, 'corner' => 100.0]));
        self::assertCount(6, $over);
        // 150 lb over 100 psf and 16 in: 13.5 apart; three screws carry 200.
        self::assertEquals(Length::ofInches(13.5), $over[0]->parameters['spacing']);
        self::assertEqualsWithDelta($over[0]->parameters['ratio'] * 0.75, $over[0]->parameters['withThree'], 0.01);
        // One's own test report governs, and by pressure nothing is over.
        self::assertSame([], $told(new HoldDownInput(pressures: ['field' => 40.0, 'edge' => 70.0, 'corner' => 100.0], clipAllowable: 600.0)));
        self::assertSame([], $told(new HoldDownInput(pressures: ['field' => 40.0, 'edge' => 70.0, 'corner' => 100.0], usual: new HoldWish(ClipSchool::Pressure))));
    }

    /** Whatever the roof: no gap wider than its zone lets, ends kept, nothing in a valley's pan; stronger wind and wider zones never need fewer. */
    public function test_on_random_roofs_no_gap_is_wider_than_it_may_be(): void
    {
        foreach (RandomRoof::several(12) as $random) {
            $plan = $random->plan();
            if (! $plan->job->covering->profile->family->isConcealed()) {
                continue;
            }
            $counts = [];
            foreach ([90.0, 130.0, 180.0] as $mph) {
                $held = Plan::for($plan->job->with(new HoldDownInput(estimate: new EstimateWish(Exposure::Shore, $mph, 20.0), usual: new HoldWish(ClipSchool::Pressure))))->of(HoldDownStage::class);
                $pressures = $held->pressures;
                self::assertNotNull($pressures);
                foreach ($held->faces as $id => $hold) {
                    self::assertGapsKept($hold, Spacing::pressing($plan->job->covering, $pressures, $hold->allowable, $hold->pitchDegrees), $plan->of(RoofStage::class)->roof->face($id));
                    self::assertOffValleys($hold, $plan->of(RoofStage::class)->roof->face($id));
                    $counts[$id][] = count($hold->clips);
                }
            }
            foreach ($counts as $more) {
                $sorted = $more;
                sort($sorted);
                self::assertSame($sorted, $more, 'stronger wind never needs fewer');
            }
            $narrow = self::counted($plan, 36.0);
            foreach (self::counted($plan, 72.0) as $id => $count) {
                self::assertGreaterThanOrEqual($narrow[$id], $count, 'nor do wider zones');
            }
        }
    }

    public function test_screws_stand_on_lines_the_whole_face_shares(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), 'rib-9-36');
        $held = $plan->of(HoldDownStage::class);
        foreach ($held->faces as $id => $hold) {
            self::assertSame([], $hold->clips);
            $outline = $plan->of(RoofStage::class)->roof->face($id)?->outline;
            $lines = array_map(static fn (float $row): string => sprintf('%.4f', $row), $hold->rows);
            foreach ($hold->screws as $screw) {
                self::assertTrue($outline?->contains(new Point($screw->u, min($screw->v, $outline->bounds()->top - 0.01))) ?? false, "$id $screw->u $screw->v");
                $screw->row->value === 'field' && self::assertContains(sprintf('%.4f', $screw->v), $lines);
            }
        }
        // A whole sheet of 192 by hand: sixteen in its end rows, seven field rows of four.
        $shed = RoofJob::plan([BlockMaker::block('b', 0, 0, 360, 2 * 192 / sqrt(1.25), [6, null, 6, null])], 'rib-9-36')->of(HoldDownStage::class)->faces['b.S'];
        $sheet = array_filter($shed->screws, static fn ($screw): bool => $screw->panel === 'b.S-5');
        $rows = array_count_values(array_map(static fn ($screw): string => $screw->row->value, $sheet));
        self::assertSame([16, 28], [$rows['closure'], $rows['field']], 'both ends of it are closed');
    }

    public function test_no_clip_stands_in_an_opening_and_as_many_are_ordered_as_stand(): void
    {
        foreach (RandomRoof::several(16) as $random) {
            $plan = $random->plan();
            $result = $plan->of(HoldDownStage::class);
            $clips = $fixed = 0;
            foreach ($result->faces as $id => $hold) {
                $clips += count($hold->clips);
                $fixed += array_sum(array_map(static fn (FixedPoint $one): int => count($one->at), $hold->fixed));
                foreach ($plan->of(RoofStage::class)->roof->face($id)->openings ?? [] as $opening) {
                    $hole = $opening->outline->bounds();
                    foreach ($opening->kind->partsPanels() ? [...$hold->clips, ...$hold->screws] : [] as $one) {
                        self::assertFalse($one->u > $hole->left && $one->u < $hole->right && $one->v > $hole->bottom && $one->v < $hole->top, "$id $opening->id");
                    }
                }
            }
            $ordered = static fn (SupplyKind $kind, string ...$keys): int => (int) array_sum(array_map(static fn (Supply $one): float => $one->item->kind === $kind && ($keys === [] || in_array($one->item->name, $keys, true)) ? $one->amount : 0.0, $result->supplies));
            if ($plan->job->covering->profile->family->isConcealed() && $plan->job->covering->profile->hold->kind !== HoldKind::Slots) {
                self::assertSame([$clips, 2 * $clips + $fixed], [$ordered(SupplyKind::Clip), $ordered(SupplyKind::Fastener)]);
            }
        }
    }

    /** A plan that was kept is the plan, to the last clip, screw and fixed point. */
    public function test_what_is_kept_comes_back_whole(): void
    {
        foreach ([['snap-lock-1.5-16', new HoldDownInput], ['rib-9-36', new HoldDownInput(pressures: ['field' => 20.0, 'edge' => 30.0, 'corner' => 40.0])], ['nail-strip-1.5-16', new HoldDownInput]] as [$profile, $input]) {
            $held = Plan::for(RoofJob::plan(RoofJob::boathouse(), $profile)->job->with($input))->of(HoldDownStage::class);
            self::assertEquals($held, unserialize(serialize($held)));
        }
    }

    /** Clips that carry more than they may: said a face, with what would do; screws through sheets, too. */
    public function test_places_that_carry_too_much_are_said_with_cures(): void
    {
        $pressures = ['field' => 60.0, 'edge' => 90.0, 'corner' => 140.0];
        foreach (['snap-lock-1.5-16' => 'hold.over', 'rib-9-36' => 'hold.over-screws'] as $profile => $code) {
            $plan = RoofJob::plan(RoofJob::gable(480.0), $profile);
            $over = RoofJob::findings(Plan::for($plan->job->with(new HoldDownInput(pressures: $pressures))), $code);
            self::assertCount(2, $over, 'a face each');
            self::assertGreaterThan(1.0, $over[0]->parameters['ratio']);
        }
        // Rows as close as it says do.
        $said = $over[0]->parameters['rows'];
        self::assertInstanceOf(Length::class, $said);
        $closer = Plan::for($plan->job->with(new HoldDownInput(pressures: $pressures, usual: new HoldWish(spacing: $said->inches))));
        self::assertSame([], RoofJob::findings($closer, 'hold.over-screws'));
    }

    /** @return array<string, int> by face */
    private static function counted(Plan $plan, float $zoneWidth): array
    {
        $held = Plan::for($plan->job->with(new HoldDownInput(estimate: new EstimateWish(Exposure::Shore, 150.0, 20.0), zoneWidth: $zoneWidth, usual: new HoldWish(ClipSchool::Pressure))))->of(HoldDownStage::class);

        return array_map(static fn (FaceHold $hold): int => count($hold->clips), $held->faces);
    }

    private static function assertGapsKept(FaceHold $hold, Spacing $spacing, ?Face $face): void
    {
        $valleys = [];
        foreach ($face === null ? [] : $face->region()->loops() as $loop => $outline) {
            foreach (array_keys($face->edgesOfLoop($loop), EdgeKind::Valley, true) as $side) {
                $valleys[] = Band::along($outline->corner($side), $outline->corner($side + 1), 12.0, 1.0);
            }
        }
        foreach ($hold->seams as $seam) {
            $clips = array_values(array_map(static fn (Clip $clip): float => $clip->v, array_filter($hold->clips, static fn (Clip $clip): bool => $clip->seam === $seam->number)));
            foreach ($seam->stretches as [$low, $high]) {
                $own = array_values(array_filter($clips, static fn (float $v): bool => $v >= $low - 1e-6 && $v <= $high + 1e-6));
                foreach (array_slice($own, 1) as $i => $v) {
                    if (self::isOverPan($valleys, $seam->u, ($own[$i] + $v) / 2.0)) {
                        continue;
                    }
                    $most = min(array_map(static fn (array $zone): float => $spacing->byPressure($zone[2], $seam->width), $hold->zones->up($seam->u, $own[$i] + 1e-6, $v - 1e-6)));
                    self::assertLessThanOrEqual($most + 1e-6, $v - $own[$i]);
                }
                if (count($own) > 1) {
                    self::assertLessThanOrEqual($high - 1.0, $own[count($own) - 1]);
                    self::assertGreaterThanOrEqual($low + 1.0, $own[0]);
                }
            }
        }
    }

    /** @param  list<Band>  $valleys */
    private static function isOverPan(array $valleys, float $u, float $v): bool
    {
        foreach ($valleys as $valley) {
            $pan = $valley->upAt($u);
            if ($pan !== null && $pan[0] < $v && $pan[1] > $v) {
                return true;
            }
        }

        return false;
    }

    private static function assertOffValleys(FaceHold $hold, ?Face $face): void
    {
        foreach ($face->edges ?? [] as $side => $kind) {
            if ($kind !== EdgeKind::Valley || $face === null) {
                continue;
            }
            [$a, $b] = [$face->outline->corners[$side], $face->outline->corner($side + 1)];
            $long = $a->distanceTo($b);
            foreach ($hold->clips as $clip) {
                $along = (($clip->u - $a->u) * ($b->u - $a->u) + ($clip->v - $a->v) * ($b->v - $a->v)) / $long;
                $off = abs(($clip->u - $a->u) * ($b->v - $a->v) - ($clip->v - $a->v) * ($b->u - $a->u)) / $long;
                self::assertFalse($along > 0.0 && $along < $long && $off < 12.0 - 1e-6, "no clip through a valley's pan: $off");
            }
        }
    }

    /** Square feet its seams hold where clips stand. */
    private static function seamArea(FaceHold $hold): float
    {
        $area = 0.0;
        foreach ($hold->seams as $seam) {
            foreach ($seam->stretches as [$low, $high]) {
                $isHeld = array_filter($hold->clips, static fn (Clip $clip): bool => $clip->seam === $seam->number && $clip->v >= $low && $clip->v <= $high) !== [];
                $area += $isHeld ? ($high - $low) * $seam->width / 144.0 : 0.0;
            }
        }

        return $area;
    }

    /** @param  list<\Imbrex\Core\Roof\Block>  $blocks */
    private static function held(array $blocks, string $profile = 'snap-lock-1.5-16', HoldWish $wish = new HoldWish): HoldDownResult
    {
        $plan = RoofJob::plan($blocks, $profile);

        return Plan::for($plan->job->with(new HoldDownInput(estimate: new EstimateWish(Exposure::Open, 130.0), usual: $wish)))->of(HoldDownStage::class);
    }
}
