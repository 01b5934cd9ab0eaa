<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** The screws that fix a panel under its cap stand between the bend of its turned up end and the zees, and never on it. */
final class FixedUnderCapTest extends TestCase
{
    /** By hand: turned up by 1, zees from 5 to 6, so at 3 from the ridge; square to a hip as far, along the rib by what it leans more. */
    public function test_three_from_a_ridge_and_square_to_a_hip(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 240, [6, 6, 6, 6])]);
        $face = $plan->of(RoofStage::class)->roof->face('b.S') ?? self::fail();
        $top = $face->outline->bounds()->top;
        $panels = array_column($plan->of(CuttingStage::class)->panels, null, 'id');
        $seen = ['ridge' => 0, 'hip' => 0];
        foreach ($plan->of(HoldDownStage::class)->faces['b.S']->fixed as $fixed) {
            foreach ($fixed->at as $at) {
                $up = array_merge(...$panels[$fixed->panel]->upAt($at->u));
                // A tip is fixed in its middle.
                if (max($up) - min($up) < 12.0) {
                    continue;
                }
                // The hips run 1 across for each √5/2 up; their metal is held back half an inch, so its zees are 4-1/2 in and nothing is turned up.
                $off = min(array_map(static fn (int $side): float => $face->edges[$side] === EdgeKind::Hip ? $at->distanceToLine($face->outline->corner($side), $face->outline->corner($side + 1)) : INF, array_keys($face->edges)));
                $isRidge = abs($top - $at->v - 3.0) < 1e-6;
                $seen[$isRidge ? 'ridge' : 'hip']++;
                self::assertTrue($isRidge || abs($off - 2.75) < 1e-6, "$fixed->panel: $off from the hip, ".($top - $at->v).' from the ridge');
            }
        }
        self::assertGreaterThan(10, min($seen));
    }

    public function test_never_on_a_bend_of_a_random_roof(): void
    {
        $seen = 0;
        foreach (RandomRoof::several(60) as $random) {
            $plan = $random->plan();
            $panels = array_column($plan->of(CuttingStage::class)->panels, null, 'id');
            foreach ($plan->of(HoldDownStage::class)->faces as $id => $hold) {
                $face = $plan->of(RoofStage::class)->roof->face($id) ?? self::fail();
                foreach ($hold->fixed as $fixed) {
                    foreach ($fixed->at as $at) {
                        $stretches = $panels[$fixed->panel]->upAt($at->u);
                        $high = $stretches[count($stretches) - 1][1];
                        [$side, $slant] = $panels[$fixed->panel]->cutTo($at->u, $high);
                        $build = $side !== null && isset($face->edges[$side]) ? $plan->of(BuildsStage::class)->at($face, 0, $side) : null;
                        if ($build?->fixedIn() !== null && $high - $stretches[count($stretches) - 1][0] > 2.0 * $build->fixedIn() * $slant) {
                            $square = ($high - $at->v) / $slant;
                            self::assertGreaterThan($build->turnsPanUp() ? 1.2 : 0.2, $square, "roof $random->number, $fixed->panel");
                            self::assertLessThan(5.0, $square, "roof $random->number, $fixed->panel");
                            $seen++;
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(500, $seen);
    }
}
