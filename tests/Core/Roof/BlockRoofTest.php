<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Pitch;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\WorkedExamples;

final class BlockRoofTest extends TestCase
{
    public function test_the_hipped_hall_with_its_gabled_wing(): void
    {
        $example = array_values(WorkedExamples::named('hipped hall'))[0];
        $roof = BlockMaker::boathouse();
        $total = 0.0;
        foreach ($example[1]['faces'] as $expected) {
            $face = self::face($roof, $expected['face']);
            self::assertEqualsWithDelta($expected['areaSqIn'], $face->outline->area(), 0.01, $face->id);
            self::assertCount($expected['corners'], $face->outline->corners, $face->id);
            $total += $face->areaSquareFeet();
        }
        self::assertCount(count($example[1]['faces']), $roof->faces);
        self::assertEqualsWithDelta($example[1]['totalSqFt'], $total, 0.001);
        self::assertSame(['eave' => 7, 'hip' => 4, 'rake' => 2, 'ridge' => 2, 'valley' => 2], BlockMaker::kinds($roof));
        self::assertSame([], $roof->findings);
    }

    public function test_edges_of_the_boathouse_by_hand(): void
    {
        $roof = BlockMaker::boathouse();
        // Half the hall over its eaves is 194; a hip is that times √(2 + (6/12)²) = 1.5. The wing's valley runs 122.
        self::assertEqualsWithDelta(194 * 1.5, self::edge($roof, 'hip-hall.S-hall.E')->length(), 1e-9);
        $valley = self::edge($roof, 'valley-hall.S-wing.W');
        self::assertEqualsWithDelta(122 * 1.5, $valley->length(), 1e-9);
        self::assertEqualsWithDelta(45.0, $valley->planAngleDegrees(), 1e-9);
        self::assertEqualsWithDelta(Pitch::ofRise(6)->ribToValleyDegrees(), $valley->angleToRibDegrees['hall.S'], 1e-9);
        self::assertEqualsWithDelta($valley->angleToRibDegrees['hall.S'], $valley->angleToRibDegrees['wing.W'], 1e-9);
        // Both ridges: two slopes of 26.565 degrees leave 180 less twice that.
        self::assertEqualsWithDelta(180 - 2 * Pitch::ofRise(6)->degrees(), self::edge($roof, 'ridge-wing.E-wing.W')->dihedralDegrees, 1e-9);
        self::assertEqualsWithDelta(309.0, self::edge($roof, 'ridge-wing.E-wing.W')->length(), 1e-9);
        // Normals of the two faces of a square hip: cos² of the pitch.
        self::assertEqualsWithDelta(180 - rad2deg(acos(cos(deg2rad(Pitch::ofRise(6)->degrees())) ** 2)), $valley->dihedralDegrees, 1e-9);
    }

    public function test_hips_between_unequal_pitches(): void
    {
        foreach (WorkedExamples::named('square-corner') as $name => [$given, $expect]) {
            $roof = BlockMaker::roof([BlockMaker::block('hall', 0, 0, 600, 600, [$given['riseA'], $given['riseB'], null, null])]);
            $hip = self::edge($roof, 'hip-hall.S-hall.E');
            $run = abs($hip->to->u - $hip->from->u);
            // The eave of A runs west–east, so the edge's bearing from it is measured the other way round.
            self::assertEqualsWithDelta($expect['planAngleFromEaveADeg'], 180 - $hip->planAngleDegrees(), 1e-6, $name);
            self::assertEqualsWithDelta($expect['angleToRibADeg'], $hip->angleToRibDegrees['hall.S'], 1e-6, $name);
            self::assertEqualsWithDelta($expect['angleToRibBDeg'], $hip->angleToRibDegrees['hall.E'], 1e-6, $name);
            self::assertEqualsWithDelta($expect['trueLengthPerInchOfPlanRunAlongEaveA'], $hip->length() / $run, 1e-6, $name);
            self::assertEqualsWithDelta($expect['stepPerPanelA'], $given['cover'] / tan(deg2rad($hip->angleToRibDegrees['hall.S'])), 1e-6, $name);
        }
    }

    /** @return iterable<string, array{list<float|null>, array<string, int>}> */
    public static function forms(): iterable
    {
        yield 'gable' => [[6, null, 6, null], ['eave' => 2, 'rake' => 4, 'ridge' => 1]];
        yield 'hip' => [[6, 6, 6, 6], ['eave' => 4, 'hip' => 4, 'ridge' => 1]];
        yield 'hip at one end' => [[6, null, 6, 6], ['eave' => 3, 'hip' => 2, 'rake' => 2, 'ridge' => 1]];
        yield 'shed' => [[4, null, null, null], ['eave' => 1, 'peak' => 1, 'rake' => 2]];
        yield 'unequal pitches' => [[4, 8, 8, 4], ['eave' => 4, 'hip' => 4, 'ridge' => 1]];
        yield 'two sheds meeting in a hip' => [[6, 6, null, null], ['eave' => 2, 'hip' => 1, 'rake' => 2]];
    }

    /**
     * @param  array{float|null, float|null, float|null, float|null}  $rises
     * @param  array<string, int>  $kinds
     */
    #[DataProvider('forms')]
    public function test_one_block_in_every_form(array $rises, array $kinds): void
    {
        $roof = BlockMaker::roof([BlockMaker::block('hall', 0, 0, 480, 300, $rises, 12)]);

        self::assertSame($kinds, array_intersect_key(BlockMaker::kinds($roof), $kinds));
        self::assertSame([], $roof->findings);
    }

    public function test_a_pyramid_has_no_ridge(): void
    {
        $roof = BlockMaker::roof([BlockMaker::block('lantern', 0, 0, 120, 120, [8, 8, 8, 8], 6)]);

        self::assertSame(['eave' => 4, 'hip' => 4], BlockMaker::kinds($roof));
        self::assertEqualsWithDelta(66 * sqrt(2 + (8 / 12) ** 2), self::edge($roof, 'hip-lantern.S-lantern.E')->length(), 1e-9);
    }

    public function test_a_tall_block_stands_in_a_low_roof_as_a_hole(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('low', 0, 0, 600, 400, [3, null, null, null], 12),
            BlockMaker::block('tower', 250, 150, 100, 100, [8, 8, 8, 8], 8, 300),
        ]);
        $low = self::face($roof, 'low.S');

        self::assertCount(1, $low->holes);
        self::assertEqualsWithDelta(100 * 100, abs($low->plan()->holes[0]->area() ?? 0.0), 1e-6, 'it runs under the overhang to the walls');
        self::assertEqualsCanonicalizing([EdgeKind::Headwall, EdgeKind::Headwall, EdgeKind::Sidewall, EdgeKind::Sidewall], $low->holeEdges[0]);
        self::assertContains('roof.runs-under', self::codes($roof));
        self::assertContains('roof.drains-to-wall', self::codes($roof), 'its up-slope side holds water');
        self::assertSame('tower', self::edge($roof, 'sidewall-low.S')->wall);
    }

    public function test_a_lean_to_ends_under_a_high_wall(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('hall', 0, 0, 400, 300, [6, null, 6, null], 14, 200),
            BlockMaker::block('porch', 100, -96, 200, 96, [3, null, null, null], [12, 8, 0, 8], 84),
        ]);
        $head = self::edge($roof, 'headwall-porch.S');

        self::assertSame('hall', $head->wall);
        self::assertEqualsWithDelta(0.0, $head->from->v, 1e-9, 'at the wall, under the overhang');
        self::assertEqualsWithDelta(90 + Pitch::ofRise(3)->degrees(), $head->dihedralDegrees, 1e-9);
        self::assertEqualsWithDelta(108 * Pitch::ofRise(3)->slopeFactor(), self::face($roof, 'porch.S')->outline->bounds()->height(), 1e-9);
    }

    public function test_split_eave_heights_run_under_and_meet_in_a_valley_above(): void
    {
        $roof = BlockMaker::boathouse(96.0);
        $side = self::edge($roof, 'sidewall-wing.W');

        // The wing's roof is 12 lower, so it meets the hall's wall until it has risen that much: 24 of run past its own wall.
        self::assertEqualsWithDelta(408.0, max($side->from->u, $side->to->u), 1e-9);
        self::assertEqualsWithDelta(0.0, $side->from->v, 1e-9);
        foreach (array_filter($roof->edges, static fn (Edge $e): bool => $e->kind->isShared()) as $edge) {
            self::assertCount(2, $edge->faces, $edge->id);
        }
    }

    public function test_eaves_that_nearly_meet_are_said_to_miss(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('hall', 0, 0, 672, 360, [6, 6, 6, 6], 14),
            BlockMaker::block('wing', 384, -192, 216, 372, [null, 8, null, 8], 14),
        ]);

        self::assertContains('roof.fascias-miss', self::codes($roof));
    }

    public function test_a_change_of_pitch_is_a_transition(): void
    {
        // A porch roof of 3 in 12 that the hall's 8 in 12 runs out onto, level with it at the wall.
        $roof = BlockMaker::roof([
            BlockMaker::block('hall', 0, 0, 400, 300, [8, null, 8, null], 0, 120),
            BlockMaker::block('porch', 0, -100, 400, 110, [3, null, null, null], 0, 95),
        ]);
        $edge = self::edge($roof, 'transition-hall.S-porch.S');

        self::assertEqualsWithDelta(90.0, $edge->angleToRibDegrees['hall.S'], 1e-9);
        self::assertEqualsWithDelta(180 - (Pitch::ofRise(8)->degrees() - Pitch::ofRise(3)->degrees()), $edge->dihedralDegrees, 1e-9);
    }

    public function test_a_level_valley_is_told(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('one', 0, 0, 300, 200, [6, null, 6, null]),
            BlockMaker::block('two', 0, 200, 300, 200, [6, null, 6, null]),
        ]);

        self::assertContains('roof.level-valley', self::codes($roof));
        self::assertSame(EdgeKind::Valley, self::edge($roof, 'valley-one.N-two.S')->kind);
    }

    public function test_identical_and_hidden_blocks_add_nothing(): void
    {
        $hall = BlockMaker::block('hall', 0, 0, 480, 300, [6, 6, 6, 6], 12);
        $alone = BlockMaker::roof([$hall]);
        $twice = BlockMaker::roof([$hall, BlockMaker::block('again', 0, 0, 480, 300, [6, 6, 6, 6], 12)]);
        $inside = BlockMaker::roof([$hall, BlockMaker::block('inside', 100, 100, 100, 100, [6, 6, 6, 6], 0, 90)]);

        foreach ([$twice, $inside] as $roof) {
            self::assertSame(self::areas($alone), self::areas($roof));
            self::assertSame(['roof.block-hidden'], self::codes($roof));
            self::assertCount(count($alone->edges), $roof->edges);
        }
    }

    public function test_faces_in_one_plane_are_one_face(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('west', 0, 0, 300, 240, [5, null, 5, null], [12, 0, 12, 9]),
            BlockMaker::block('east', 300, 0, 260, 240, [5, null, 5, null], [12, 9, 12, 0]),
        ]);

        self::assertCount(2, $roof->faces);
        self::assertSame(['eave' => 2, 'rake' => 4, 'ridge' => 1], BlockMaker::kinds($roof));
        self::assertEqualsWithDelta(578 * 132 * Pitch::ofRise(5)->slopeFactor(), self::face($roof, 'west.S')->outline->area(), 1e-6);
    }

    public function test_planes_a_hair_apart_are_one_face(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('west', 0, 0, 300, 240, [5, null, 5, null]),
            BlockMaker::block('east', 250, 0.00008, 300, 240, [5, null, 5, null]),
        ]);

        self::assertCount(2, $roof->faces);
        self::assertEqualsWithDelta(550 * 120 * Pitch::ofRise(5)->slopeFactor(), self::face($roof, 'west.S')->outline->area(), 0.1);
    }

    public function test_faces_that_touch_in_a_point_stay_apart(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('one', 0, 0, 200, 200, [6, null, null, null]),
            BlockMaker::block('two', 200, 200, 200, 200, [6, null, null, null], 0, 208),
        ]);

        self::assertCount(2, $roof->faces);
        foreach ($roof->faces as $face) {
            self::assertCount(4, $face->outline->corners);
        }
    }

    public function test_a_sliver_is_dropped_and_told(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('hall', 0, 0, 400, 240, [6, null, 6, null], 0),
            BlockMaker::block('bay', 100, 0, 0.9, 0.9, [6, null, null, null], 0, 109),
        ]);

        self::assertContains('roof.sliver', self::codes($roof));
        self::assertNull($roof->face('bay.S'));
    }

    public function test_a_dormer_ends_in_valleys_and_walls(): void
    {
        $roof = BlockMaker::roof([
            BlockMaker::block('hall', 0, 0, 480, 360, [8, null, 8, null], 12),
            BlockMaker::block('dormer', 200, 30, 80, 150, [null, 8, null, 8], [6, 6, 0, 6], 168),
        ]);
        $kinds = BlockMaker::kinds($roof);

        self::assertSame(2, $kinds['valley']);
        self::assertSame(2, $kinds['sidewall'], 'its cheeks');
        self::assertSame(1, $kinds['headwall'], 'its front, which the main slope runs up to');
        self::assertCount(4, $roof->faces, 'the main slope runs round the dormer, under its overhang');
    }

    public function test_everything_turns_with_the_building(): void
    {
        $straight = BlockMaker::boathouse();
        $turn = deg2rad(33.0);
        $wing = [384 * cos($turn) + 192 * sin($turn), 384 * sin($turn) - 192 * cos($turn)];
        $turned = BlockMaker::roof([
            BlockMaker::block('hall', 0, 0, 672, 360, [6, 6, 6, 6], 14, 108, 33),
            BlockMaker::block('wing', $wing[0], $wing[1], 216, 372, [null, 6, null, 6], [9, 14, 9, 14], 108, 33),
        ]);
        foreach ($straight->edges as $edge) {
            $same = self::edge($turned, $edge->id);
            self::assertEqualsWithDelta($edge->length(), $same->length(), 1e-6, $edge->id);
            self::assertEqualsWithDelta($edge->dihedralDegrees ?? 0.0, $same->dihedralDegrees ?? 0.0, 1e-5, $edge->id);
        }
        foreach ($straight->faces as $face) {
            foreach ($face->outline->corners as $i => $corner) {
                self::assertEqualsWithDelta(0.0, $corner->distanceTo(self::face($turned, $face->id)->outline->corner($i)), 1e-6, $face->id);
            }
        }
    }

    private static function face(Roof $roof, string $id): Face
    {
        return $roof->face($id) ?? self::fail("no face $id");
    }

    private static function edge(Roof $roof, string $id): Edge
    {
        return $roof->edge($id) ?? self::fail("no edge $id among ".implode(', ', array_map(static fn (Edge $e): string => $e->id, $roof->edges)));
    }

    /** @return list<string> */
    private static function codes(Roof $roof): array
    {
        return array_map(static fn (Finding $f): string => $f->code, $roof->findings);
    }

    /** @return array<string, float> */
    private static function areas(Roof $roof): array
    {
        return array_column(array_map(static fn (Face $f): array => [$f->id, round($f->outline->area(), 6)], $roof->faces), 1, 0);
    }
}
