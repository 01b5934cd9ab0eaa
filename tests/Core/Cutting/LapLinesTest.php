<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\Internal\LapLines;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where laps lie: within what lengths allow, clear of what is blocked, and found whenever there is a place. */
final class LapLinesTest extends TestCase
{
    public function test_lines_stay_where_they_are_wanted_when_nothing_is_in_the_way(): void
    {
        self::assertSame([200.0, 394.0], (new LapLines(0.0, 588.0, 6.0, 24.0, 240.0, []))->near([200.0, 394.0]));
    }

    public function test_a_line_moves_to_the_nearer_end_of_what_is_blocked(): void
    {
        $lines = new LapLines(0.0, 400.0, 6.0, 24.0, 240.0, [[190.0, 230.0]]);

        self::assertSame([190.0], $lines->near([200.0]));
        self::assertSame([230.0], $lines->near([215.0]));
    }

    public function test_where_the_near_place_leaves_a_length_too_long_the_far_one_is_taken(): void
    {
        // From 160 on up 240 would be needed and more: only above the opening does the upper length fit.
        self::assertSame([200.0], (new LapLines(0.0, 420.0, 6.0, 24.0, 240.0, [[150.0, 200.0]]))->near([160.0]));
    }

    public function test_no_place_is_said(): void
    {
        self::assertNull((new LapLines(0.0, 470.0, 6.0, 24.0, 240.0, [[200.0, 260.0]]))->near([230.0]), 'two lengths do not reach');
        self::assertNull((new LapLines(0.0, 500.0, 6.0, 24.0, 240.0, []))->near([240.0]), 'too long for two');
    }

    public function test_whenever_there_is_a_place_it_is_found(): void
    {
        $found = 0;
        foreach (range(1, 120) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $top = (float) $random->getInt(250, 460);
            $blocked = array_map(static function () use ($random): array {
                $from = $random->getInt(0, 400);

                return [(float) $from, (float) ($from + $random->getInt(10, 120))];
            }, range(1, $random->getInt(1, 3)));
            $lines = (new LapLines(0.0, $top, 6.0, 24.0, 240.0, $blocked))->near([$top / 2.0]);
            $possible = array_filter(range(0, (int) $top), static fn (int $v): bool => self::fits((float) $v, $top, $blocked));
            if ($lines === null) {
                self::assertSame([], array_values($possible), "seed $seed");

                continue;
            }
            $found++;
            self::assertTrue(self::fits($lines[0], $top, $blocked), "seed $seed: $lines[0]");
            foreach ($possible as $v) {
                self::assertLessThanOrEqual(abs($v - $top / 2.0) + 1e-9, abs($lines[0] - $top / 2.0), "seed $seed: nearer is $v");
            }
        }
        self::assertGreaterThan(40, $found);
    }

    /** @param  list<array{float, float}>  $blocked */
    private static function fits(float $v, float $top, array $blocked): bool
    {
        foreach ($blocked as [$from, $to]) {
            if ($v > $from + 1e-9 && $v < $to - 1e-9) {
                return false;
            }
        }

        // The lower length runs on under the upper one.
        return $v + 6.0 <= 240.0 + 1e-9 && $v + 6.0 >= 24.0 - 1e-9 && $top - $v <= 240.0 + 1e-9 && $top - $v >= 24.0 - 1e-9;
    }
}
