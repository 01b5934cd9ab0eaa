<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\Uphill;
use Imbrex\Core\Roof\UphillSchool;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\RoofJob;

/** Crickets on roofs turned every way, their shape told again without their own code: a tent over the corners, where it stands higher than the roof. */
final class CricketShapeTest extends TestCase
{
    public function test_a_cricket_is_a_tent_over_the_corners_where_it_stands_higher_than_the_roof(): void
    {
        $random = new Randomizer(new Mt19937(9));
        $between = static fn (float $least, float $most): float => $least + $random->getInt(0, 10_000) / 10_000.0 * ($most - $least);
        foreach (range(1, 30) as $turn) {
            [$rise, $own] = [$between(2.0, 12.0), $between(2.0, 12.0)];
            [$width, $left, $low] = [$between(10.0, 70.0), $between(80.0, 250.0), $between(20.0, 40.0)];
            $opening = Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle($left, $low, $left + $width, $low + 20.0))->shedding(new Uphill(UphillSchool::Cricket, $own));
            $plan = RoofJob::plan([self::turned($turn * 23.0, $rise)], openings: [$opening]);
            $roof = $plan->of(RoofStage::class)->roof;
            [$main, $one, $other] = [$roof->face('shed.S'), $roof->face('c.L'), $roof->face('c.R')];
            if ($one === null || $other === null || $main?->frame === null) {
                self::assertCount(1, RoofJob::findings($plan, 'roof.cricket-room'), "turn $turn");

                continue;
            }
            $foot = $main->frame->plane->at($main->frame->toPlan(new Point($left, $low + 20.0)));
            foreach (range(1, 60) as $sample) {
                // Across from the middle, up the deck from the wall.
                [$x, $v] = [$between(-$width, $width) * 0.75, $low + 20.0 + $between(0.01, 150.0)];
                $place = $main->frame->toPlan(new Point($left + $width / 2.0 + $x, $v));
                $tent = $foot + ($width / 2.0 - abs($x)) * $own / 12.0;
                $deck = $main->frame->plane->at($place);
                $stands = array_values(array_filter([$one, $other], static fn (Face $face): bool => $face->plan()?->outline->contains($place) === true));
                if (abs($tent - $deck) < 0.01 || abs($x) < 0.01) {
                    continue;
                }
                self::assertSame($tent > $deck, $stands !== [], "turn $turn: $x across, $v up");
                if ($stands !== []) {
                    self::assertEqualsWithDelta($tent, $stands[0]->frame?->plane->at($place), 1e-6);
                    self::assertSame($x < 0.0 ? 'c.L' : 'c.R', $stands[0]->id);
                    self::assertFalse($main->region()->contains($main->frame->toDeck($place)), 'the roof makes room');
                }
            }
            $this->edges($plan);
        }
    }

    /** Edges lie where their faces meet, and every panel on its own face. */
    private function edges(Plan $plan): void
    {
        $roof = $plan->of(RoofStage::class)->roof;
        $own = array_values(array_filter($roof->edges, static fn (Edge $edge): bool => str_contains($edge->id, 'c.')));
        self::assertSame(
            [EdgeKind::Valley, EdgeKind::Valley, EdgeKind::Ridge, EdgeKind::Sidewall, EdgeKind::Sidewall],
            array_map(static fn (Edge $edge): EdgeKind => $edge->kind, $own),
        );
        foreach ($own as $edge) {
            foreach ($edge->faces as $id) {
                $plane = $roof->face($id)?->frame?->plane;
                self::assertEqualsWithDelta([$edge->fromHeight, $edge->toHeight], [$plane?->at($edge->from), $plane?->at($edge->to)], 1e-6, "$edge->id on $id");
            }
        }
        self::assertTrue($own[2]->isLevel(), 'the ridge');
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            $face = $roof->face($panel->face);
            foreach ($face?->behind === null ? [] : $panel->metal->corners as $corner) {
                $bounds = $face->outline->bounds();
                self::assertTrue($corner->u > $bounds->left - 1e-6 && $corner->u < $bounds->right + 1e-6 && $corner->v > $bounds->bottom - 1e-6 && $corner->v < $bounds->top + 1e-6, sprintf('%s: %s in %s', $panel->id, json_encode($panel->metal->corners), json_encode($face->outline->corners)));
            }
        }
    }

    private static function turned(float $degrees, float $rise): Block
    {
        return BlockMaker::block('shed', 40.0, -30.0, 420.0, 360.0, [$rise, null, $rise, null], 0.0, 100.0, $degrees);
    }
}
