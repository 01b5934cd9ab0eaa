<?php

declare(strict_types=1);

namespace Tests\Core\Roof;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** Openings that stand where none can are said, with what would do; those that touch or stand clear are not. */
final class OpeningCheckerTest extends TestCase
{
    public function test_two_over_each_other_are_said_once(): void
    {
        $curb = static fn (string $id, float $left, float $bottom, float $right, float $top): Opening => Opening::outlined($id, 'shed.S', OpeningKind::Curb, strtoupper($id), Polygon::rectangle($left, $bottom, $right, $top));
        foreach ([
            'a corner in the other' => [$curb('a', 50, 40, 90, 70), $curb('b', 80, 60, 120, 90), true],
            'one within the other' => [$curb('a', 50, 40, 110, 90), $curb('b', 70, 50, 80, 60), true],
            'crossed, no corner in either' => [$curb('a', 50, 60, 130, 70), $curb('b', 85, 40, 95, 90), true],
            'side by side' => [$curb('a', 50, 40, 90, 70), $curb('b', 90, 40, 120, 70), false],
            'far apart' => [$curb('a', 50, 40, 90, 70), $curb('b', 150, 40, 190, 70), false],
        ] as $what => [$one, $other, $isSaid]) {
            $said = self::said([$one, $other], 'roof.opening-over');
            self::assertCount($isSaid ? 1 : 0, $said, $what);
            $isSaid && self::assertSame([['opening' => 'A', 'other' => 'B'], Severity::Settle], [$said[0]->parameters, $said[0]->severity]);
        }
    }

    /** A unit slip: 12 by 12 feet where inches were meant is still less than the face; 40 ft is not. */
    public function test_one_as_large_as_its_face_is_said(): void
    {
        $curb = static fn (float $width, float $height): Opening => Opening::outlined('c', 'shed.S', OpeningKind::Curb, 'Curb', Polygon::rectangle(0.0, 0.0, $width, $height));
        self::assertSame([], self::said([$curb(144.0, 100.0)], 'roof.opening-large'));
        foreach ([[480.0, 40.0], [40.0, 480.0]] as [$width, $height]) {
            $said = self::said([$curb($width, $height)], 'roof.opening-large');
            self::assertCount(1, $said);
            self::assertSame([$width, $height], [$said[0]->parameters['width']->inches, $said[0]->parameters['height']->inches]);
        }
    }

    /** The valley of the boathouse's hall runs from u 384 at the eave up to the right: pipes 12 and half their size off it. */
    public function test_a_pipe_keeps_off_a_valley(): void
    {
        $at = static fn (float $u, float $v, float $diameter = 4.0): array => RoofJob::findings(RoofJob::plan(RoofJob::boathouse(), openings: [Opening::pipe('p', 'hall.S', 'Pipe', new Point($u, $v), $diameter)]), 'roof.opening-valley');
        // On the deck it rises 1.118 for 1 across: square to it 5 up are 5 × cos 48.19° = 3.33.
        $rise = sqrt(1.25);
        $said = $at(420.0, 36.0 * $rise + 5.0);
        self::assertCount(1, $said);
        self::assertEqualsWithDelta(5.0 / hypot(1.0, $rise), $said[0]->parameters['off']->inches, 1e-6);
        self::assertEqualsWithDelta(14.0, $said[0]->parameters['wants']->inches, 1e-9);
        // 14 off: 14 × 1.5 up.
        self::assertSame([], $at(420.0, 36.0 * $rise + 14.01 * hypot(1.0, $rise)));
        self::assertCount(1, $at(420.0, 36.0 * $rise + 14.01 * hypot(1.0, $rise), 6.0), 'a thicker pipe keeps farther off');
        // Past the valley's ends it is the end that counts; beside hips and eaves nothing is asked.
        self::assertSame([], $at(300.0, 20.0));
        self::assertSame([], $at(60.0, 55.0));
    }

    public function test_other_kinds_in_a_valley_are_their_own_matter(): void
    {
        $curb = Opening::outlined('c', 'hall.S', OpeningKind::Curb, 'Curb', Polygon::rectangle(410.0, 45.0, 430.0, 65.0));
        self::assertSame([], RoofJob::findings(RoofJob::plan(RoofJob::boathouse(), openings: [$curb]), 'roof.opening-valley'));
    }

    /**
     * @param  list<Opening>  $openings
     * @return list<Finding>
     */
    private static function said(array $openings, string $code): array
    {
        $plan = RoofJob::plan(RoofJob::gable(480.0), openings: $openings);

        return RoofJob::findings(Plan::for($plan->job), $code);
    }

    public function test_what_stands_over_an_edge_is_said_by_how_much(): void
    {
        $curb = static fn (float $left, float $bottom): Opening => Opening::outlined('c', 'shed.S', OpeningKind::Curb, 'Curb', Polygon::rectangle($left, $bottom, $left + 30.0, $bottom + 20.0));
        $of = static fn (Opening $opening, string $code): array => RoofJob::findings(RoofJob::plan(RoofJob::gable(300.0), openings: [$opening]), $code);
        $over = $of($curb(-4.0, 40.0), 'roof.opening-edge');
        self::assertSame(['rake', 4.0], [$over[0]->parameters['edge'], $over[0]->parameters['over']->inches]);
        self::assertSame(['eave', 7.0], [($eave = $of($curb(100.0, -7.0), 'roof.opening-edge'))[0]->parameters['edge'], $eave[0]->parameters['over']->inches]);
        // In the corner of both it stands over one of them; beside an edge, or in the field, over none.
        self::assertCount(1, $of($curb(-4.0, -7.0), 'roof.opening-edge'));
        foreach ([[0.0, 40.0], [100.0, 0.0], [100.0, 40.0]] as [$left, $bottom]) {
            self::assertSame([], $of($curb($left, $bottom), 'roof.opening-edge'));
        }
        // At the ridge, 134.16 up, a chimney is on both sides.
        self::assertCount(1, $of($curb(100.0, 120.0), 'roof.opening-ridge'));
    }
}
