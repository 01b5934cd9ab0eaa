<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\ElementsGenerator;
use Eris\TestTrait;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Internal\BlockRoof;
use Imbrex\Core\Roof\Roof;
use PHPUnit\Framework\TestCase;

/** What holds for every roof, on a thousand of them: one to six blocks, any rotation, mixed pitches. */
final class RandomRoofTest extends TestCase
{
    use TestTrait;

    /** Points of the grid a roof is held against. Odd steps keep them off walls that stand at whole inches. */
    private const GRID = 9;

    public function test_a_thousand_random_roofs(): void
    {
        $quiet = 0;
        $this->limitTo(1000)->forAll(new ChooseGenerator(1, 6), RandomBlocks::drawn(), ElementsGenerator::fromArray([true, false]))
            ->then(function (int $count, array $drawn, bool $level) use (&$quiet): void {
                $quiet += self::holds(RandomBlocks::of($count, $drawn, $level)) ? 1 : 0;
            });
        self::assertGreaterThan(300, $quiet, 'enough roofs without one that runs under another');
    }

    public function test_roofs_whose_blocks_line_up_or_nearly_do(): void
    {
        $this->limitTo(300)->forAll(new ChooseGenerator(2, 6), RandomBlocks::drawn(), ElementsGenerator::fromArray([0.0, 1 / 32, 0.125, 1e-6]))
            ->then(static function (int $count, array $drawn, float $off): void {
                self::holds(RandomBlocks::linedUp($count, $drawn, $off));
            });
    }

    /**
     * @param  list<Block>  $blocks
     * @return bool whether nothing runs under anything
     */
    private static function holds(array $blocks): bool
    {
        $roof = BlockMaker::roof($blocks);
        $codes = array_map(static fn (Finding $f): string => $f->code, $roof->findings);
        $whole = ! in_array('roof.sliver', $codes, true);
        self::edgesPairUp($roof, $whole);
        self::theTopIsTheHighestBlock($roof, $blocks);
        $quiet = ! in_array('roof.runs-under', $codes, true);
        if ($quiet) {
            self::areasAddUp($roof, $blocks, $whole ? 0.2 : 6.0);
            $whole && self::everySideIsAnEdge($roof);
        }

        return $quiet;
    }

    private static function edgesPairUp(Roof $roof, bool $whole): void
    {
        foreach ($roof->edges as $edge) {
            self::assertLessThan(100_000.0, $edge->length(), $edge->id);
            self::assertGreaterThan(0.0, $edge->length(), $edge->id);
            $whole && self::assertCount($edge->kind->isShared() ? 2 : 1, $edge->faces, $edge->id);
            foreach ($edge->faces as $id) {
                $plane = $roof->face($id)->frame->plane ?? self::fail("$edge->id knows no face $id");
                self::assertEqualsWithDelta($edge->fromHeight, $plane->at($edge->from), 0.02, "$edge->id lies on $id");
                self::assertEqualsWithDelta($edge->toHeight, $plane->at($edge->to), 0.02, "$edge->id lies on $id");
                self::assertTrue($edge->angleToRibDegrees[$id] >= 0.0 && $edge->angleToRibDegrees[$id] <= 90.0, $edge->id);
            }
        }
    }

    /** @param  list<Block>  $blocks */
    private static function theTopIsTheHighestBlock(Roof $roof, array $blocks): void
    {
        $roofs = array_map(BlockRoof::of(...), $blocks);
        $plans = array_map(static fn (Face $f): Region => $f->plan() ?? self::fail("$f->id lies nowhere"), $roof->faces);
        for ($i = 0; $i < self::GRID ** 2; $i++) {
            $point = new Point(-60.137 + 171.391 * ($i % self::GRID), -60.731 + 171.713 * intdiv($i, self::GRID));
            $highest = -INF;
            foreach ($roofs as $one) {
                $highest = $one->covers($point) ? max($highest, $one->at($point)) : $highest;
            }
            $top = -INF;
            foreach ($roof->faces as $k => $face) {
                $top = $plans[$k]->contains($point) ? max($top, (float) $face->frame?->plane->at($point)) : $top;
            }
            // -INF means that no roof covers the point.
            self::assertTrue($highest === $top || abs($highest - $top) < 0.01, "at $point->u, $point->v: highest $highest, top $top");
        }
    }

    /** @param  list<Block>  $blocks */
    private static function areasAddUp(Roof $roof, array $blocks, float $within): void
    {
        $plan = array_sum(array_map(static fn (Face $f): float => $f->plan()?->area() ?? 0.0, $roof->faces));

        // No two faces overlap, or they would add up to more than their union.
        self::assertEqualsWithDelta(self::union(array_map(static fn (Block $b): Polygon => $b->footprint(), $blocks)), $plan, $within);
    }

    private static function everySideIsAnEdge(Roof $roof): void
    {
        $sides = 0.0;
        foreach ($roof->faces as $face) {
            foreach ($face->region()->loops() as $loop) {
                $sides += array_sum(array_map($loop->sideLength(...), array_keys($loop->corners)));
            }
        }
        $edges = 0.0;
        foreach ($roof->edges as $edge) {
            $edges += $edge->length() * count($edge->faces);
        }
        self::assertEqualsWithDelta($sides, $edges, 0.5);
    }

    /**
     * Area of the union of convex outlines: exact in the slices between all places where something begins or crosses.
     *
     * @param  list<Polygon>  $outlines
     */
    private static function union(array $outlines): float
    {
        $cuts = [];
        $sides = [];
        foreach ($outlines as $outline) {
            foreach (array_keys($outline->corners) as $i) {
                $cuts[] = $outline->corner($i)->u;
                $sides[] = [$outline->corner($i), $outline->corner($i + 1)];
            }
        }
        foreach ($sides as $i => [$a, $b]) {
            foreach (array_slice($sides, $i + 1) as [$c, $d]) {
                $cross = ($b->u - $a->u) * ($d->v - $c->v) - ($b->v - $a->v) * ($d->u - $c->u);
                if (abs($cross) > 1e-9) {
                    $cuts[] = $a->u + (($c->u - $a->u) * ($d->v - $c->v) - ($c->v - $a->v) * ($d->u - $c->u)) / $cross * ($b->u - $a->u);
                }
            }
        }
        sort($cuts);
        $area = 0.0;
        foreach (array_slice($cuts, 1) as $i => $cut) {
            $area += ($cut - $cuts[$i]) * self::covered($outlines, ($cut + $cuts[$i]) / 2.0);
        }

        return $area;
    }

    /** @param  list<Polygon>  $outlines */
    private static function covered(array $outlines, float $u): float
    {
        $spans = [];
        foreach ($outlines as $outline) {
            $ends = [];
            foreach (array_keys($outline->corners) as $i) {
                [$a, $b] = [$outline->corner($i), $outline->corner($i + 1)];
                if (($a->u > $u) !== ($b->u > $u)) {
                    $ends[] = $a->v + ($u - $a->u) / ($b->u - $a->u) * ($b->v - $a->v);
                }
            }
            if (count($ends) === 2) {
                $spans[] = new Point(min($ends[0], $ends[1]), max($ends[0], $ends[1]));
            }
        }
        usort($spans, static fn (Point $a, Point $b): int => $a->u <=> $b->u);
        $length = 0.0;
        $reached = -INF;
        foreach ($spans as $span) {
            $length += max(0.0, $span->v - max($span->u, $reached));
            $reached = max($reached, $span->v);
        }

        return $length;
    }
}
