<?php

declare(strict_types=1);

namespace Tests\Core\Fit;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Fit\BareSpot;
use Imbrex\Core\Fit\FitStage;
use Imbrex\Core\Fit\Internal\Cover;
use Imbrex\Core\Fit\Internal\LaidPanels;
use Imbrex\Core\Fit\Internal\RoofMetal;
use Imbrex\Core\Fit\Internal\Shape;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Metalwork\Bend;
use Imbrex\Core\Ground\Metalwork\TrimLeg;
use Imbrex\Core\Ground\Metalwork\TrimShape;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** The judge of cover: deck no metal lies over is found, and none is where there is none. */
final class CoverTest extends TestCase
{
    /** Against counting points of a fine grid. */
    public function test_what_a_shape_leaves_of_another_is_what_a_grid_says(): void
    {
        mt_srand(5);
        for ($try = 0; $try < 60; $try++) {
            [$part, $cover] = [self::convex(), self::convex()];
            $left = $part->without($cover);
            $wrong = 0;
            for ($u = 0.05; $u < 10.0; $u += 0.25) {
                for ($v = 0.05; $v < 10.0; $v += 0.25) {
                    $in = static fn (Shape $shape): bool => $shape->within($u, $v) > 1e-4;
                    $near = min(abs($part->within($u, $v)), abs($cover->within($u, $v))) < 1e-3;
                    $isLeft = array_filter($left, static fn (Shape $one): bool => $one->within($u, $v) > -1e-6) !== [];
                    $wrong += ! $near && $isLeft !== ($in($part) && ! $in($cover)) ? 1 : 0;
                }
            }
            self::assertSame(0, $wrong, json_encode([$part->at, $cover->at]));
        }
    }

    /** A panel that was left out is bare deck as wide as its cover, from eave to where the ridge's cap begins. */
    public function test_a_panel_left_out_is_found(): void
    {
        $plan = RoofJob::plan(RoofJob::gable(480.0));
        self::assertSame([], $plan->of(FitStage::class)->findings());
        $face = $plan->of(RoofStage::class)->roof->face('shed.S') ?? self::fail();
        $panels = $plan->of(CuttingStage::class)->panelsOf('shed.S');
        $gone = $panels[9];
        $metal = new RoofMetal($plan->of(TrimsStage::class)->runs, $plan->of(OpeningsStage::class)->openings);
        $spots = Cover::of($face, new LaidPanels(array_values(array_filter($panels, static fn (Panel $panel): bool => $panel !== $gone))), $metal->over($face));

        self::assertCount(1, $spots);
        // 134.16 up the slope; the eave trim's flange of 4 at the foot, a leg of 7 of the cap at the head.
        $top = 120.0 * sqrt(1.25);
        self::assertEqualsWithDelta([$gone->strip->left, 4.0, $gone->strip->right, $top - 7.0], [$spots[0]->left, $spots[0]->bottom, $spots[0]->right, $spots[0]->top], 1e-6);
        self::assertEqualsWithDelta(16.0 * ($top - 11.0), $spots[0]->area, 1e-6);
    }

    /** At the front corners of a dormer panels end an inch below its wall and half an inch beside it: a flange that ends with the wall leaves the corner open. */
    public function test_the_corner_of_a_wall_is_covered_by_what_lies_on_past_it(): void
    {
        $bare = array_values(array_filter($this->dormer(['trim.wallOn' => 0.0])->of(FitStage::class)->bare, static fn (BareSpot $spot): bool => $spot->face === 'hall.S'));
        self::assertCount(2, $bare);
        foreach ($bare as $spot) {
            self::assertEqualsWithDelta([0.5, 1.0, 0.5], [$spot->right - $spot->left, $spot->top - $spot->bottom, $spot->area], 1e-6);
        }
        $finding = array_values(array_filter($this->dormer(['trim.wallOn' => 0.0])->findings(), static fn (Finding $one): bool => $one->code === 'cover.bare'))[0];
        self::assertSame(['fit', 'edge.headwall', 'edge.sidewall'], [$finding->stage, self::term($finding, 'edge'), self::term($finding, 'other')]);
        $high = $finding->parameters['high'];
        self::assertEqualsWithDelta(1.0, $high instanceof Length ? $high->inches : 0.0, 1e-9);

        self::assertSame([], $this->dormer([])->of(FitStage::class)->bare);
        // The flange of 94 reaches 2 past either end of a wall of 90.
        $run = $this->dormer([])->of(TrimsStage::class)->runs['headwall-hall.S.headwall-flashing'];
        self::assertEqualsWithDelta(94.0, $run->length, 1e-6);
    }

    /** A pan that is bent too narrow leaves a strip along its valley, on both faces. */
    public function test_a_narrow_pan_is_found(): void
    {
        $leg = static fn (): array => [new TrimLeg(3.0, new Bend(0.0, dihedral: 1.0, isOut: true)), new TrimLeg(3.0)];
        $job = RoofJob::plan(RoofJob::boathouse())->job->with(new TrimsInput(['valley-pan' => new TrimShape('valley-pan', $leg())]));
        $bare = Plan::for($job)->of(FitStage::class)->bare;
        $valleys = array_filter($bare, static fn (BareSpot $spot): bool => $spot->area > 60.0);
        // The panels end at 4, the pan at 3: an inch all along each of four sides.
        self::assertCount(4, $valleys);
        foreach ($valleys as $spot) {
            $long = hypot($spot->right - $spot->left, $spot->top - $spot->bottom);
            self::assertEqualsWithDelta(1.0, $spot->area / $long, 0.05);
        }
    }

    /** Roofs that were bare at their valleys' heads, wherever the pitches and the reveal were unequal. */
    #[DataProvider('pitches')]
    public function test_no_deck_is_bare_at_any_pitch_or_reveal(string $profile, float $hall, float $porch, float $reveal): void
    {
        $rules = ['edge.valley.concealed.offset' => -$reveal, 'edge.valley.exposed.offset' => -$reveal];
        foreach ([self::withPorch($hall, $porch), self::withWing($hall, $porch)] as $blocks) {
            self::assertSame([], RoofJob::plan($blocks, $profile, rules: $rules)->of(FitStage::class)->findings());
        }
    }

    /** @return iterable<string, array{string, float, float, float}> */
    public static function pitches(): iterable
    {
        foreach (['snap-lock-1.5-16', 'cap-seam-1.375-12', 'rib-9-36', 'double-lock-2-18'] as $profile) {
            foreach ([[3.0, 3.0, 4.0], [6.0, 12.0, 4.0], [6.0, 12.0, 6.0], [12.0, 4.0, 8.0], [18.0, 18.0, 4.0]] as [$hall, $porch, $reveal]) {
                yield "$profile $hall $porch $reveal" => [$profile, $hall, $porch, $reveal];
            }
        }
    }

    /** What is left bare on random roofs is a hand's width at most, where a ridge is shorter than its cap is wide, or openings crowd a wall. */
    public function test_random_roofs_are_covered(): void
    {
        $bare = $roofs = 0;
        foreach (RandomRoof::several(60) as $random) {
            $spots = $random->plan($random->number % 2 === 0)->of(FitStage::class)->bare;
            $bare += count($spots) > 0 ? 1 : 0;
            $roofs++;
            foreach ($spots as $spot) {
                self::assertLessThan(32.0, $spot->area, "roof $random->number, $spot->face");
            }
        }
        self::assertLessThanOrEqual(0.05 * $roofs, $bare);
    }

    /** @param  array<string, float|string>  $rules */
    private function dormer(array $rules): Plan
    {
        return RoofJob::plan([BlockMaker::block('hall', 0, 0, 672, 360, [6, null, 6, null], 12), BlockMaker::block('dormer', 250, 60, 90, 160, [null, 6, null, 6], 6, 178.0)], rules: $rules);
    }

    /** @return list<Block> */
    private static function withPorch(float $hall, float $porch): array
    {
        return [BlockMaker::block('hall', 0, 0, 672, 360, [$hall, null, $hall, null], 12), BlockMaker::block('porch', 200, -60, 120, 200, [null, $porch, null, $porch], 9)];
    }

    /** @return list<Block> */
    private static function withWing(float $hall, float $wing): array
    {
        return [BlockMaker::block('hall', 0, 0, 672, 360, [$hall, $hall, $hall, $hall], 14), BlockMaker::block('wing', 384, -192, 216, 372, [null, $wing, null, $wing], [9, 14, 9, 14])];
    }

    private static function term(Finding $finding, string $parameter): string
    {
        $term = $finding->parameters[$parameter];

        return $term instanceof Term ? $term->code : '';
    }

    /** Within 10 by 10. */
    private static function convex(): Shape
    {
        $centre = [mt_rand(20, 80) / 10.0, mt_rand(20, 80) / 10.0];
        $corners = mt_rand(3, 7);
        $turn = mt_rand(0, 628) / 100.0;
        $at = [];
        for ($i = 0; $i < $corners; $i++) {
            $way = $turn + 2.0 * M_PI * $i / $corners;
            array_push($at, $centre[0] + (1.0 + mt_rand(0, 10) / 100.0) * 2.5 * cos($way), $centre[1] + 2.5 * sin($way));
        }

        return Shape::of($at) ?? self::fail();
    }
}
