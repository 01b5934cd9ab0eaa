<?php

declare(strict_types=1);

namespace Tests\Core\HoldDown;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\HoldDown\EstimateWish;
use Imbrex\Core\HoldDown\Exposure;
use Imbrex\Core\HoldDown\HoldDownInput;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\HoldDown\Internal\BuildingSize;
use Imbrex\Core\HoldDown\Internal\FaceZones;
use Imbrex\Core\HoldDown\Pressures;
use Imbrex\Core\HoldDown\WindEstimate;
use Imbrex\Core\HoldDown\WindZone;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** How wide zones are, where they lie on any face, and what pulls in them. */
final class ZonesTest extends TestCase
{
    /** The lesser of a tenth of the narrow side and 0.4 of the mean height; no less than 0.04 of that side, nor 3 ft. */
    public function test_widths_by_the_building(): void
    {
        // 100 ft by 50 ft, eaves at 12 ft, 6 in 12: mean 18.25 ft; a tenth of 50 ft is 60 in, 0.4 × 18.25 ft 87.6.
        self::assertEqualsWithDelta(60.0, self::sized([BlockMaker::block('b', 0, 0, 1200, 600, [6, null, 6, null], 0, 144)])->zoneWidth(18.25), 1e-6);
        // Low and wide: 0.4 of 8 ft is 38.4.
        self::assertEqualsWithDelta(38.4, self::sized([BlockMaker::block('b', 0, 0, 1200, 600, [6, null, 6, null], 0, 144)])->zoneWidth(8.0), 1e-6);
        // Small: 3 ft; very wide: 0.04 of 200 ft is 96.
        self::assertEqualsWithDelta(36.0, self::sized([BlockMaker::block('b', 0, 0, 300, 200, [6, null, 6, null])])->zoneWidth(20.0), 1e-6);
        self::assertEqualsWithDelta(96.0, self::sized([BlockMaker::block('b', 0, 0, 2400, 2400, [1, null, 1, null])])->zoneWidth(5.0), 1e-6);
        // Turned, it is as wide as before.
        $turned = self::sized([BlockMaker::block('b', 0, 0, 1200, 600, [6, null, 6, null], 0, 144, 27.0)]);
        self::assertEqualsWithDelta(600.0, $turned->leastWidth, 1e-6);
        self::assertEqualsWithDelta((144.0 + 144.0 + 150.0) / 2.0 / 12.0, $turned->meanHeightFeet(), 1e-6);
    }

    /** Measured planes whose eaves nobody gave a height stand on nothing: the lowest of the table is taken, not half the rise. */
    public function test_a_roof_without_heights_has_none(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('b', 0, 0, 360, 240, [6, null, 6, null], 0, 0.0)]);
        self::assertNull(BuildingSize::of($plan->of(RoofStage::class)->roof)->meanHeightFeet());
        $held = Plan::for($plan->job->with(new HoldDownInput(estimate: new EstimateWish(Exposure::Open, 130.0))))->of(HoldDownStage::class);
        self::assertSame(WindEstimate::LOWEST, $held->pressures?->estimate?->meanHeightFeet);
    }

    /** Whatever the roof: what a line up the slope says of a place, the place says itself; and strips come first where they lie. */
    public function test_lines_and_places_agree_on_any_roof(): void
    {
        foreach (RandomRoof::several(10) as $random) {
            $plan = $random->plan();
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $zones = FaceZones::of($face, 40.0);
                $bounds = $face->outline->bounds();
                foreach (range(1, 7) as $i) {
                    $u = $bounds->left + $bounds->width() * $i / 8.0;
                    $stretches = $zones->up($u, $bounds->bottom, $bounds->top);
                    self::assertEqualsWithDelta([$bounds->bottom, $bounds->top], [$stretches[0][0], $stretches[count($stretches) - 1][1]], 1e-6);
                    foreach ($stretches as $at => [$low, $high, $zone]) {
                        $at > 0 && self::assertEqualsWithDelta($stretches[$at - 1][1], $low, 1e-6, 'no gap between them');
                        $at > 0 && self::assertNotSame($stretches[$at - 1][2], $zone, 'one zone is told once');
                        if ($high - $low > 0.1) {
                            self::assertSame($zone, $zones->at(new Point($u, ($low + $high) / 2.0)));
                        }
                    }
                }
            }
        }
    }

    /** Wider strips never make a place calmer. */
    public function test_wider_zones_only_grow(): void
    {
        $rank = static fn (WindZone $zone): int => (int) array_search($zone, [WindZone::Field, WindZone::Edge, WindZone::Corner], true);
        foreach ([RoofJob::boathouse(), [BlockMaker::block('b', 0, 0, 480, 300, [6, 6, 6, 6])]] as $blocks) {
            foreach (RoofJob::plan($blocks)->of(RoofStage::class)->roof->faces as $face) {
                $narrow = FaceZones::of($face, 36.0);
                $wide = FaceZones::of($face, 72.0);
                foreach (self::grid($face) as $place) {
                    self::assertGreaterThanOrEqual($rank($narrow->at($place)), $rank($wide->at($place)), "$face->id $place->u $place->v");
                }
            }
        }
    }

    /** What is drawn is what counts: the outlines hold the places of their zone. */
    public function test_outlines_hold_their_places(): void
    {
        foreach (RoofJob::plan(RoofJob::boathouse())->of(RoofStage::class)->roof->faces as $face) {
            $zones = FaceZones::of($face, 50.0);
            foreach (self::grid($face) as $place) {
                $in = array_filter($zones->outlines(), static fn (array $one): bool => $one[0] === $zones->at($place) && self::inside($one[1], $place));
                $zones->at($place) !== WindZone::Field && self::assertNotSame([], $in, "$face->id $place->u $place->v");
            }
        }
    }

    public function test_an_engineers_pressures_govern_whatever_the_pitch(): void
    {
        $given = Pressures::given(['field' => 11.0, 'edge' => 22.0, 'corner' => 33.0]);
        foreach ([2.0, 20.0, 40.0] as $degrees) {
            self::assertSame([11.0, 22.0, 33.0], array_map(static fn (WindZone $zone): float => $given->net($zone, $degrees), [WindZone::Field, WindZone::Edge, WindZone::Corner]));
        }
        self::assertFalse($given->isEstimate());
        // Higher, more open, faster: more.
        $q = static fn (Exposure $exposure, float $mph, float $feet): float => (new WindEstimate($exposure, $mph, $feet))->velocityPressure();
        self::assertGreaterThan($q(Exposure::Suburban, 120.0, 20.0), $q(Exposure::Open, 120.0, 20.0));
        self::assertGreaterThan($q(Exposure::Open, 120.0, 20.0), $q(Exposure::Shore, 120.0, 20.0));
        self::assertGreaterThan($q(Exposure::Open, 120.0, 20.0), $q(Exposure::Open, 120.0, 35.0));
        self::assertEqualsWithDelta(4.0 * $q(Exposure::Open, 70.0, 20.0), $q(Exposure::Open, 140.0, 20.0), 1e-9);
    }

    /** @param  list<\Imbrex\Core\Roof\Block>  $blocks */
    private static function sized(array $blocks): BuildingSize
    {
        return BuildingSize::of(RoofJob::plan($blocks)->of(RoofStage::class)->roof);
    }

    /** @return list<Point> places of a face, clear of its sides */
    private static function grid(Face $face): array
    {
        $bounds = $face->outline->bounds();
        $places = [];
        for ($i = 1; $i < 12; $i++) {
            for ($j = 1; $j < 9; $j++) {
                $place = new Point($bounds->left + $bounds->width() * ($i + 0.137) / 12.3, $bounds->bottom + $bounds->height() * ($j + 0.211) / 9.4);
                $face->region()->contains($place) && $places[] = $place;
            }
        }

        return $places;
    }

    /** @param  list<Point>  $outline */
    private static function inside(array $outline, Point $place): bool
    {
        $in = false;
        foreach ($outline as $i => $a) {
            $b = $outline[($i + 1) % count($outline)];
            if (($a->v > $place->v) !== ($b->v > $place->v) && $place->u < $a->u + ($place->v - $a->v) / ($b->v - $a->v) * ($b->u - $a->u)) {
                $in = ! $in;
            }
        }

        return $in;
    }
}
