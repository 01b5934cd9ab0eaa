<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Cutting\MarkKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Vector;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\EndKind;
use Imbrex\Core\Trims\Ends\EndCard;
use Imbrex\Core\Trims\Ends\EndCut;
use Imbrex\Core\Trims\Ends\EndFit;
use Imbrex\Core\Trims\Ends\EndLine;
use Imbrex\Core\Trims\Ends\EndMark;
use Imbrex\Core\Trims\Ends\EndView;
use Imbrex\Core\Trims\Ends\TrimFlat;
use Imbrex\Core\Trims\TrimRun;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsResult;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Ends of trims: marks by hand, and bent up again in the round to what they meet. */
final class EndCutTest extends TestCase
{
    /** Inches two pieces may miss each other by. */
    private const MEETS = 1.0 / 32.0;

    /** Rakes of 5 and 9 in 12 at one peak are cut 22.62 and 36.87 degrees from square, and meet plumb. */
    public function test_rakes_meet_in_a_plumb_mitre_each_at_its_own_pitch(): void
    {
        $made = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [5, null, 9, null])]);
        $mitred = array_values(array_filter($made->runs, static fn (TrimRun $run): bool => in_array($run->high->kind, [EndKind::MitreTab, EndKind::MitreCut], true)));
        self::assertCount(4, $mitred);
        foreach ($mitred as $run) {
            $pitch = $run->edge->faces[0] === 'b.S' ? 22.61986494804043 : 36.86989764584402;
            self::assertEqualsWithDelta($pitch, min(array_map(static fn (float $degrees): float => abs($degrees - $pitch), $run->high->degrees())) + $pitch, 1e-6);
            // The face, four deep, is cut back at its foot by four times the pitch.
            self::assertEqualsWithDelta(4.0 * tan(deg2rad($pitch)) + $run->high->reach, self::begins($run->high, 1.0), 1e-9);
        }
        foreach ($mitred as $run) {
            foreach (self::atLines($run, $run->high, self::rakeEnd($run, true)) as $point) {
                self::assertLessThan(self::MEETS, abs($point->y - self::at($run, true)->y), 'on the plumb line through the peak');
            }
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
                // The ridge's cap lies a tab further along it.
                self::assertLessThan(self::MEETS, $cap[$side === 0 ? 1 : 3]->plus($out, -1.0)->plus($corner, -1.0)->length());
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

    /** A hip cap's foot at 6 in 12, by hand: 6/tan 48.19 = 5.367 back at its edges, a fold of one is 1.342 long at its point. */
    public function test_a_hip_cap_ends_along_both_eaves(): void
    {
        $foot = self::trims(RoofJob::boathouse())->runs['hip-hall.S-hall.E.cap']->low;
        self::assertEqualsWithDelta(1.3416408, $foot->reach, 1e-6);
        self::assertEqualsWithDelta([1.3416408, 6.7082039], [self::begins($foot, 6.625), self::begins($foot, 0.625)], 1e-6);
        $slit = array_values(array_filter($foot->lines, static fn (EndLine $line): bool => $line->kind === MarkKind::Cut));
        self::assertCount(1, $slit);
        self::assertEqualsWithDelta([0.0, 1.3416408], [$slit[0]->from->u, $slit[0]->to->u], 1e-6);
    }

    /** A trim of hem 1/2, kick 3/4, face 3 and flange 4 round a rake, by hand. */
    public function test_marks_of_a_tab_round_a_rake(): void
    {
        $end = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])])->runs['eave-b.S.eave-trim']->low;
        $marks = array_map(static fn (EndMark $mark): array => [$mark->kind->value, round($mark->across, 4), round($mark->distance, 4)], $end->marks());
        self::assertSame([['cut', 0.0, 1.0], ['bend', 1.25, 1.0], ['cut', 2.25, 0.0], ['cut', 4.0, 0.0], ['bend', 4.25, 1.0], ['cut', 8.25, 1.0]], $marks);
        // Hem, kick and flange off by one; 45 degrees at the drip; above a quarter narrower.
        self::assertEqualsWithDelta(0.5 + 0.75 + 4.0 + 0.5 + 0.125, $end->cutAway(), 1e-9);
        self::assertEqualsWithDelta([45.0], [$end->degrees()[0]], 1e-9);
    }

    /** A nose of 1-1/4: slotted half an inch below the top, 45 degrees at the drip, hem and kick cut off. */
    public function test_marks_of_a_rakes_nose(): void
    {
        $end = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])])->runs['rake-b.S.rake-trim']->low;
        self::assertSame(EndKind::NoseFold, $end->kind);
        $slit = array_values(array_filter($end->lines, static fn (EndLine $line): bool => $line->kind === MarkKind::Cut));
        self::assertEqualsWithDelta([[4.5, 0.0], [4.5, 1.25]], [[$slit[0]->from->v, $slit[0]->from->u], [$slit[0]->to->v, $slit[0]->to->u]], 1e-9);
        self::assertEqualsWithDelta(1.25 * (0.5 + 0.5) + 1.25 * 1.25 / 2.0, $end->cutAway(), 1e-9);
    }

    /** Tabs of a ridge folded down the gable: one lies inside the other, that one ends plumb. */
    public function test_a_ridges_end_closes_over_the_rake(): void
    {
        foreach ([[false, 1], [true, 4]] as [$isScrewed, $notches]) {
            $blocks = [BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])];
            $plan = RoofJob::plan($blocks, $isScrewed ? 'rib-9-36' : 'snap-lock-1.5-16');
            $runs = array_filter($plan->of(TrimsStage::class)->runs, static fn (TrimRun $run): bool => $run->high->kind === EndKind::OverRake);
            $end = current($runs)->high;
            $deep = array_filter($end->outline, static fn (Point $p): bool => abs($p->u - 1.0) < 1e-9);
            // Inside the plumb line a tab of one is narrower by the pitch.
            $inside = array_filter(array_map(static fn (Point $p): float => abs($p->v - $end->girth / 2.0), $end->outline), static fn (float $off): bool => abs($off - 0.5) < 1e-9);
            self::assertCount($isScrewed ? 2 : 1, $inside);
            self::assertNotSame([], $deep);
            $corners = array_filter(array_slice($end->outline, 1), static fn (Point $p, int $i): bool => abs($p->u - $end->outline[$i]->u) > 0.5 && abs($p->v - $end->outline[$i]->v) > 0.3, ARRAY_FILTER_USE_BOTH);
            self::assertCount($notches, $corners);
        }
    }

    public function test_where_lengths_lap_the_hem_below_is_cut_back(): void
    {
        $run = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])])->runs['eave-b.S.eave-trim'];
        $under = $run->end($run->pieces[0], true);
        self::assertSame([EndKind::LapUnder, EndKind::LapOver], [$under->kind, $run->end($run->pieces[1], false)->kind]);
        self::assertEqualsWithDelta(6.0, self::begins($under, 0.5), 1e-9, 'by the lap');
        self::assertEqualsWithDelta(6.0 * 0.5, $under->cutAway(), 1e-9);
        self::assertSame($run->low, $run->end($run->pieces[0], false));
    }

    public function test_a_sidewall_ends_in_a_kick_out(): void
    {
        $made = self::trims([BlockMaker::block('high', 0, 0, 300, 400, [6, null, 6, null], 0.0, 240.0), BlockMaker::block('low', 300, 0, 600, 300, [6, null, 6, null])]);
        $ends = array_filter($made->runs, static fn (TrimRun $run): bool => $run->low->kind === EndKind::KickOut);
        self::assertNotSame([], $ends);
        $end = current($ends)->low;
        $notch = array_values(array_filter($end->lines, static fn (EndLine $line): bool => $line->kind === MarkKind::Notch));
        self::assertCount(2, $notch);
        // Thirty degrees are taken out of what lies on the deck, eight from the end.
        $turn = static fn (EndLine $line): float => rad2deg(atan2(abs($line->to->u - $line->from->u), abs($line->to->v - $line->from->v)));
        self::assertEqualsWithDelta(30.0, $turn($notch[0]) + $turn($notch[1]), 1e-9);
        self::assertEqualsWithDelta(8.0, $notch[0]->from->u, 1e-9);
    }

    public function test_ends_alike_on_both_sides_mirror(): void
    {
        $run = self::trims([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])])->runs['eave-b.S.eave-trim'];
        self::assertEqualsWithDelta($run->low->outline, $run->high->outline, 1e-9);
        self::assertSame([true, false], [$run->low->isLeft, $run->high->isLeft], 'as one looks at its face from the ground');
        self::assertNotSame($run->low->looks(), $run->high->looks());
    }

    public function test_a_first_fit_corrects_the_ends_that_are_not_cut(): void
    {
        $plan = self::plan([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])]);
        $before = $plan->of(TrimsStage::class)->runs;
        $cut = array_key_first(array_filter($before, static fn (TrimRun $run): bool => $run->high->kind === EndKind::MitreCut));
        $open = array_key_last(array_filter($before, static fn (TrimRun $run): bool => $run->high->kind === EndKind::MitreCut));
        self::assertNotSame($cut, $open);
        $after = Plan::for($plan->job->with(new TrimsInput(fits: ['rake-trim' => ['mitre-cut' => new EndFit(0.25, 0.0, ["$cut.high"])]])))->of(TrimsStage::class)->runs;
        self::assertEquals($before[$cut]->high, $after[$cut]->high);
        [$was, $is] = [$before[$open]->high, $after[$open]->high];
        $reaches = static fn (EndCut $end, int $corner): float => $end->reach - $end->outline[$corner]->u;
        self::assertEqualsWithDelta([0.25, 0.0], [$reaches($is, 0) - $reaches($was, 0), $reaches($is, count($is->outline) - 1) - $reaches($was, count($was->outline) - 1)], 1e-9, 'longer at the drip, the same at the top');
        self::assertEqualsWithDelta($was->girth * $was->reach - $was->cutAway() + 0.25 * $was->girth / 2.0, $is->girth * $is->reach - $is->cutAway(), 1e-9);
    }

    /** Whatever the roof, no end wants more than its stick has, nothing is cut twice, and what is cut away is what the stick has less. */
    public function test_every_stick_holds_its_ends(): void
    {
        foreach (range(1, 25) as $seed) {
            foreach (Plan::for((new RandomRoof($seed))->job())->of(TrimsStage::class)->runs as $run) {
                foreach ([$run->low, $run->high] as $end) {
                    self::assertEqualsWithDelta(0.0, min(array_map(static fn (Point $p): float => $p->u, $end->outline)), 1e-6);
                    self::assertEqualsWithDelta([0.0, $run->girth], [$end->outline[0]->v, $end->outline[count($end->outline) - 1]->v], 1e-9);
                    $across = array_map(static fn (Point $p): float => $p->v, $end->outline);
                    $sorted = $across;
                    sort($sorted);
                    self::assertEqualsWithDelta($sorted, $across, 1e-9, "$run->id: its outline goes across and never back");
                    self::assertEqualsWithDelta(100.0 * $run->girth - $end->cutAway(), self::area($end, 100.0), 1e-6);
                }
                self::assertEqualsWithDelta($run->length, $run->edge->length() + $run->low->reach + $run->high->reach, 1e-6);
            }
        }
    }

    /** Girth by length, less what is cut off at both ends; those alike share a card. */
    public function test_flats_of_whole_pieces_and_their_cards(): void
    {
        $made = self::trims(RoofJob::boathouse());
        $marked = 0;
        foreach ($made->runs as $run) {
            foreach ($run->pieces as $piece) {
                $flat = TrimFlat::of($run, $piece);
                [$low, $high] = [$run->end($piece, false), $run->end($piece, true)];
                self::assertEqualsWithDelta($run->girth * $piece->length - $low->cutAway() - $high->cutAway(), $flat->area(), 1e-6);
                self::assertEqualsWithDelta([0.0, $piece->length], [min(array_map(static fn (Point $p): float => $p->u, $flat->outline)), max(array_map(static fn (Point $p): float => $p->u, $flat->outline))], 1e-6);
                $marked += ($low->isSquare() ? 0 : 1) + ($high->isSquare() ? 0 : 1);
            }
        }
        $cards = EndCard::of($made);
        self::assertSame($marked, array_sum(array_map(static fn (EndCard $card): int => count($card->ends), $cards)));
        self::assertLessThan($marked, count($cards));
        foreach ($cards as $card) {
            // From the back all lies the other way round.
            [$back, $colour] = [EndView::of($card->cut, true), EndView::of($card->cut, false)];
            self::assertSame(! $back->isLeft, $colour->isLeft);
            self::assertEqualsWithDelta(array_map(static fn (Point $p): float => $back->width - $p->u, $back->outline), array_map(static fn (Point $p): float => $p->u, $colour->outline), 1e-9);
            // What marks say is where they stand.
            foreach ($back->marks as [$p, $mark]) {
                self::assertEqualsWithDelta([$mark->across, $mark->distance], [$p->v, $back->isLeft ? $p->u : $back->width - $p->u], 1e-9);
            }
        }
    }

    /** By its corners, of so much of the flat. */
    private static function area(EndCut $end, float $deep): float
    {
        $corners = [...$end->outline, new Point($deep, $end->girth), new Point($deep, 0.0)];
        $twice = 0.0;
        foreach ($corners as $i => $p) {
            $next = $corners[($i + 1) % count($corners)];
            $twice += $p->u * $next->v - $next->u * $p->v;
        }

        return abs($twice) / 2.0;
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

        return new FoldedEnd($run, $isHigh ? $run->high : $run->low, self::at($run, $isHigh), self::out($run, $isHigh), Vector::up(), $outside->unit(), 1, 4.25);
    }

    private static function rakeEnd(TrimRun $run, bool $isHigh): FoldedEnd
    {
        $outside = (new Vector($run->edge->to->v - $run->edge->from->v, $run->edge->from->u - $run->edge->to->u, 0.0))->unit();
        $out = self::out($run, $isHigh);
        $up = $out->cross($outside)->z > 0.0 ? $out->cross($outside) : $outside->cross($out);

        return new FoldedEnd($run, $isHigh ? $run->high : $run->low, self::at($run, $isHigh), $out, $up->unit(), $outside, 1, 5.0);
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
        $foot = count($run->shape->legs) > 2 ? 10.75 + 0.5 / cos(deg2rad(90.0 - ($run->edge->dihedralDegrees ?? 180.0) / 2.0)) : 6.625;

        return new FoldedEnd($run, $isHigh ? $run->high : $run->low, self::at($run, $isHigh), $out, $way, $pitch, 0, $foot);
    }

    /** Square to the face a block has on a side, up. */
    private static function fall(string $face): Vector
    {
        $rise = self::$rises[$face] ?? 0.5;
        $way = ['S' => [0.0, -1.0], 'E' => [1.0, 0.0], 'N' => [0.0, 1.0], 'W' => [-1.0, 0.0]][substr($face, -1)] ?? [0.0, 0.0];

        return (new Vector($way[0] * $rise, $way[1] * $rise, 1.0))->unit();
    }

    /** @var array<string, float> rise to run of the roof at hand, by face */
    private static array $rises = [];

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
