<?php

declare(strict_types=1);

namespace Tests\Core\Trims;

use Imbrex\Core\Plan;
use Imbrex\Core\Trims\Closure;
use Imbrex\Core\Trims\Internal\StickBound;
use Imbrex\Core\Trims\Internal\StickCutter;
use Imbrex\Core\Trims\RunSchool;
use Imbrex\Core\Trims\StickLot;
use Imbrex\Core\Trims\TrimPiece;
use Imbrex\Core\Trims\TrimsStage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Roof\BlockMaker;
use Tests\Core\Roof\RandomRoof;
use Tests\Core\RoofJob;

/** Runs are divided so that laps and ends come out, pieces cut from as few sticks as there can be. */
final class StickTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, int, float, float}> length, stick, lap; pieces, balanced end, last of full sticks first: checked examples */
    public static function runs(): iterable
    {
        yield '528 and two tabs' => [530.0, 120.0, 6.0, 5, 97.0, 74.0];
        yield '402 and two tabs' => [404.0, 120.0, 6.0, 4, 91.0, 62.0];
        yield '233 and two tabs' => [235.0, 120.0, 6.0, 3, 63.5, 7.0];
        yield '400 and two tabs' => [402.0, 120.0, 6.0, 4, 90.0, 60.0];
        yield '1170, laps of 4' => [1170.0, 120.0, 4.0, 11, 65.0, 10.0];
        yield '260, laps of 6' => [260.0, 120.0, 6.0, 3, 76.0, 32.0];
        yield '130, laps of 3' => [130.0, 120.0, 3.0, 2, 66.5, 13.0];
        yield '241, laps of 3' => [241.0, 120.0, 3.0, 3, 63.5, 7.0];
    }

    #[DataProvider('runs')]
    public function test_runs_by_hand(float $length, float $stick, float $lap, int $pieces, float $end, float $last): void
    {
        $balanced = RunSchool::Balanced->divide($length, $stick, $lap, 24.0);
        self::assertCount($pieces, $balanced);
        self::assertEqualsWithDelta($end, $balanced[0], 1e-9);
        self::assertEqualsWithDelta($end, $balanced[$pieces - 1], 1e-9);
        self::assertEqualsWithDelta($last, RunSchool::FullFirst->divide($length, $stick, $lap, 0.0)[$pieces - 1], 1e-9);
        $kept = RunSchool::FullFirst->divide($length, $stick, $lap, 24.0);
        self::assertEqualsWithDelta(max(24.0, $last), $kept[$pieces - 1], 1e-9, 'none under two feet');
    }

    public function test_pieces_less_laps_are_the_run_by_every_school(): void
    {
        mt_srand(7);
        for ($try = 0; $try < 3000; $try++) {
            $length = mt_rand(8, 20000) / 8.0;
            $stick = [96.0, 120.0, 126.0, 144.0, 240.0][mt_rand(0, 4)];
            $lap = mt_rand(0, 16) / 2.0;
            foreach (RunSchool::cases() as $school) {
                $pieces = $school->divide($length, $stick, $lap, 24.0);
                self::assertEqualsWithDelta($length, array_sum($pieces) - (count($pieces) - 1) * $lap, 1e-6);
                self::assertLessThanOrEqual($stick + 1e-9, max($pieces));
                self::assertGreaterThanOrEqual(min(24.0, $length) - 1e-9, min($pieces), "$length of $stick laps $lap by $school->value");
                self::assertSame(count(RunSchool::Balanced->divide($length, $stick, $lap, 24.0)), count($pieces), 'no school needs more');
            }
        }
    }

    /**
     * Hips between 3 and 24 in 12 run nearly as the pans of the flat side do. By hand: 1 in plan to 8, so a pan of 16 less its legs (5/8) has
     * 15.375 × √(1 + 64 + 4) = 127.7 to close, from sticks of 120 two parts of 63.9.
     */
    public function test_what_closes_a_pan_along_a_steep_edge_is_parted(): void
    {
        $made = RoofJob::plan([BlockMaker::block('hall', 0, 0, 600, 480, [3, 24, 3, 24])])->of(TrimsStage::class);
        $long = array_values(array_filter($made->closures, static fn (Closure $closure): bool => $closure->kind === 'zee' && abs($closure->length - 15.375 * sqrt(69.0) / 2.0) < 1e-6));
        self::assertNotSame([], $long);
        self::assertEqualsWithDelta($long[0]->at + $long[0]->length, $long[1]->at, 1e-9);
        foreach ($made->lots as $lot) {
            foreach ($lot->sticks as $stick) {
                self::assertLessThanOrEqual($stick->stock + 1e-6, array_sum(array_map(static fn (TrimPiece $piece): float => $piece->length, $stick->pieces)), $lot->kind);
            }
        }
    }

    public function test_sticks_by_hand(): void
    {
        self::assertSame([3, 3], self::sticks([86, 86, 60, 60, 34, 34], 120.0));
        self::assertSame([3, 3], self::sticks([70, 70, 50, 50, 40, 40, 40], 120.0));
        self::assertSame([5, 5], self::sticks([61, 61, 61, 61, 61], 120.0));
        self::assertSame([0, 0], self::sticks([], 120.0));
        // Best fit alone needs four here.
        self::assertSame([3, 3], self::sticks([60, 50, 40, 40, 40, 30, 30, 30, 40], 120.0));
        // A kerf of an eighth between two that fill a stick to the hair parts them.
        self::assertSame([1, 1], self::sticks([80, 40], 120.0));
        self::assertSame([2, 2], self::sticks([80, 40], 120.0, 0.125));
        self::assertSame([1, 1], self::sticks([120], 120.0, 0.125), 'nothing is lost after the last');
    }

    public function test_few_pieces_are_cut_from_as_few_sticks_as_any_way_there_is(): void
    {
        mt_srand(19);
        for ($try = 0; $try < 250; $try++) {
            $pieces = array_map(static fn (): float => mt_rand(24 * 4, 110 * 4) / 4.0, range(1, mt_rand(2, 8)));
            $kerf = [0.0, 0.125][mt_rand(0, 1)];
            [$sticks, $bound] = StickCutter::cut($pieces, 120.0, $kerf);
            $this->check($pieces, $sticks, 120.0, $kerf);
            self::assertCount($bound, $sticks, 'proven');
            self::assertSame(self::brute($pieces, [], 120.0, $kerf), count($sticks), implode(' ', $pieces));
        }
    }

    /** As many as a job's trims of a kind mostly are; also such that fill their sticks exactly, which is hard to see. */
    public function test_up_to_forty_pieces_the_fewest_are_proven(): void
    {
        mt_srand(23);
        for ($try = 0; $try < 24; $try++) {
            $pieces = [];
            if ($try % 3 === 0) {
                for ($i = 0; $i < 13; $i++) {
                    $a = mt_rand(26 * 8, 46 * 8) / 8.0;
                    $b = mt_rand(26 * 8, 46 * 8) / 8.0;
                    array_push($pieces, $a, $b, 120.0 - $a - $b);
                }
            } else {
                $pieces = array_map(static fn (): float => mt_rand(24 * 8, ($try % 3 === 1 ? 70 : 118) * 8) / 8.0, range(1, 40));
            }
            [$sticks, $bound] = StickCutter::cut($pieces, 120.0);
            $this->check($pieces, $sticks, 120.0, 0.0);
            self::assertCount($bound, $sticks, implode(' ', $pieces));
            if ($try % 3 === 0) {
                self::assertCount(13, $sticks);
            }
        }
    }

    /** 156 and 96 zees of two random roofs, 99.8 % of what 15 and 12 sticks hold each. */
    public function test_what_is_lost_is_shared_out_where_filling_full_takes_a_stick_more(): void
    {
        foreach ([[98, 15], [366, 12]] as [$number, $sticks]) {
            $lot = array_values(array_filter(Plan::for((new RandomRoof($number))->job())->of(TrimsStage::class)->lots, static fn (StickLot $lot): bool => $lot->shape->key === 'zee'))[0];
            $long = array_sum(array_map(static fn (TrimPiece $piece): float => $piece->length, $lot->pieces));
            self::assertSame($sticks, (int) ceil($long / 120.0), 'fewer there cannot be');
            self::assertCount($sticks, $lot->sticks);
            self::assertTrue($lot->isProven());
        }
    }

    public function test_of_many_pieces_the_bound_is_a_hundredth_off_at_most(): void
    {
        mt_srand(29);
        for ($try = 0; $try < 12; $try++) {
            $lengths = array_map(static fn (): float => mt_rand(24 * 8, [45, 70, 118][$try % 3] * 8) / 8.0, range(1, 30));
            $pieces = array_map(static fn (): float => $try % 2 === 0 ? $lengths[mt_rand(0, 29)] : mt_rand(24 * 8, 110 * 8) / 8.0, range(1, 400));
            [$sticks, $bound] = StickCutter::cut($pieces, 120.0, 0.0625);
            $this->check($pieces, $sticks, 120.0, 0.0625);
            self::assertLessThanOrEqual(max(1.0, 0.01 * $bound), count($sticks) - $bound, "$try: ".count($sticks)." over $bound");
        }
    }

    public function test_a_bound_is_never_above_what_is_possible(): void
    {
        mt_srand(31);
        for ($try = 0; $try < 300; $try++) {
            $pieces = array_map(static fn (): float => mt_rand(80, 480) / 4.0, range(1, mt_rand(1, 7)));
            rsort($pieces);
            self::assertLessThanOrEqual(self::brute($pieces, [], 120.0, 0.0), StickBound::of(array_map(static fn (float $length): array => [$length, 1], $pieces), 120.0));
        }
    }

    /**
     * @param  list<float|int>  $pieces
     * @return array{int, int}
     */
    private static function sticks(array $pieces, float $stock, float $kerf = 0.0): array
    {
        [$sticks, $bound] = StickCutter::cut(array_map(floatval(...), $pieces), $stock, $kerf);

        return [count($sticks), $bound];
    }

    /**
     * @param  list<float>  $pieces
     * @param  list<list<int>>  $sticks
     */
    private function check(array $pieces, array $sticks, float $stock, float $kerf): void
    {
        $all = array_merge(...$sticks);
        sort($all);
        self::assertSame(array_keys($pieces), $all, 'every piece once');
        foreach ($sticks as $stick) {
            self::assertLessThanOrEqual($stock + 1e-6, array_sum(array_map(static fn (int $i): float => $pieces[$i], $stick)) + (count($stick) - 1) * $kerf);
        }
    }

    /**
     * Every way there is.
     *
     * @param  list<float>  $pieces
     * @param  list<float>  $sticks  what is left in each, a kerf with it
     */
    private static function brute(array $pieces, array $sticks, float $stock, float $kerf): int
    {
        if ($pieces === []) {
            return count($sticks);
        }
        $piece = array_shift($pieces);
        $best = self::brute($pieces, [...$sticks, $stock - $piece], $stock, $kerf);
        foreach ($sticks as $i => $room) {
            if ($room >= $piece + $kerf - 1e-9) {
                $best = min($best, self::brute($pieces, [...array_slice($sticks, 0, $i), $room - $piece - $kerf, ...array_slice($sticks, $i + 1)], $stock, $kerf));
            }
        }

        return $best;
    }
}
