<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Ends\EndLine;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsResult;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** Ends of trims bent up again in the round, apart from the code that drew them: what meets on the roof meets here. */
final class EndMeetTest extends TestCase
{
    /** Inches two pieces may miss each other by. */
    private const MEETS = 1.0 / 32.0;

    /** @var array<string, float> rise to run of the roof at hand, by face */
    private static array $rises = [];

    /** Rakes of 4 and 9 in 12 at one peak, 18.435 and 36.870 degrees, are cut at half their sum, 27.652, from square each, and meet along their whole cut. */
    public function test_rakes_of_two_pitches_meet_half_way_between_them(): void
    {
        $made = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [4, null, 9, null])]);
        $mitred = array_values(array_filter($made->runs, static fn (TrimRun $run): bool => in_array($run->high->kind, [EndKind::MitreTab, EndKind::MitreCut], true)));
        self::assertCount(4, $mitred);
        foreach ($mitred as $run) {
            $pitch = (rad2deg(atan(4.0 / 12.0)) + rad2deg(atan(9.0 / 12.0))) / 2.0;
            self::assertEqualsWithDelta($pitch, min(array_map(static fn (float $degrees): float => abs($degrees - $pitch), $run->high->degrees())) + $pitch, 1e-6);
            // The face, four deep, is cut back at its foot by four times its tangent.
            self::assertEqualsWithDelta(4.0 * tan(deg2rad($pitch)) + $run->high->reach, self::begins($run->high, 1.0), 1e-9);
        }
        $met = [];
        foreach ($mitred as $run) {
            $met[(string) round($run->edge->to->u)][] = self::atLines($run, $run->high, self::rakeEnd($run, true));
        }
        self::assertCount(2, $met);
        foreach ($met as [$one, $other]) {
            self::assertMeets($one, $other);
        }
        $reaches = array_map(static fn (TrimRun $run): float => round($run->high->reach, 9), $mitred);
        sort($reaches);
        self::assertSame([0.0, 0.0, 1.0, 1.0], $reaches, 'a tab of one behind the other');
    }

    /** At one pitch every line of one goes on in the other's. */
    public function test_rakes_of_one_pitch_meet_line_by_line(): void
    {
        $made = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [7, null, 7, null])]);
        $met = [];
        foreach ($made->runs as $run) {
            if (in_array($run->high->kind, [EndKind::MitreTab, EndKind::MitreCut], true)) {
                $met[(string) round($run->edge->to->u)][] = self::atLines($run, $run->high, self::rakeEnd($run, true));
            }
        }
        self::assertCount(2, $met);
        foreach ($met as [$one, $other]) {
            self::assertMeets($one, $other);
        }
    }

    public function test_trims_meet_round_outside_and_inside_corners(): void
    {
        $made = self::trims(RoofJob::boathouse());
        $met = [];
        foreach ($made->runs as $run) {
            foreach ($run->shape->key === 'eave-trim' ? ['low' => $run->low, 'high' => $run->high] : [] as $cut) {
                if (in_array($cut->kind, [EndKind::CornerTab, EndKind::CornerCut], true)) {
                    $at = self::at($run, $cut === $run->high);
                    $met[sprintf('%.0f %.0f', $at->x, $at->y)][] = self::atLines($run, $cut, self::eaveEnd($run, $cut === $run->high));
                }
            }
        }
        self::assertCount(6, $met);
        $whole = 0;
        foreach ($met as [$one, $other]) {
            // Hem, kick and face always; the flange where the corner turns out, for the valley's pan lies in the other.
            self::assertMeets(array_slice($one, 0, 3), array_slice($other, 0, 3));
            $whole += $one[3]->plus($other[3], -1.0)->length() < self::MEETS ? 1 : 0;
        }
        self::assertSame(4, $whole);
    }

    public function test_hip_caps_meet_in_a_point(): void
    {
        foreach ([[4, 4, 4, 4], [9, 9, 9, 9], [12, 12, 12, 12]] as $rises) {
            // A pyramid: four caps in one point, each pair along a face.
            $made = self::trims([BlockMaker::block('b', 0, 0, 300, 300, $rises)]);
            $byFace = [];
            foreach ($made->runs as $run) {
                if ($run->high->kind === EndKind::HipPoint) {
                    $corners = self::capEnd($run, true)->outline();
                    self::assertLessThan(self::MEETS, self::at($run, true)->plus($corners[2], -1.0)->length(), 'its point on the roof\'s');
                    $byFace[$run->edge->faces[0]][] = $corners[1];
                    $byFace[$run->edge->faces[1]][] = $corners[3];
                }
            }
            self::assertCount(4, $byFace);
            foreach ($byFace as [$one, $other]) {
                self::assertLessThan(self::MEETS, $one->plus($other, -1.0)->length());
            }
        }
    }

    /** Roofs of two pitches meet askew: hips still meet each other and lie under the ridge's cap. */
    public function test_hips_of_two_pitches_lie_under_the_ridge(): void
    {
        $made = self::trims([BlockMaker::block('b', 0, 0, 480, 300, [6, 9, 6, 9])]);
        $points = array_values(array_filter($made->runs, static fn (TrimRun $run): bool => $run->high->kind === EndKind::HipPoint));
        $ridge = array_values(array_filter($made->runs, static fn (TrimRun $run): bool => $run->low->kind === EndKind::OverHips))[0];
        self::assertCount(4, $points);
        foreach ([false, true] as $isHigh) {
            $cap = self::capEnd($ridge, $isHigh)->outline();
            $at = self::at($ridge, $isHigh);
            $out = self::out($ridge, $isHigh);
            foreach ($points as $hip) {
                if (self::at($hip, true)->plus($at, -1.0)->length() > 1.0) {
                    continue;
                }
                $side = array_search($ridge->edge->faces[0], $hip->edge->faces, true) !== false ? 0 : 1;
                $corner = self::capEnd($hip, true)->outline()[array_search($ridge->edge->faces[$side], $hip->edge->faces, true) === 0 ? 1 : 3];
                // The ridge's cap lies a tab further along it; its legs lose more to the seams and are longer, so that its corner lies farther out on the same line.
                $over = $cap[$side === 0 ? 1 : 3]->plus($out, -1.0)->plus($at, -1.0);
                $under = $corner->plus($at, -1.0);
                self::assertLessThan(self::MEETS, $over->cross($under)->length() / $over->length(), 'on one line from the point');
                self::assertLessThan($over->length() + self::MEETS, $under->length(), 'under it');
            }
        }
    }

    /** Equal roofs of 6 in 12, eaves at 45 degrees in plan: a pan is cut at 48.19 degrees to its centre line. */
    public function test_a_valley_pan_ends_along_both_eaves(): void
    {
        $made = self::trims(RoofJob::boathouse());
        $pan = $made->runs['valley-hall.S-wing.E.valley-pan'];
        self::assertEqualsWithDelta(90.0 - 48.189685104221404, min(array_filter($pan->low->degrees(), static fn (float $degrees): bool => abs($degrees - 41.81) < 0.1)), 1e-6);
        $folded = self::capEnd($pan, false);
        $corners = array_values(array_filter($pan->low->outline, static fn (Point $p): bool => ($p->v > 0.99 && $p->v < 10.8) || ($p->v > 12.7 && $p->v < 22.51)));
        $eaves = array_filter(self::plan(RoofJob::boathouse())->of(RoofStage::class)->roof->edges, static fn (Edge $edge): bool => $edge->kind === EdgeKind::Eave && array_intersect($edge->faces, $pan->edge->faces) !== []);
        $past = 0;
        foreach ($corners as $corner) {
            $point = $folded->stand($corner);
            foreach ($eaves as $eave) {
                $at = self::distance($eave, $point);
                // On the level it is as much less as the roof is steep.
                $past += abs($at - 2.0 * cos(atan(0.5))) < self::MEETS ? 1 : 0;
            }
        }
        // Two corners of each half; one corner may lie as far from two eaves in a line.
        self::assertGreaterThanOrEqual(4, $past);
        self::assertSame(EndKind::ValleyHead, $pan->high->kind);
        // At its head it is tried, with a quarter left, before it is cut along the ridge: 48.19 to its middle there too.
        $cuts = array_filter($pan->high->lines, static fn (EndLine $line): bool => $line->kind === MarkKind::Cut && $line->to->v - $line->from->v > 9.9);
        self::assertCount(1, $cuts);
        self::assertEqualsWithDelta(48.18968, 90.0 - rad2deg(atan2(abs(current($cuts)->to->u - current($cuts)->from->u), current($cuts)->to->v - current($cuts)->from->v)), 1e-4);
    }

    /**
     * A ridge of 6 in 12 into a tower that stands 30 askew. By hand: its leg is 6 for the zees, 1.5 × 0.5 for the seams and 1/4, 7 in all, and covers
     * 7 cos 26.565 = 6.261 on the level, so the line it is turned up at lies 6.261 tan 30 = 3.615 before the ridge's end on one side and behind it on the
     * other, and 4 stand up the wall all along.
     */
    public function test_a_cap_is_turned_up_along_the_wall_it_runs_into(): void
    {
        foreach ([[0.0, 0.0], [30.0, 7.0 * cos(atan(0.5)) * tan(deg2rad(30.0))]] as [$turn, $askew]) {
            $made = self::trims([BlockMaker::block('low', -200, 0, 400, 120, [6, null, 6, null]), BlockMaker::block('tower', 150, -60, 240, 300, [6, 6, 6, 6], 0.0, 300.0, $turn)]);
            $run = array_values(array_filter($made->runs, static fn (TrimRun $run): bool => $run->shape->key === 'ridge-cap' && $run->low->kind === EndKind::LeftLong))[0];
            $folds = array_values(array_filter($run->low->lines, static fn (EndLine $line): bool => $line->kind === MarkKind::Bend));
            $ends = [$folds[0]->from->u, $folds[0]->to->u, $folds[1]->to->u];
            sort($ends);
            self::assertEqualsWithDelta([$askew, $askew], [$ends[1] - $ends[0], $ends[2] - $ends[1]], 1e-6, "$turn");
            // Its corner is nicked by 1/4 of the 7.
            self::assertEqualsWithDelta(4.0 + $askew * 6.75 / 7.0, $run->low->reach, 1e-6, "$turn");
        }
    }

    /**
     * A rake trim before a rake that runs askew over the ribs is bent to the deck there. By hand, by the two planes' own normals: deck (0, −sin 26.565,
     * cos 26.565), fascia plumb along the edge; an edge of 60 across in 120 up.
     */
    public function test_a_rake_askew_is_bent_to_the_deck_it_lies_on(): void
    {
        $pitch = atan(0.5);
        foreach ([[300.0, 1.0], [180.0, -1.0]] as [$top, $sign]) {
            $job = JobMaker::job(new Plane('P1', 'Plane', Polygon::of([new Point(0, 0), new Point(240, 0), new Point($top, 120), new Point(0, 120)]), JobMaker::EDGES, [], 6.0), 'snap-lock-1.5-16');
            $bends = [];
            foreach (Plan::for($job)->of(TrimsStage::class)->runs as $run) {
                if ($run->shape->key === 'rake-trim') {
                    $bends[] = round($run->bends[1], 4);
                }
            }
            // The edge on the level: 60 across in 120 cos up; the fascia's normal square to it.
            [$across, $up] = [60.0 * $sign, 120.0 * cos($pitch)];
            $out = [$up / hypot($across, $up), -$across / hypot($across, $up)];
            $between = rad2deg(acos($out[1] * -sin($pitch)));
            sort($bends);
            $wanted = [90.0, round(180.0 - $between, 4)];
            sort($wanted);
            self::assertSame($wanted, $bends);
        }
    }

    /** How far from the end a bend line of the trim begins. */
    private static function begins(EndCut $end, float $across): float
    {
        foreach ($end->bends as [$at, $from]) {
            if (abs($at - $across) < 1e-9) {
                return $from;
            }
        }
        self::fail("no bend at $across");
    }

    /** @return list<Vector> where its lines end in the round, tabs apart: the edges and every bend, hems apart */
    private static function atLines(TrimRun $run, EndCut $cut, FoldedEnd $folded): array
    {
        $lines = array_map(static fn (array $bend): Point => new Point($bend[1], $bend[0]), $cut->bends);
        $last = $cut->outline[count($cut->outline) - 1];

        return array_map($folded->stand(...), $run->shape->high === null ? [...$lines, $last] : $lines);
    }

    /**
     * @param  list<Vector>  $one
     * @param  list<Vector>  $other
     */
    private static function assertMeets(array $one, array $other): void
    {
        self::assertSameSize($one, $other);
        foreach ($one as $i => $corner) {
            self::assertLessThan(self::MEETS, $corner->plus($other[$i], -1.0)->length(), "line $i");
        }
    }

    /** A trim that hangs before a fascia at an eave, held by its face. */
    private static function eaveEnd(TrimRun $run, bool $isHigh): FoldedEnd
    {
        // The first face lies to the left of the edge's way.
        $outside = new Vector($run->edge->to->v - $run->edge->from->v, $run->edge->from->u - $run->edge->to->u, 0.0);

        return new FoldedEnd(
            run: $run,
            cut: $isHigh ? $run->high : $run->low,
            at: self::at($run, $isHigh),
            out: self::out($run, $isHigh),
            way: Vector::up(),
            colour: $outside->unit(),
            leg: 1,
            line: 4.25,
        );
    }

    private static function rakeEnd(TrimRun $run, bool $isHigh): FoldedEnd
    {
        $outside = (new Vector($run->edge->to->v - $run->edge->from->v, $run->edge->from->u - $run->edge->to->u, 0.0))->unit();
        $out = self::out($run, $isHigh);
        $up = $out->cross($outside)->z > 0.0 ? $out->cross($outside) : $outside->cross($out);

        return new FoldedEnd(
            run: $run,
            cut: $isHigh ? $run->high : $run->low,
            at: self::at($run, $isHigh),
            out: $out,
            way: $up->unit(),
            colour: $outside,
            leg: 1,
            line: 5.0,
        );
    }

    /** A cap or a pan, held by the side on its first face. */
    private static function capEnd(TrimRun $run, bool $isHigh): FoldedEnd
    {
        $pitch = self::fall($run->edge->faces[0]);
        $out = self::out($run, $isHigh);
        $way = $pitch->cross($out)->unit();
        $right = new Vector($run->edge->to->v - $run->edge->from->v, $run->edge->from->u - $run->edge->to->u, 0.0);
        $way = $way->dot($right) > 0.0 ? $way : $way->times(-1.0);
        // The lines of both sides of a pan meet below its crimp, half of which, 1/2, lies level on either side.
        $leg = ($run->shape->low->length ?? 0.0) + $run->shape->legs[0]->length(0.0);
        $foot = count($run->shape->legs) > 2 ? $leg + 0.5 / cos(deg2rad(90.0 - ($run->edge->dihedralDegrees ?? 180.0) / 2.0)) : $leg;

        return new FoldedEnd(
            run: $run,
            cut: $isHigh ? $run->high : $run->low,
            at: self::at($run, $isHigh),
            out: $out,
            way: $way,
            colour: $pitch,
            leg: 0,
            line: $foot,
        );
    }

    /** Square to the face a block has on a side, up. */
    private static function fall(string $face): Vector
    {
        $rise = self::$rises[$face] ?? 0.5;
        $way = ['S' => [0.0, -1.0], 'E' => [1.0, 0.0], 'N' => [0.0, 1.0], 'W' => [-1.0, 0.0]][substr($face, -1)] ?? [0.0, 0.0];

        return (new Vector($way[0] * $rise, $way[1] * $rise, 1.0))->unit();
    }

    private static function at(TrimRun $run, bool $isHigh): Vector
    {
        [$p, $height] = self::isTo($run, $isHigh) ? [$run->edge->to, $run->edge->toHeight] : [$run->edge->from, $run->edge->fromHeight];

        return new Vector($p->u, $p->v, $height);
    }

    private static function out(TrimRun $run, bool $isHigh): Vector
    {
        return self::at($run, $isHigh)->plus(self::at($run, ! $isHigh), -1.0)->unit();
    }

    private static function isTo(TrimRun $run, bool $isHigh): bool
    {
        return ($run->edge->toHeight >= $run->edge->fromHeight - 1e-6) === $isHigh;
    }

    /** On the level, from an eave's line to a point outside it. */
    private static function distance(Edge $eave, Vector $p): float
    {
        $outside = (new Vector($eave->to->v - $eave->from->v, $eave->from->u - $eave->to->u, 0.0))->unit();

        return $p->plus(new Vector($eave->from->u, $eave->from->v, 0.0), -1.0)->dot($outside);
    }

    /** @param  list<Block>  $blocks */
    private static function plan(array $blocks): Plan
    {
        self::$rises = [];
        foreach ($blocks as $block) {
            foreach ($block->sides as $side => $sloped) {
                self::$rises[$block->id.'.'.strtoupper($side[0])] = ($sloped->riseIn12 ?? 0.0) / 12.0;
            }
        }

        return RoofJob::plan($blocks);
    }

    /** @param  list<Block>  $blocks */
    private static function trims(array $blocks): TrimsResult
    {
        return self::plan($blocks)->of(TrimsStage::class);
    }
}
