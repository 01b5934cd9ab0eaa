<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Block;
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

/** Ends of trims on their flats: marks by hand, and what is true of all of them. */
final class EndCutTest extends TestCase
{
    /** A hip cap's foot at 6 in 12, by hand: its leg is 6 for the zees, 1.5 tan 18.435 = 0.5 for the seams and 1/4; 6.75/tan 48.19 = 6.037 back at its edges, a fold of one is 1.342 long at its point. */
    public function test_a_hip_cap_ends_along_both_eaves(): void
    {
        $foot = self::trims(RoofJob::boathouse())->runs['hip-hall.S-hall.E.cap']->low;
        self::assertEqualsWithDelta(1.3416408, $foot->reach, 1e-6);
        self::assertEqualsWithDelta([1.3416408, 1.3416408 + 6.75 / tan(deg2rad(48.1896851))], [self::begins($foot, 7.375), self::begins($foot, 0.625)], 1e-6);
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
        $plan = RoofJob::plan([BlockMaker::block('b', 0, 0, 480, 240, [6, null, 6, null])]);
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
                // A cleat beside a valley is as long as its chalk line.
                $run->edge->kind === EdgeKind::Valley && $run->shape->key === 'offset-cleat' || self::assertEqualsWithDelta($run->length, $run->edge->length() + $run->low->reach + $run->high->reach, 1e-6);
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

    /** @param  list<Block>  $blocks */
    private static function trims(array $blocks): TrimsResult
    {
        return RoofJob::plan($blocks)->of(TrimsStage::class);
    }
}
