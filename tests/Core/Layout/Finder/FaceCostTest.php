<?php

declare(strict_types=1);

namespace Tests\Core\Layout\Finder;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Catalogue\Catalogue;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Cutting\Cutter;
use Imbrex\Core\Cutting\OrderLength;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Region;
use Imbrex\Core\Geometry\StripCutter;
use Imbrex\Core\Layout\Finder\FaceCost;
use Imbrex\Core\Layout\Finder\MetalCurve;
use Imbrex\Core\Layout\Finder\Weights;
use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutPlanner;
use Imbrex\Core\Layout\MovedFace;
use Imbrex\Core\Layout\SchoolKind;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Rules\RuleSet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomBlocks;

/** What the search counts for a face is what laying it out there really gives. */
final class FaceCostTest extends TestCase
{
    use TestTrait;

    public function test_metal_read_off_the_curve_is_the_metal_of_the_strips(): void
    {
        $this->limitTo(40)->forAll(new ChooseGenerator(1, 4), RandomBlocks::drawn(), new ChooseGenerator(0, 100_000), ElementsGenerator::fromArray(['snap-lock-1.5-16', 'rib-9-36', 'snap-lock-1.5-12']))
            ->then(function (int $count, array $drawn, int $at, string $key): void {
                $profile = self::profile($key);
                foreach (array_slice(BlockMaker::roof(RandomBlocks::of($count, $drawn, true))->faces, 0, 4) as $face) {
                    $rules = RuleSet::with([]);
                    $metal = MovedFace::metal($face, $profile, false, $rules);
                    $blank = MovedFace::blank($face, $profile, false, $rules)->regions;
                    if ($metal->regions === []) {
                        continue;
                    }
                    $curve = new MetalCurve($blank, $metal->span(), $profile->cover, $profile->leftMetal, $profile->rightMetal);
                    for ($i = 0; $i < 5; $i++) {
                        $module = $at * 0.0007919 + $i * 3.0137;
                        self::assertEqualsWithDelta(self::byStrips($blank, $metal, $profile, $module), $curve->at($module), 0.01, "$face->id at $module");
                        self::assertLessThanOrEqual($curve->at($module) + 1e-6, $curve->least());
                    }
                }
            });
    }

    public function test_panels_rips_and_cuts_are_those_of_the_layout(): void
    {
        $profile = self::profile('snap-lock-1.5-16');
        $rules = RuleSet::with([]);
        foreach ([350.0, 431.0, 500.0] as $width) {
            $face = BlockMaker::roof([BlockMaker::block('a', 0, 0, $width, 200, [6, null, 6, null])])->faces[0];
            $cost = new FaceCost($face, $profile, false, $rules, Weights::by($rules));
            $planner = new LayoutPlanner($profile, false, $rules);
            for ($step = 0; $step < 64; $step++) {
                $module = $cost->span->left + $step / 4.0 + 0.03125;
                $layout = $planner->lay($face, new LayoutChoice(SchoolKind::Found, at: $module));
                $panels = (new Cutter($profile, false, $rules))->cut($face, $layout, OrderLength::by($rules, 0.0));
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
        $rules = RuleSet::with([]);
        $bare = BlockMaker::roof([BlockMaker::block('a', 0, 0, 480, 200, [6, null, 6, null])])->faces[0];
        $pipe = Opening::pipe('p', $bare->id, 'Vent', new Point(100, 60), 3);
        $sky = Opening::outlined('s', $bare->id, OpeningKind::Skylight, 'Skylight', Polygon::rectangle(205, 40, 229, 80));
        $cost = new FaceCost($bare->with([$pipe, $sky]), $profile, false, $rules, Weights::by($rules));

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
        $rules = RuleSet::with([]);
        $face = self::face('hall.W', [6, 6, 6, 6]);
        $cost = new FaceCost($face, $profile, false, $rules, Weights::by($rules));
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

    /** @param  list<Region>  $blank */
    private static function byStrips(array $blank, MovedFace $metal, Profile $profile, float $module): float
    {
        $span = $metal->span();
        $sum = 0.0;
        $start = $module - ceil(($module - $span->left) / $profile->cover) * $profile->cover;
        for ($u = $start; $u < $span->right; $u += $profile->cover) {
            $levels = [];
            foreach ($blank as $region) {
                foreach ((new StripCutter)->strip(new Region($region->outline), $u - $profile->leftMetal, $u + $profile->cover + $profile->rightMetal) as $piece) {
                    array_push($levels, ...array_map(static fn (Point $p): float => $p->v, $piece->outline->corners));
                }
            }
            $covers = $u + $profile->cover > $span->left + 1e-6 && $u < $span->right - 1e-6;
            $sum += $levels === [] || ! $covers ? 0.0 : max($levels) - min($levels);
        }

        return $sum;
    }

    private static function profile(string $key): Profile
    {
        return Catalogue::shipped()->profile($key);
    }
}
