<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Cutting\CleatLine;
use Imbrex\Core\Cutting\CleatLines;
use Imbrex\Core\Cutting\Correction;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Job;
use Imbrex\Core\Layout\Internal\RunningMarkKind;
use Imbrex\Core\Layout\LayoutStage;
use Imbrex\Core\Layout\RunningMark;
use Imbrex\Core\Layout\RunningMarks;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\SideFinder;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\RandomRoof;

/** What is snapped on the deck and what first fits carry over, on random roofs: worked out again from the roof's own lines. */
final class MarksOnTheDeckTest extends TestCase
{
    public function test_chalk_lines_run_along_their_valley_at_reveal_and_cleat(): void
    {
        $seen = 0;
        foreach (RandomRoof::several(160) as $random) {
            $plan = $random->plan(false, false);
            $system = $plan->job->covering;
            $cleats = new CleatLines(Builds::usual($system), new SideFinder($plan->of(RoofStage::class)->roof));
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $valleys = self::sidesOf($face, EdgeKind::Valley);
                $lines = $cleats->on($face);
                self::assertCount(count($valleys), $lines, "roof $random->number, $face->id: a line for each side of a valley");
                foreach ($valleys as $i => [$from, $to]) {
                    self::runsAlong($lines[$i], $from, $to, ['seam' => [2.5], 'cap' => [2.0, 2.5], 'screwed' => [3.0]][Fixing::of($system->profile->family)->value], "roof $random->number, $face->id, side $i");
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(0, $seen);
    }

    /** @param  list<float>  $behind  the reveal it may lie, inches */
    private static function runsAlong(CleatLine $line, Point $from, Point $to, array $behind, string $what): void
    {
        $length = $from->distanceTo($to);
        $places = [];
        foreach ([$line->from, $line->to] as $end) {
            // Metal, and so the line, lies to the left of the valley's side.
            $off = (($to->u - $from->u) * ($end->v - $from->v) - ($to->v - $from->v) * ($end->u - $from->u)) / $length;
            self::assertEqualsWithDelta($line->offset, $off, 1e-6, $what);
            $places[] = (($end->u - $from->u) * ($to->u - $from->u) + ($end->v - $from->v) * ($to->v - $from->v)) / $length;
        }
        // Nose of 1 and flange of 1-1/2; to the far side of a screwed valley's closure 3, of a cap seam's foam 2.
        self::assertContains($line->offset - $line->reveal, $behind, $what);
        // It begins and ends near where its valley does, and runs the same way.
        self::assertEqualsWithDelta(0.0, $places[0], 6.0 * $line->offset, $what);
        self::assertEqualsWithDelta($length, $places[1], 6.0 * $line->offset, $what);
        self::assertTrue($length < 40.0 || $places[1] > $places[0], $what);
    }

    /** @return list<array{Point, Point}> */
    private static function sidesOf(Face $face, EdgeKind $kind): array
    {
        $sides = [];
        foreach ($face->region()->loops() as $loop => $outline) {
            foreach ($face->edgesOfLoop($loop) as $side => $own) {
                if ($own === $kind) {
                    $sides[] = [$outline->corner($side), $outline->corner($side + 1)];
                }
            }
        }

        return $sides;
    }

    public function test_running_marks_rebuild_the_seams(): void
    {
        foreach (RandomRoof::several(160) as $random) {
            $plan = $random->plan();
            foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
                $layout = $plan->of(LayoutStage::class)->layouts[$face->id];
                $marks = new RunningMarks($plan->job->rules);
                foreach (['eave' => $marks->alongEave($face, $layout), 'head' => $marks->alongHead($face, $layout)] as $where => $along) {
                    $what = "roof $random->number, $face->id, $where";
                    $marked = array_map(static fn (RunningMark $m): float => $layout->control + $m->distance, array_values(array_filter($along, static fn (RunningMark $m): bool => $m->kind !== RunningMarkKind::Rake)));
                    foreach ($layout->seams as $seam) {
                        $near = $marked === [] ? INF : min(array_map(static fn (float $u): float => abs($u - $seam), $marked));
                        $reaches = self::reaches($face, $seam, $where === 'eave');
                        // The control line is marked wherever it runs.
                        if ($reaches !== null && abs($seam - $layout->control) > 1e-3) {
                            self::assertSame($reaches, $near < 1e-6, "$what: seam at $seam");
                        }
                    }
                    $distances = array_map(static fn (RunningMark $m): float => $m->distance, $along);
                    $sorted = $distances;
                    sort($sorted);
                    self::assertSame($sorted, $distances, "$what: from left to right");
                }
            }
        }
    }

    /** Whether a line up the slope at u meets the eave, or what lies at the head; null where it runs through a corner. */
    private static function reaches(Face $face, float $u, bool $eave): ?bool
    {
        $kinds = $eave ? [EdgeKind::Eave] : [EdgeKind::Ridge, EdgeKind::Peak, EdgeKind::Headwall];
        $reaches = false;
        foreach ($kinds as $kind) {
            foreach (self::outlineSides($face, $kind) as [$from, $to]) {
                if (min(abs($from->u - $u), abs($to->u - $u)) < 1e-3) {
                    return null;
                }
                $reaches = $reaches || ($from->u < $u) !== ($to->u < $u);
            }
        }

        return $reaches;
    }

    /** @return list<array{Point, Point}> of the outline alone */
    private static function outlineSides(Face $face, EdgeKind $kind): array
    {
        $sides = [];
        foreach ($face->edges as $side => $own) {
            if ($own === $kind) {
                $sides[] = [$face->outline->corner($side), $face->outline->corner($side + 1)];
            }
        }

        return $sides;
    }

    public function test_a_first_fit_gives_back_the_line_it_moved(): void
    {
        $seen = 0;
        foreach (RandomRoof::several(120) as $random) {
            $job = $random->job(true, false);
            $before = Plan::for($job);
            [$face, $edge, $trial] = self::angled($before) ?? [null, '', ''];
            if ($face === null) {
                continue;
            }
            [$long, $short] = [$random->between(-8, 8) / 16.0, $random->between(-8, 8) / 16.0];
            $after = Plan::for(self::fitted($job, [new Correction(
                id: 'a',
                face: $face->id,
                edge: $edge,
                trial: $trial,
                longSide: true,
                uphill: $long,
                before: [$trial],
            ), new Correction(id: 'b', face: $face->id, edge: $edge, trial: $trial, longSide: false, uphill: $short, before: [$trial])]));
            foreach ($before->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                $now = $after->of(CuttingStage::class)->panel($panel->id) ?? self::fail();
                $what = "roof $random->number, $panel->id";
                if ($panel->id === $trial || ! in_array($edge, CutCardMaker::of($before)->angledEdges($before->of(RoofStage::class)->roof, $face, $panel), true)) {
                    self::assertEquals($panel->sheet, $now->sheet, "$what stays");

                    continue;
                }
                $seen += self::isMoved($panel, $now->sheet, self::tags($before, $face, $edge), $long, $short, $what);
                self::assertGreaterThanOrEqual($now->long - 1e-9, $now->orderLength, $what);
                self::assertEqualsWithDelta($now->sheet->bounds()->height(), $now->long, 1e-9, $what);
            }
        }
        self::assertGreaterThan(0, $seen);
    }

    /** @return array{Face, string, string}|null a face, an edge its panels are cut to at an angle, and a panel there */
    private static function angled(Plan $plan): ?array
    {
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            foreach ($plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                $edges = CutCardMaker::of($plan)->angledEdges($plan->of(RoofStage::class)->roof, $face, $panel);
                if ($edges !== []) {
                    return [$face, $edges[0], $panel->id];
                }
            }
        }

        return null;
    }

    /** @param  list<Correction>  $corrections */
    private static function fitted(Job $job, array $corrections): Job
    {
        return $job->with(new CuttingInput($corrections));
    }

    /** @return list<int> numbers of the face's sides at a roof edge */
    private static function tags(Plan $plan, Face $face, string $edge): array
    {
        $finder = new SideFinder($plan->of(RoofStage::class)->roof);
        $tags = [];
        $number = 0;
        foreach ($face->region()->loops() as $loop => $outline) {
            foreach (array_keys($outline->corners) as $side) {
                if ($finder->edge($face, $loop, $side)?->id === $edge) {
                    $tags[] = $number;
                }
                $number++;
            }
        }

        return $tags;
    }

    /**
     * Its sides at the edge run on the old line, moved along the rib by as much as was wanted at each end.
     *
     * @param  list<int>  $tags
     */
    private static function isMoved(Panel $was, Polygon $sheet, array $tags, float $long, float $short, string $what): int
    {
        $seen = 0;
        foreach ($was->sheet->corners as $i => $from) {
            $to = $was->sheet->corner($i + 1);
            $run = $to->u - $from->u;
            if (! in_array($was->sheet->tag($i), $tags, true) || abs($run) < 1e-3) {
                continue;
            }
            // Of a foot the lower end is the longer, of a head the higher.
            $fromIsLong = ($run > 0.0) === ($from->v < $to->v);
            [$atFrom, $atTo] = $fromIsLong ? [$long, $short] : [$short, $long];
            foreach ([$sheet->corner($i), $sheet->corner($i + 1)] as $corner) {
                $share = ($corner->u - $from->u) / $run;
                $line = $from->v + $atFrom + $share * ($to->v + $atTo - $from->v - $atFrom);
                // Where two sides of one edge meet, the second may have moved the corner on along the first.
                self::assertEqualsWithDelta($line, $corner->v, 2e-3, "$what at $corner->u, $corner->v");
            }
            $seen++;
        }

        return $seen;
    }
}
