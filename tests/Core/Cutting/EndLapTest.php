<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\JobMaker;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\RoofJob;

/** Panels too long to make or carry. */
final class EndLapTest extends TestCase
{
    /** @return list<array{float, float, float}> length up the slope, rise, lap */
    public static function planes(): array
    {
        return [[600.0, 4.0, 6.0], [600.0, 2.5, 12.0], [1200.0, 6.0, 6.0], [541.0, 3.0, 6.0]];
    }

    #[DataProvider('planes')]
    public function test_they_are_parted_with_a_lap_that_is_staggered(float $length, float $rise, float $lap): void
    {
        $plan = Plan::for(JobMaker::rectangle(160, $length, 'double-lock-2-16', rise: $rise));
        $strips = [];
        foreach ($plan->of(CuttingStage::class)->panels as $panel) {
            $strips[$panel->strip->position][] = $panel;
            self::assertLessThanOrEqual(540.0, $panel->orderLength, $panel->id);
        }
        $lines = [];
        foreach ($strips as $position => $pieces) {
            self::assertGreaterThan(1, count($pieces));
            self::assertEqualsWithDelta($length + 1.0, array_sum(array_map(static fn (Panel $p): float => $p->metal->bounds()->height(), $pieces)), 1e-6, 'metal past the eave by 1');
            foreach (array_slice($pieces, 1) as $i => $upper) {
                self::assertTrue($upper->lapsOver);
                self::assertEqualsWithDelta($lap, $pieces[$i]->sheet->bounds()->top - $upper->sheet->bounds()->bottom, 1e-6);
            }
            $lines[$position] = $pieces[1]->sheet->bounds()->bottom;
        }
        self::assertEqualsWithDelta(24.0, abs($lines[1] - $lines[2]), 1e-6);
        self::assertEqualsWithDelta($lines[1], $lines[3], 1e-6);
        self::assertCount(1, RoofJob::findings($plan, 'cut.end-lapped'));
        self::assertSame([], RoofJob::findings($plan, 'cut.over-long'));
        self::assertSame(['P1-1', 'P1-1b'], array_slice($plan->of(CuttingStage::class)->strips()['P1 1'], 0, 2));
    }

    public function test_laps_keep_away_from_openings(): void
    {
        $free = self::lines(self::plan([]));
        $chimney = Opening::outlined('o', 'a.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(40, $free[3] - 10, 70, $free[3] + 20));
        $plan = self::plan([$chimney]);
        $round = $chimney->outline->bounds();
        foreach ($plan->of(CuttingStage::class)->panelsOf('a.S') as $panel) {
            $near = $panel->sheet->bounds()->right > $round->left - 24 && $panel->sheet->bounds()->left < $round->right + 24;
            if ($panel->lapsOver && $near) {
                $lap = $panel->sheet->bounds()->bottom;
                self::assertTrue($lap >= $round->top + 24 - 1e-6 || $lap + 6.0 <= $round->bottom - 24 + 1e-6, "$panel->id laps at $lap");
            }
        }
        self::assertSame([], RoofJob::findings($plan, 'cut.lap-near-opening'));
        self::assertNotEquals($free, self::lines($plan));
    }

    public function test_a_lap_that_cannot_keep_away_is_said(): void
    {
        $tall = Opening::outlined('o', 'a.S', OpeningKind::Chimney, 'Chimney', Polygon::rectangle(40, 60, 44, 560));

        self::assertNotSame([], RoofJob::findings(self::plan([$tall], ['cut.endLapClear' => 120.0]), 'cut.lap-near-opening'));
    }

    public function test_by_rule_they_are_only_said(): void
    {
        $plan = self::plan([], ['cut.overLong' => 'report']);

        self::assertCount(2, RoofJob::findings($plan, 'cut.over-long'), 'one a face');
        self::assertSame([], self::lines($plan));
    }

    /** @return array<int, float> where the lap of each strip of the south face begins, by position */
    private static function lines(Plan $plan): array
    {
        $lines = [];
        foreach ($plan->of(CuttingStage::class)->panelsOf('a.S') as $panel) {
            if ($panel->lapsOver && ! isset($lines[$panel->strip->position])) {
                $lines[$panel->strip->position] = $panel->sheet->bounds()->bottom;
            }
        }

        return $lines;
    }

    /**
     * @param  list<Opening>  $openings
     * @param  array<string, float|string>  $rules
     */
    private static function plan(array $openings, array $rules = []): Plan
    {
        return RoofJob::plan([BlockMaker::block('a', 0, 0, 160, 1200, [4, null, 4, null])], rules: $rules, openings: $openings);
    }
}
