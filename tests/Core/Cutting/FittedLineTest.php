<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Cutting\CleatLine;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Fit\FittedLine;
use Imbrex\Core\Cutting\Fit\LineFit;
use Imbrex\Core\Cutting\Fit\Observation;
use Imbrex\Core\Cutting\Fit\SideTaped;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Survey\Source;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\RoofJob;

/** What was taped on the roof is the edge's line; every piece not yet cut follows it. */
final class FittedLineTest extends TestCase
{
    private const HIP = 'hip-hall.S-hall.W';

    private const VALLEY = 'valley-hall.S-wing.W';

    /** Out to out of the sample's panels: 16 of cover, a 3/8 leg and a 1/4 leg stand past it. */
    private const WIDTH = 16.625;

    public function test_two_panels_set_give_the_rise_over_the_width_of_all_the_next(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        // 20 over 17-1/2 instead of the 17.8885 over 16 that is drawn.
        $rise = 20.0 / 17.5;
        $first = self::lengths($drawn, 'hall.S-3')[0] + 0.1;
        $plan = self::taped(self::onPanels(['hall.S-3' => $first, 'hall.S-4' => $first + 16.0 * $rise], $rise));

        self::assertEqualsWithDelta(17.8885 / 16.0, self::slope($drawn, 'hall.S-5'), 1e-5);
        foreach (['hall.S-2' => -1, 'hall.S-5' => 2, 'hall.S-11' => 8, 'hall.S-12' => 9] as $id => $panels) {
            [$long, $short] = self::lengths($plan, $id);
            self::assertEqualsWithDelta($first + $panels * 16.0 * $rise, $long, 1e-6, "$id lies on the line of the four marks");
            self::assertEqualsWithDelta($first + $panels * 16.0 * $rise - self::WIDTH * $rise, $short, 1e-6, $id);
        }
        foreach (['hall.S-3', 'hall.S-4'] as $set) {
            self::assertSame(self::lengths($drawn, $set), self::lengths($plan, $set), 'what is set stays as cut');
        }
        $line = self::line($plan);
        self::assertEqualsWithDelta(rad2deg(atan(17.5 / 20.0)), $line->line?->angleToRibDegrees(self::frame($plan, 'hall.S')), 1e-9);
        self::assertEqualsWithDelta(0.0, $line->worst(), 1e-9);
        self::assertNull($line->likeliestWrong);
    }

    public function test_one_mark_moves_the_line_parallel(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $card = self::lengths($drawn, 'hall.S-5')[1];
        $plan = self::taped([new Observation('o1', self::HIP, 'hall.S', SideTaped::off('hall.S-5', false, $card, false, 0.125))]);
        foreach (['hall.S-4', 'hall.S-6', 'hall.S-12'] as $id) {
            self::assertEqualsWithDelta(array_map(static fn (float $was): float => $was + 0.125, self::lengths($drawn, $id)), self::lengths($plan, $id), 1e-9, $id);
        }
        $line = self::line($plan)->line;
        self::assertSame(0.0, $line?->turn);
        // An eighth up the rib is so much square to the hip, and the face has grown.
        self::assertEqualsWithDelta(0.125 * sin(deg2rad(41.810314895778596)), $line->offset(self::frame($plan, 'hall.S')), 1e-9);
    }

    public function test_the_face_across_the_hip_follows(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $plan = self::taped([new Observation('o1', self::HIP, 'hall.S', new Point(100.0, self::hipAt($drawn, 100.0) + 1.0), Source::Tape)]);
        $count = 0;
        foreach ($drawn->of(CuttingStage::class)->panelsOf('hall.W') as $panel) {
            $now = $plan->of(CuttingStage::class)->panel($panel->id);
            // The hip lies at the right end of the west face; where it has grown for one, the other has shrunk as much.
            if ($panel->strip->position > 15 && $panel->isAngled() && $panel->short > 0.0) {
                self::assertEqualsWithDelta([$panel->long - 1.0, $panel->short - 1.0], [$now?->long, $now?->short], 1e-6, $panel->id);
                $count++;
            }
        }
        self::assertGreaterThan(4, $count);
    }

    public function test_a_valley_is_taped_from_the_head_and_its_chalk_follows(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $id = self::piecesAt($drawn, self::VALLEY)[3]->id;
        [$long, $short] = self::lengths($drawn, $id);
        $plan = self::taped([
            new Observation('o1', self::VALLEY, 'hall.S', new SideTaped($id, true, $long + 0.5, true)),
            new Observation('o2', self::VALLEY, 'hall.S', new SideTaped($id, false, $short + 0.5, true)),
        ]);
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();
        $chalk = static fn (Plan $plan): CleatLine => (new CleatLines($plan->of(BuildsStage::class), new SideFinder($plan->of(RoofStage::class)->roof), $plan->of(CuttingStage::class)->fits))->on($face)[0];
        $at = static fn (CleatLine $line, float $u): float => $line->from->v + ($u - $line->from->u) * ($line->to->v - $line->from->v) / ($line->to->u - $line->from->u);
        self::assertEqualsWithDelta($at($chalk($drawn), 450.0) - 0.5, $at($chalk($plan), 450.0), 1e-9, 'more from T is further down');
        $count = 0;
        foreach (self::piecesAt($drawn, self::VALLEY) as $panel) {
            // Those whose whole foot lies at the valley.
            if ($panel->id !== $id && abs(self::slope($drawn, $panel->id) - self::slope($drawn, $id)) < 1e-6) {
                $count++;
                self::assertEqualsWithDelta(array_map(static fn (float $was): float => $was + 0.5, self::lengths($drawn, $panel->id)), self::lengths($plan, $panel->id), 1e-6, $panel->id);
            }
        }
        self::assertGreaterThan(3, $count);
    }

    public function test_hems_folded_under_are_in_none_of_it(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        // An inch of hem at the eave: the same panel reads an inch less when it lies on the roof.
        $flat = self::taped([new Observation('o1', self::HIP, 'hall.S', new SideTaped('hall.S-5', true, 80.0, false))]);
        $folded = self::taped([new Observation('o1', self::HIP, 'hall.S', new SideTaped('hall.S-5', true, 79.0, false, true))]);
        self::assertEqualsWithDelta(self::lengths($flat, 'hall.S-6'), self::lengths($folded, 'hall.S-6'), 1e-9);
        self::assertNotEqualsWithDelta(self::lengths($drawn, 'hall.S-6'), self::lengths($flat, 'hall.S-6'), 0.01);
        // At a valley both ends are hemmed: the eave's far end is square, the valley's is 1-1/2 along the rib.
        $id = self::piecesAt($drawn, self::VALLEY)[3]->id;
        $head = self::taped([new Observation('o1', self::VALLEY, 'hall.S', new SideTaped($id, true, 90.0, true))]);
        $bent = self::taped([new Observation('o1', self::VALLEY, 'hall.S', new SideTaped($id, true, 90.0 - 1.0 / sin(deg2rad(41.810314895778596)), true, true))]);
        self::assertEqualsWithDelta($head->of(CuttingStage::class)->fits->lines[self::VALLEY]->line?->move, $bent->of(CuttingStage::class)->fits->lines[self::VALLEY]->line?->move, 1e-9);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_marks_drawn_from_any_line_give_it_back_in_any_order(int $seed): void
    {
        mt_srand($seed);
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $edge = $drawn->of(RoofStage::class)->roof->edge(self::HIP) ?? self::fail();
        $truth = self::turned($edge, self::within(2.0), self::within(3.0), self::frame($drawn, 'hall.S'));
        $marks = [];
        foreach (range(1, mt_rand(2, 9)) as $i) {
            $face = ['hall.S', 'hall.W'][mt_rand(0, 1)];
            [$from, $to] = $truth->on(self::frame($drawn, $face));
            // Each in its own stretch of the hip: marks on one spot tell no angle.
            $share = ($i - 0.5 + self::within(0.2)) / 10.0;
            $marks[] = new Observation("o$i", self::HIP, $face, new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v)), [Source::Tape, Source::Laser, Source::Wheel][mt_rand(0, 2)]);
        }
        $line = self::line(self::taped($marks));
        self::assertSame([], $line->apart);
        foreach (['hall.S', 'hall.W'] as $face) {
            self::assertEqualsWithDelta($truth->angleToRibDegrees(self::frame($drawn, $face)), $line->line?->angleToRibDegrees(self::frame($drawn, $face)), 1e-6);
        }
        self::assertEqualsWithDelta($truth->move, $line->line?->move, 1e-6);
        shuffle($marks);
        self::assertEquals($line->line, self::line(self::taped($marks))->line, 'their order does not matter');
    }

    public function test_more_marks_leave_less_of_the_noise(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $edge = $drawn->of(RoofStage::class)->roof->edge(self::HIP) ?? self::fail();
        [$from, $to] = (new LineFit($edge))->on(self::frame($drawn, 'hall.S'));
        mt_srand(7);
        $errors = [];
        foreach ([3, 12, 48] as $count) {
            $sum = 0.0;
            foreach (range(1, 12) as $try) {
                $marks = array_map(static function (int $i) use ($count, $from, $to): Observation {
                    $share = ($i - 0.5) / $count;

                    return new Observation("o$i", self::HIP, 'hall.S', new Point($from->u + $share * ($to->u - $from->u), $from->v + $share * ($to->v - $from->v) + self::within(1.0 / 16.0)));
                }, range(1, $count));
                $line = self::line(self::taped($marks))->line ?? self::fail();
                $sum += $line->move ** 2 + ($line->turn * $from->distanceTo($to) / 2.0) ** 2;
            }
            $errors[] = sqrt($sum / 12.0);
        }
        self::assertGreaterThan($errors[1], $errors[0]);
        self::assertGreaterThan($errors[2], $errors[1]);
        self::assertLessThan(0.03, $errors[2]);
    }

    public function test_taking_a_mark_back_restores_the_cards_and_pairs_stay_legal(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $first = self::lengths($drawn, 'hall.S-3')[0] - 0.4;
        $marks = self::onPanels(['hall.S-3' => $first, 'hall.S-6' => $first + 48.0 * 1.13], 1.13);
        $plan = self::taped($marks);
        self::assertNotEquals($drawn->of(CuttingStage::class)->panels, $plan->of(CuttingStage::class)->panels);
        self::assertEquals($drawn->of(CuttingStage::class)->panels, self::taped([])->of(CuttingStage::class)->panels);
        $pairs = $plan->of(CuttingStage::class)->pairing->pairs;
        self::assertNotSame([], $pairs);
        foreach ($pairs as $pair) {
            [$lower, $upper] = [$plan->of(CuttingStage::class)->panel($pair->lower), $plan->of(CuttingStage::class)->panel($pair->upper)];
            self::assertGreaterThanOrEqual(max($lower->long ?? INF, $upper->long ?? INF), $pair->orderLength);
        }
    }

    public function test_what_is_cut_keeps_the_line_it_was_cut_by(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $card = self::lengths($drawn, 'hall.S-5')[0];
        $first = new Observation('o1', self::HIP, 'hall.S', SideTaped::off('hall.S-5', true, $card, false, 0.25), before: ['hall.S-5', 'hall.S-4']);
        $second = new Observation('o2', self::HIP, 'hall.S', SideTaped::off('hall.S-6', true, self::lengths($drawn, 'hall.S-6')[0] + 0.25, false, 0.25), before: ['hall.S-5', 'hall.S-4', 'hall.S-6', 'hall.S-7']);
        $plan = self::taped([$first, $second]);
        $grown = static fn (string $id): float => self::lengths($plan, $id)[0] - self::lengths($drawn, $id)[0];
        self::assertEqualsWithDelta([0.0, 0.0, 0.25, 0.25], array_map($grown, ['hall.S-4', 'hall.S-5', 'hall.S-6', 'hall.S-7']), 1e-9);
        self::assertGreaterThan(0.3, $grown('hall.S-8'), 'by both marks');
    }

    public function test_a_reading_a_foot_or_an_inch_off_is_asked_back_until_it_is_confirmed(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        $cards = array_map(static fn (int $n): float => self::lengths($drawn, "hall.S-$n")[0], [2 => 2, 5 => 5, 8 => 8, 11 => 11]);
        $mark = static fn (int $n, float $off, bool $confirmed = false): Observation => new Observation("o$n", self::HIP, 'hall.S', new SideTaped("hall.S-$n", true, $cards[$n] + $off, false), confirmed: $confirmed);
        foreach ([['foot', 12.0], ['inch', -1.0]] as [$about, $off]) {
            $plan = self::taped([$mark(2, 0.0), $mark(5, 0.0625), $mark(8, $off), $mark(11, 0.0)]);
            $said = RoofJob::findings($plan, 'fit.apart');
            self::assertSame([['Hall S-8', $about, $off > 0.0 ? 'more' : 'less']], array_map(static fn (Finding $f): array => [$f->parameters['piece'], $f->parameters['about'], $f->parameters['way']], $said));
            self::assertLessThan(0.1, abs(self::lengths($plan, 'hall.S-12')[0] - self::lengths($drawn, 'hall.S-12')[0]), 'it has no part in the line');
            $confirmed = self::taped([$mark(2, 0.0), $mark(5, 0.0625), $mark(8, $off, true), $mark(11, 0.0)]);
            self::assertArrayNotHasKey('o8', self::line($confirmed)->apart);
        }
        self::assertSame(['foot'], array_map(static fn (Finding $f): string|float|int|object => $f->parameters['about'], RoofJob::findings(self::taped([$mark(5, 12.0)]), 'fit.apart')), 'one alone, against the drawing');
    }

    public function test_of_two_tapes_on_one_panel_an_inch_misread_is_asked_back(): void
    {
        $drawn = RoofJob::plan(RoofJob::boathouse());
        [$long, $short] = self::lengths($drawn, 'hall.S-5');
        $tapes = static fn (float $off, bool $confirmed = false): Plan => self::taped([
            new Observation('o1', self::HIP, 'hall.S', new SideTaped('hall.S-5', true, $long, false), confirmed: $confirmed),
            new Observation('o2', self::HIP, 'hall.S', new SideTaped('hall.S-5', false, $short + $off, false), confirmed: $confirmed),
        ]);
        $said = RoofJob::findings($tapes(1.0625), 'fit.apart');
        self::assertSame([['short', 'inch', 'more']], array_map(static fn (Finding $f): array => [$f->parameters['side'], $f->parameters['about'], $f->parameters['way']], $said));
        self::assertSame(self::lengths($drawn, 'hall.S-9'), self::lengths($tapes(1.0625), 'hall.S-9'), 'the other is as its card has it');
        foreach ([$tapes(0.8), $tapes(1.0625, true)] as $meant) {
            self::assertSame([], self::line($meant)->apart);
            self::assertNotEqualsWithDelta(self::lengths($drawn, 'hall.S-9'), self::lengths($meant, 'hall.S-9'), 1.0);
        }
    }

    public function test_two_that_contradict_each_other_are_named_and_the_likeliest_wrong_over_a_quarter(): void
    {
        $card = self::lengths(RoofJob::plan(RoofJob::boathouse()), 'hall.S-5')[0];
        $mark = static fn (string $id, float $off): Observation => new Observation($id, self::HIP, 'hall.S', new SideTaped('hall.S-5', true, $card + $off, false));
        self::assertSame(['o2'], array_keys(self::line(self::taped([$mark('o1', 0.1), $mark('o2', 0.75)]))->apart), 'the one farther from the drawing');
        self::assertSame([], self::line(self::taped([$mark('o1', 0.1), $mark('o2', 0.55)]))->apart);
        $plan = self::taped([$mark('o1', 0.0), $mark('o2', 0.0), $mark('o3', 0.45)]);
        self::assertSame('o3', self::line($plan)->likeliestWrong);
        self::assertCount(1, RoofJob::findings($plan, 'fit.likely-wrong'));
    }

    public function test_what_lies_at_no_such_edge_is_said_and_kept(): void
    {
        $plan = self::taped([
            new Observation('o1', self::HIP, 'hall.S', new SideTaped('hall.S-20', true, 100.0, false)),
            new Observation('o2', 'hip-gone', 'hall.S', new SideTaped('hall.S-5', true, 100.0, false)),
            new Observation('o3', self::HIP, 'wing.W', new Point(10.0, 10.0)),
            new Observation('o4', self::HIP, 'nowhere', new Point(10.0, 10.0)),
        ]);
        self::assertCount(4, RoofJob::findings($plan, 'fit.astray'));
        self::assertEquals(RoofJob::plan(RoofJob::boathouse())->of(CuttingStage::class)->panels, $plan->of(CuttingStage::class)->panels);
    }

    public function test_seams_that_no_longer_meet_on_a_hip_are_said(): void
    {
        $plan = self::taped([new Observation('o1', self::HIP, 'hall.S', new Point(100.0, self::hipAt(RoofJob::plan(RoofJob::boathouse()), 100.0) + 1.0))]);
        $said = RoofJob::findings($plan, 'fit.seams-part');
        self::assertCount(1, $said);
        // An inch up the rib is 1 / 1.118 in plan; one seam goes so far north of the hip, its partner as far south along it.
        self::assertEqualsWithDelta(hypot(1.0, 1.0) / hypot(1.0, 0.5), $said[0]->parameters['apart']->inches ?? 0.0, 1e-6);
    }

    /** @param  list<Observation>  $observations */
    private static function taped(array $observations): Plan
    {
        return RoofJob::plan(RoofJob::boathouse(), observations: $observations);
    }

    /**
     * @param  array<string, float>  $long  by panel
     * @param  float  $rise  over width
     * @return list<Observation> both sides of each, from B
     */
    private static function onPanels(array $long, float $rise): array
    {
        $marks = [];
        foreach ($long as $panel => $length) {
            $marks[] = new Observation('o'.(count($marks) + 1), self::HIP, 'hall.S', new SideTaped($panel, true, $length, false), before: array_keys($long));
            $marks[] = new Observation('o'.(count($marks) + 1), self::HIP, 'hall.S', new SideTaped($panel, false, $length - self::WIDTH * $rise, false), before: array_keys($long));
        }

        return $marks;
    }

    private static function line(Plan $plan): FittedLine
    {
        return $plan->of(CuttingStage::class)->fits->lines[self::HIP] ?? self::fail();
    }

    /** @return list<float> long and short as marked; one where the piece is not made from two */
    private static function lengths(Plan $plan, string $panel): array
    {
        $lengths = RoofJob::card($plan, $plan->of(CuttingStage::class)->panel($panel) ?? self::fail($panel))->lengths;

        return $lengths === null ? [] : [$lengths->long(), $lengths->short()];
    }

    private static function slope(Plan $plan, string $panel): float
    {
        [$long, $short] = self::lengths($plan, $panel);

        return ($long - $short) / self::WIDTH;
    }

    private static function frame(Plan $plan, string $face): FaceFrame
    {
        return $plan->of(RoofStage::class)->roof->face($face)->frame ?? self::fail($face);
    }

    /** @return list<Panel> of the south face, that end at a valley */
    private static function piecesAt(Plan $plan, string $edge): array
    {
        $face = $plan->of(RoofStage::class)->roof->face('hall.S') ?? self::fail();

        return array_values(array_filter($plan->of(CuttingStage::class)->panelsOf('hall.S'), static fn (Panel $p): bool => in_array($edge, CutCardMaker::of($plan)->angledEdges($plan->of(RoofStage::class)->roof, $face, $p), true) && $p->short > 0.0));
    }

    /** How high the drawn hip stands at u on the south face. */
    private static function hipAt(Plan $plan, float $u): float
    {
        [$from, $to] = (new LineFit($plan->of(RoofStage::class)->roof->edge(self::HIP) ?? self::fail()))->on(self::frame($plan, 'hall.S'));

        return $from->v + ($u - $from->u) * ($to->v - $from->v) / ($to->u - $from->u);
    }

    /** The drawn line turned by degrees and moved by inches on the deck of a face. */
    private static function turned(Edge $edge, float $degrees, float $inches, FaceFrame $face): LineFit
    {
        [$from, $to] = (new LineFit($edge))->on($face);
        $square = (new LineFit($edge, 1.0))->offset($face);

        return new LineFit($edge, $inches / $square, tan(deg2rad($degrees)) * abs($from->u - $to->u) / $from->distanceTo($to));
    }

    private static function within(float $most): float
    {
        return $most * (2.0 * mt_rand() / mt_getrandmax() - 1.0);
    }
}
