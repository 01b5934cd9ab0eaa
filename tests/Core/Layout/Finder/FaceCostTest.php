<?php

declare(strict_types=1);

namespace Tests\Core\Layout\Finder;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\Internal\Cutter;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\Catalogue;
use Imbrex\Core\Ground\Catalogue\Profile;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\HouseRules;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\Internal\Finder\FaceCost;
use Imbrex\Core\Layout\Internal\Finder\MetalCurve;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\Layout\PieceCutter;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** What the search counts for a face is what laying it out there really gives. */
final class FaceCostTest extends TestCase
{
    public function test_what_is_read_off_the_curve_is_what_is_cut(): void
    {
        foreach (RandomRoof::several(60) as $random) {
            $job = $random->job();
            $profile = $job->covering->profile;
            foreach (RoofJob::faces($job) as $face) {
                $pieces = new PieceCutter($face, Builds::usual($job->covering));
                $curve = new MetalCurve($pieces, $profile);
                $span = $pieces->metal->span();
                // Anywhere, and where a line falls right at an end of the metal, but for noise.
                $ends = [$span->left, $span->left + 1e-12, $span->right, $span->right - 1e-12, $span->left - 3 * $profile->cover];
                foreach ([...$ends, ...array_map(static fn (): float => $random->between(0, 10_000_000) / 7919.0, range(1, 6))] as $module) {
                    $count = 0;
                    $inches = 0.0;
                    for ($u = $module - ceil(($module - $span->left) / $profile->cover + 1) * $profile->cover; $u < $span->right + $profile->cover; $u += $profile->cover) {
                        foreach ($pieces->pieces($u) as $piece) {
                            $count++;
                            $inches += $piece->sheet->outline->bounds()->height();
                        }
                    }
                    $nearPlace = array_filter($curve->places(), static fn (float $place): bool => abs($place - fmod(fmod($module, $profile->cover) + $profile->cover, $profile->cover)) < 5e-3) !== [];
                    if ($nearPlace && ! in_array($module, $ends, true)) {
                        continue;
                    }
                    self::assertSame($count, $curve->at($module)->pieces, "roof $random->number, $face->id at $module");
                    self::assertEqualsWithDelta($inches, $curve->at($module)->inches, $nearPlace ? 0.1 : 0.01, "roof $random->number, $face->id at $module");
                }
            }
        }
    }

    public function test_a_line_at_a_rake_makes_no_strip_of_nothing(): void
    {
        $profile = self::profile('snap-lock-1.5-16');
        $rules = HouseRules::with(['edge.rake.concealed.offset' => 0.0]);
        $face = BlockMaker::roof([BlockMaker::block('a', 0, 0, 480, 200, [6, null, 6, null])])->faces[0];
        $cost = new FaceCost($face, Builds::usual(JobMaker::covering($profile, $rules)), Weights::by($rules));
        $each = 100.0 * sqrt(1.25) + 2.0;

        foreach ([0.0, 1e-9, -1e-9, 480.0, 1600.0] as $module) {
            self::assertSame(30, $cost->score($module)->panels);
            self::assertEqualsWithDelta(30 * $each * $profile->coil / 144.0, $cost->score($module)->squareFeet, 1e-6);
        }
        self::assertSame(31, $cost->score(1.0)->panels);
    }

    public function test_panels_rips_and_cuts_are_those_of_the_layout(): void
    {
        $profile = self::profile('snap-lock-1.5-16');
        $rules = HouseRules::with([]);
        foreach ([350.0, 431.0, 500.0] as $width) {
            $face = BlockMaker::roof([BlockMaker::block('a', 0, 0, $width, 200, [6, null, 6, null])])->faces[0];
            $cost = new FaceCost($face, Builds::usual(JobMaker::covering($profile, $rules)), Weights::by($rules));
            $planner = new LayoutPlanner(Builds::usual(JobMaker::covering($profile, $rules)));
            for ($step = 0; $step < 64; $step++) {
                $module = $cost->span->left + $step / 4.0 + 0.03125;
                $layout = $planner->lay($face, new LayoutChoice(StartKind::Found, at: $module));
                $panels = (new Cutter(Builds::usual(JobMaker::covering($profile, $rules))))->cut($face, $layout, OrderLength::by($rules, 0.0));
                $score = $cost->score($module);
                $rips = array_values(array_filter([$layout->leftRip, $layout->rightRip], static fn (?float $r): bool => $r !== null));
                self::assertSame(count($panels), $score->panels);
                self::assertSame(count($rips), $score->cuts);
                self::assertSame(count(array_filter($rips, static fn (float $r): bool => $r < $layout->narrowestAllowed)), $score->narrow);
                self::assertEqualsWithDelta(array_sum(array_map(static fn (Panel $p): float => $p->long, $panels)) * $profile->coil / 144.0, $score->squareFeet, 1e-6);
                self::assertGreaterThanOrEqual($cost->floor() - 1e-9, $cost->total($module));
            }
        }
    }

    public function test_seams_in_keep_outs_are_counted(): void
    {
        $profile = self::profile('snap-lock-1.5-16');
        $rules = HouseRules::with([]);
        $bare = BlockMaker::roof([BlockMaker::block('a', 0, 0, 480, 200, [6, null, 6, null])])->faces[0];
        $pipe = Opening::pipe('p', $bare->id, 'Vent', new Point(100, 60), 3);
        $sky = Opening::outlined('s', $bare->id, OpeningKind::Skylight, 'Skylight', Polygon::rectangle(205, 40, 229, 80));
        $cost = new FaceCost($bare->with([$pipe, $sky]), Builds::usual(JobMaker::covering($profile, $rules)), Weights::by($rules));

        // A 3 in pipe on a 6 in base wants 4 to each side: seams at 96 and 112 clear it, at 96.5 they do not.
        self::assertSame([], array_column($cost->broken(96.0), 'what'));
        self::assertSame(['pipe'], array_column($cost->broken(96.5), 'what'));
        self::assertEqualsWithDelta(3.5, $cost->clearOf(100.0, 96.5), 1e-9);
        // 3 of flat beside the skylight at 205, and 1 at its corner: a seam at 203 is too near, one at 206.5 ends above and below it.
        self::assertSame(['beside'], array_column($cost->broken(203.0), 'what'));
        self::assertSame([], array_column($cost->broken(206.5), 'what'));
        self::assertSame(1, $cost->score(203.0)->keepOuts);
        // A pan wholly under the skylight falls into two pieces: that from 206.5 to 222.5.
        self::assertSame($cost->score(203.0)->panels + 1, $cost->score(206.5)->panels);
    }

    public function test_a_tip_at_a_hip_counts_as_too_narrow(): void
    {
        $profile = self::profile('snap-lock-1.5-16');
        $rules = HouseRules::with([]);
        $face = self::face('hall.W', [6, 6, 6, 6]);
        $cost = new FaceCost($face, Builds::usual(JobMaker::covering($profile, $rules)), Weights::by($rules));
        $left = $cost->span->left;

        self::assertSame(1, $cost->score($left + 3.5)->narrow);
        self::assertSame(0, $cost->score($left + 4.5)->narrow);
        self::assertFalse($cost->leftRake);
    }

    /** @param  array{float|null, float|null, float|null, float|null}  $rises */
    private static function face(string $id, array $rises): Face
    {
        return BlockMaker::roof([BlockMaker::block('hall', 0, 0, 600, 363, $rises, 12)])->face($id) ?? self::fail("no $id");
    }

    private static function profile(string $key): Profile
    {
        return Catalogue::shipped()->profile($key);
    }
}
