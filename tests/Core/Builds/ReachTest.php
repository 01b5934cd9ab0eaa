<?php

declare(strict_types=1);

namespace Tests\Core\Builds;

use Imbrex\Core\Builds\LayerRole;
use Imbrex\Core\Builds\TrimBook;
use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Edges\EdgesStage;
use Imbrex\Core\Edges\PlacedLayer;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\Sizes;
use Imbrex\Core\HoldDown\HoldDownStage;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Legs that must reach: what is bent at an edge fits what is cut, hooked and screwed there. */
final class ReachTest extends TestCase
{
    /** A leg of L on seams h high covers L − h·tan of the slope: over zees at 6 a leg of 6 never does. */
    public function test_a_caps_leg_reaches_over_its_zees(): void
    {
        // 1-3/4 seams: at 12 in 12 6 + 1/4 + 1.75 = 8, at 3 in 12 6 + 1/4 + 0.4375.
        $flat = rad2deg(atan(0.25));
        self::assertEqualsWithDelta([8.0, 6.6875], [self::leg('ridge-cap', 0, self::sizes(1.75, 6.0, 45.0, 45.0)), self::leg('ridge-cap', 1, self::sizes(1.75, 6.0, $flat, $flat))], 1e-9);
        // 12 in 12 against 3 in 12: y = x + 1.75·√2 and y = −x/4 + 1.75·√17/4 meet at (−0.5369, 1.9380), which is (1.9380 − 0.5369)/√2 = 0.9908 past the line on either side.
        $sizes = self::sizes(1.75, 6.0, 45.0, $flat);
        self::assertEqualsWithDelta([7.2408, 7.2408], [self::leg('ridge-cap', 0, $sizes), self::leg('ridge-cap', 1, $sizes)], 1e-4);
        // Over cleats at 5 the usual 6 does at 3 in 12.
        self::assertSame(6.0, self::leg('ridge-cap', 1, self::sizes(1.75, 5.0, $flat, $flat)));
        // Against a wall at 6 in 12, zees at 4 and seams of 1-1/2: 4 + 1/4 + 3/4.
        $half = rad2deg(atan(0.5));
        self::assertEqualsWithDelta(5.0, self::leg('headwall', 0, self::sizes(1.5, 4.0, $half, $half)), 1e-9);
    }

    public function test_pans_are_as_wide_as_their_panels_ask(): void
    {
        // The usual 10 lie under a cleat at 4 + 1 + 1-1/2; at a reveal of 8 it ends at 10-1/2, an inch is left, half of one is the crimp's foot.
        self::assertSame(10.0, self::leg('valley-pan', 0, self::sizes(1.5, 6.5)));
        self::assertEqualsWithDelta(11.0, self::leg('valley-pan', 3, self::sizes(1.5, 10.5)), 1e-9);
        // Panels hook its own edge: at a reveal of 4 its hem of 1 ends there, so it is folded at 5, half an inch of which is the crimp's foot.
        $shape = TrimBook::shipped()->shape('hemmed-pan')?->settled(self::sizes(1.5, 5.0)) ?? self::fail();
        self::assertEqualsWithDelta([4.5, 4.5, 13.0], [$shape->legs[0]->length(0.0), $shape->legs[3]->length(0.0), $shape->girth(0.0)], 1e-9);
        self::assertTrue($shape->isGrown);
    }

    /** On roofs of every kind: a cap ends past what it hooks, a pan past what lies on it, and both are bent as the section has them. */
    public function test_what_is_bent_reaches_on_random_roofs(): void
    {
        $seen = [];
        foreach (RandomRoof::several(60) as $random) {
            $plan = $random->plan();
            foreach ($plan->of(EdgesStage::class)->edges as $id => $built) {
                $cover = self::covering($built);
                if ($cover === null) {
                    continue;
                }
                $beyond = array_filter($built->section->layers, static fn (PlacedLayer $layer): bool => in_array($layer->layer->role, [LayerRole::Zee, LayerRole::Closure, LayerRole::Cleat, LayerRole::Vent], true) && $layer->layer->title === null);
                foreach ($beyond as $layer) {
                    self::assertLessThan($layer->from, $cover->from, "roof $random->number, $id: {$layer->layer->key}");
                    self::assertGreaterThan($layer->to, $cover->to, "roof $random->number, $id: {$layer->layer->key}");
                }
                $run = $plan->of(TrimsStage::class)->runs["$id.{$cover->layer->key}"] ?? null;
                if ($run !== null) {
                    // From edge to edge on the deck, and what the seams take of a cap, what the crimp takes of a pan.
                    $lost = $built->edge->kind === EdgeKind::Valley ? -1.0 : $built->section->sizes->lost() * 2.0;
                    $legs = $run->shape->legs[0]->length(0.0) + $run->shape->legs[count($run->shape->legs) - 1]->length(0.0);
                    self::assertEqualsWithDelta($cover->to - $cover->from, $legs - $lost, 1e-9, "roof $random->number, $id");
                    $seen[$built->edge->kind->value] = true;
                }
            }
        }
        self::assertEqualsCanonicalizing(['ridge', 'hip', 'valley'], array_keys($seen));
    }

    /** The row stands in the middle of the closure, 6-1/2 from the centre with a reveal of 4, the same in the section and on the panels; none nearer. */
    public function test_a_screwed_valley_has_one_row_through_its_closure(): void
    {
        $plan = RoofJob::plan(RoofJob::boathouse(), profile: 'rib-9-36');
        $roof = $plan->of(RoofStage::class)->roof;
        $rows = 0;
        foreach ($roof->edges as $edge) {
            if ($edge->kind !== EdgeKind::Valley) {
                continue;
            }
            $section = $plan->of(EdgesStage::class)->edges[$edge->id]->section;
            $at = array_merge(...array_map(static fn (PlacedLayer $layer): array => $layer->layer->role === LayerRole::Panel ? $layer->fasteners : [], $section->layers));
            self::assertEqualsWithDelta([-6.5, 6.5], $at, 1e-9);
            foreach ($edge->faces as $id) {
                $face = $roof->face($id) ?? self::fail();
                $off = array_map(static fn ($screw): float => self::off($edge, $id, $screw->u, $screw->v, $plan->of(RoofStage::class)->roof), array_values(array_filter($plan->of(HoldDownStage::class)->faces[$face->id]->screws, static fn ($screw): bool => self::beside($edge, $id, $screw->u, $screw->v, $roof))));
                self::assertGreaterThan(6.5 - 1e-6, min($off), "$edge->id on $id");
                $own = array_filter($off, static fn (float $one): bool => abs($one - 6.5) < 1e-6);
                self::assertGreaterThan(3, count($own), "$edge->id on $id has its row");
                $rows += count($own);
            }
        }
        self::assertGreaterThan(20, $rows);
    }

    private static function covering(BuiltEdge $built): ?PlacedLayer
    {
        foreach ($built->section->layers as $layer) {
            if (in_array($layer->layer->shape, ['ridge-cap', 'hip-cap', 'cap-screwed', 'valley-pan'], true) && $built->edge->length() > 24.0) {
                return $layer;
            }
        }

        return null;
    }

    private static function sizes(float $rib, float $line, float $slope = 0.0, float $other = 0.0): Sizes
    {
        return new Sizes(past: 0.0, back: 0.0, hem: 1.0, rib: $rib, cleat: 1.5, line: $line, slope: $slope, other: $other);
    }

    private static function leg(string $shape, int $number, Sizes $sizes): float
    {
        return TrimBook::shipped()->shape($shape)?->leg($number, $sizes) ?? self::fail($shape);
    }

    /** Inches square to an edge on a face. */
    private static function off(Edge $edge, string $face, float $u, float $v, Roof $roof): float
    {
        $frame = $roof->face($face)->frame ?? self::fail();
        [$a, $b] = [$frame->toDeck($edge->from), $frame->toDeck($edge->to)];

        return abs(($b->u - $a->u) * ($v - $a->v) - ($b->v - $a->v) * ($u - $a->u)) / $a->distanceTo($b);
    }

    /** Whether a place lies beside an edge, between its ends, and near it. */
    private static function beside(Edge $edge, string $face, float $u, float $v, Roof $roof): bool
    {
        $frame = $roof->face($face)->frame ?? self::fail();
        [$a, $b, $at] = [$frame->toDeck($edge->from), $frame->toDeck($edge->to), new Point($u, $v)];
        $along = (($at->u - $a->u) * ($b->u - $a->u) + ($at->v - $a->v) * ($b->v - $a->v)) / $a->distanceTo($b);

        return $along > 0.0 && $along < $a->distanceTo($b) && self::off($edge, $face, $u, $v, $roof) < 24.0;
    }
}
