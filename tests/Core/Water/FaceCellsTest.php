<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Water\Internal\Cell;
use Imbrex\Core\Water\Internal\Cover;
use Imbrex\Core\Water\Internal\FaceCells;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** A face parted into narrow stretches: every place of it is in one, and all of them are the face. */
final class FaceCellsTest extends TestCase
{
    public function test_a_gable_without_seams_is_one_cell(): void
    {
        $face = self::face(RoofJob::plan(RoofJob::gable(300.0)), 'shed.S');
        $cells = (new FaceCells($face, [], []))->all();
        self::assertCount(1, $cells);
        self::assertEqualsWithDelta([0.0, 300.0, 0.0, 120.0 * sqrt(1.25), 300.0 * 120.0 / 144.0], [$cells[0]->from, $cells[0]->to, $cells[0]->low, $cells[0]->high, $cells[0]->squareFeet], 1e-6);
        // Seams part it; one on its very edge does not.
        self::assertCount(3, (new FaceCells($face, [0.0, 100.0, 200.0, 300.0], []))->all());
    }

    /** A chimney 40 wide and 30 high, 50 from the left: left of it, below it, above it, right of it. */
    public function test_an_opening_parts_what_is_above_it_from_what_is_below(): void
    {
        $chimney = Opening::outlined('c', 'shed.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(50.0, 60.0, 90.0, 90.0));
        $face = self::face(RoofJob::plan(RoofJob::gable(300.0), openings: [$chimney]), 'shed.S');
        $cells = (new FaceCells($face, [], []))->all();
        self::assertCount(4, $cells);
        $above = array_values(array_filter($cells, static fn (Cell $cell): bool => $cell->opening === 'c'));
        self::assertCount(1, $above);
        self::assertEqualsWithDelta([50.0, 90.0, 90.0], [$above[0]->from, $above[0]->to, $above[0]->low], 1e-6);
        // Rain on the chimney itself runs off below it: nothing is lost.
        self::assertEqualsWithDelta(300.0 * 120.0 / 144.0, self::squareFeet($cells), 1e-6);
        // A pipe is gone round within its pan.
        $pipe = RoofJob::plan(RoofJob::gable(300.0), openings: [Opening::pipe('p', 'shed.S', 'Pipe', new Point(100.0, 60.0), 4.0)]);
        self::assertCount(1, (new FaceCells(self::face($pipe, 'shed.S'), [], []))->all());
    }

    public function test_cells_are_the_face_on_any_roof(): void
    {
        foreach (RandomRoof::several(14) as $random) {
            $plan = $random->plan();
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $cells = (new FaceCells($face, [40.0, 80.0, 120.0, 171.3], []))->all();
                $area = ($face->outline->area() + array_sum(array_map(static fn (Polygon $hole): float => -abs($hole->area()), $face->holes))) / 144.0;
                self::assertEqualsWithDelta($area * cos(deg2rad($face->pitch->degrees())), self::squareFeet($cells), 1e-3, "roof $random->number, $face->id");
                foreach ($cells as $cell) {
                    self::assertGreaterThan($cell->from, $cell->to);
                    self::assertGreaterThan($cell->low, $cell->high);
                }
            }
        }
    }

    public function test_a_drop_is_found_in_the_cell_it_is_in(): void
    {
        $random = new Randomizer(new Mt19937(17));
        foreach (RandomRoof::several(8) as $roof) {
            $plan = $roof->plan();
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $cells = new FaceCells($face, [33.0, 66.0, 99.0], []);
                $bounds = $face->outline->bounds();
                for ($try = 0; $try < 40; $try++) {
                    $drop = new Point($bounds->left + $bounds->width() * $random->getInt(1, 9999) / 1e4, $bounds->bottom + $bounds->height() * $random->getInt(1, 9999) / 1e4);
                    if (! $face->region()->contains($drop)) {
                        continue;
                    }
                    $cell = $cells->at($drop->u, $drop->v);
                    self::assertNotNull($cell);
                    self::assertTrue($drop->u >= $cell->from - 1e-6 && $drop->u <= $cell->to + 1e-6, 'beside it');
                }
                self::assertNull($cells->at($bounds->left - 5.0, $bounds->bottom));
                self::assertNull($cells->at($bounds->right + 5.0, $bounds->top));
            }
        }
    }

    /** Faces that meet at a ridge or a hip share a line: none lies over another. A higher roof's eave does. */
    public function test_covers_are_what_hangs_over(): void
    {
        $faces = RoofJob::plan(RoofJob::boathouse())->of(RoofStage::class)->roof->faces;
        foreach ($faces as $face) {
            self::assertSame([], Cover::over($face, $faces), $face->id);
        }
        $plan = RoofJob::plan([
            BlockMaker::block('high', 0, 0, 300, 240, [4, null, 4, null], 24, 200),
            BlockMaker::block('low', 0, -180, 300, 180, [4, null, null, null], 0, 60),
        ]);
        $roof = $plan->of(RoofStage::class)->roof;
        $low = self::face($plan, 'low.S');
        $covers = Cover::over($low, $roof->faces);
        self::assertCount(1, $covers);
        // The eave hangs 24 over it in plan, all along its upper end.
        $rained = self::squareFeet((new FaceCells($low, [], $covers))->all());
        self::assertEqualsWithDelta($low->areaSquareFeet() * cos(deg2rad($low->pitch->degrees())) - 300.0 * 24.0 / 144.0, $rained, 0.5);
        self::assertSame([], Cover::over(self::face($plan, 'high.S'), $roof->faces), 'what lies lower covers nothing');
    }

    private static function face(Plan $plan, string $id): Face
    {
        return $plan->of(RoofStage::class)->roof->face($id) ?? throw new \LogicException($id);
    }

    /** @param  list<Cell>  $cells */
    private static function squareFeet(array $cells): float
    {
        return array_sum(array_map(static fn (Cell $cell): float => $cell->squareFeet, $cells));
    }
}
