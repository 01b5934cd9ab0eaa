<?php

declare(strict_types=1);

namespace Tests\Core\RoofLog;

use Imbrex\Core\Circumstances;
use Imbrex\Core\Facts\CutTrim;
use Imbrex\Core\Facts\PiecesCut;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Plan;
use Imbrex\Core\RoofLog\RoofLogStage;
use Imbrex\Core\RoofLog\TrimsCut;
use Imbrex\Core\Trims\TrimsInput;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

final class TrimsCutTest extends TestCase
{
    public function test_what_is_cut_is_held_against_what_it_would_be_now(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('shed', 0, 0, 400, 240, [6, null, 6, null])]);
        $cap = $plan->of(TrimsStage::class)->runs['ridge-shed.S-shed.N.cap'];
        $cut = array_map(static fn (float $length): CutTrim => new CutTrim($length), ["$cap->id.1" => 87.0, "$cap->id.2" => 120.0, "$cap->id.9" => 50.0]);
        $found = static fn (array $cut, TrimsInput $input = new TrimsInput): array => array_map(static fn (Finding $f): array => [$f->code, $f->where, $f->parameters['count']], self::log(Plan::for($plan->job->with($input)), $cut));
        self::assertSame([['log.trim-gone', "$cap->id.9", 1]], $found($cut));
        // Laps of six make the ends three longer; what is cut full stays.
        self::assertSame([['log.trim-length', "$cap->id.1", 1], ['log.trim-gone', "$cap->id.9", 1]], $found($cut, new TrimsInput(laps: ['ridge-cap' => 6.0])));
        self::assertSame([], $found(["$cap->id.1" => new CutTrim(87.02)]), 'no tape shows that');
        // As long as before on a steeper roof, but bent to its pitch, and its tabs closed at its slope.
        $as = ["$cap->id.1" => new CutTrim(87.0, $cap->looks($cap->pieces[0]), ['f1'])];
        self::assertSame([], $found($as));
        $steeper = RoofJob::plan([BlockMaker::block('shed', 0, 0, 400, 240, [8, null, 8, null])]);
        self::assertSame([['log.trim-shape', "$cap->id.1"]], array_map(static fn (Finding $f): array => [$f->code, $f->where], self::log($steeper, $as)));
        self::assertSame(['f1'], TrimsCut::of(self::with($plan, $as))->facts("$cap->id.1"));
    }

    public function test_a_tick_asks_nothing_of_what_does_not_look_at_it(): void
    {
        $plan = RoofJob::plan([BlockMaker::block('shed', 0, 0, 400, 240, [6, null, 6, null])]);
        $ticked = self::with($plan, ['ridge-shed.S-shed.N.cap.1' => new CutTrim(87.0)]);
        $other = array_keys(array_filter(\Imbrex\Core\Stages::IN_ORDER, static fn (string $stage): bool => $plan->key($stage) !== $ticked->key($stage)));
        self::assertSame(['roof-log'], $other);
        $plan->of(TrimsStage::class);
        self::assertSame($plan->of(TrimsStage::class), $ticked->of(TrimsStage::class));
    }

    /**
     * @param  array<string, CutTrim>  $cut
     * @return list<Finding>
     */
    private static function log(Plan $plan, array $cut): array
    {
        return self::with($plan, $cut)->of(RoofLogStage::class)->findings();
    }

    /** @param  array<string, CutTrim>  $cut */
    private static function with(Plan $plan, array $cut): Plan
    {
        return $plan->on($plan->circumstances->and(Circumstances::of(new PiecesCut([], $cut))));
    }
}
