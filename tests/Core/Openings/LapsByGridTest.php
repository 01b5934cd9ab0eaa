<?php

declare(strict_types=1);

namespace Tests\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\Internal\LapCheck;
use Imbrex\Core\Openings\Kit;
use Imbrex\Core\Openings\LyingPiece;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Roof\FaceFrame;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The verdict on laps by another way: pieces are stacked square by square on a grid, and water steps from square to square.
 * Pieces are shuffled: most heaps leak, some shed, and both ways must say the same of each.
 */
final class LapsByGridTest extends TestCase
{
    /** Of a square, inches; so placed that no edge of a piece lies in the middle of one. */
    private const SQUARE = 0.5;

    private const OFF = 0.11;

    private const REACH = 30.0;

    /** Above what is built behind an opening. */
    private const ABOVE = 56.0;

    /** @return iterable<string, array{UphillSchool, WorkOrder}> */
    public static function schools(): iterable
    {
        foreach (UphillSchool::cases() as $uphill) {
            foreach (WorkOrder::cases() as $order) {
                yield "$uphill->value $order->value" => [$uphill, $order];
            }
        }
    }

    #[DataProvider('schools')]
    public function test_both_ways_say_the_same_of_shuffled_pieces(UphillSchool $uphill, WorkOrder $order): void
    {
        $flashed = OpeningJob::flashed(OpeningKind::Curb, 12.0, 8.0, $uphill, $order);
        $random = new Randomizer(new Mt19937(crc32("$uphill->value $order->value")));
        $verdicts = ['sheds' => 0, 'leaks' => 0];
        foreach (range(0, 24) as $turn) {
            $lying = self::shuffled($flashed, $random, $turn);
            $sheds = (new LapCheck($flashed->round, $lying))->faults() === [];
            self::assertSame($sheds, self::shedsOnGrid($lying, 12.0, 8.0), 'in this order: '.implode(', ', array_map(static fn (LyingPiece $piece): string => $piece->role->value, $lying)));
            $verdicts[$sheds ? 'sheds' : 'leaks']++;
        }
        self::assertGreaterThan(0, $verdicts['sheds'], 'the usual order is among them');
        self::assertGreaterThan(0, $verdicts['leaks']);
    }

    /** A frame that is turned takes places to the deck and back like any other, and keeps lengths. */
    public function test_a_turned_frame_loses_nothing(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $inches = static fn (): float => $random->getInt(-100_000, 100_000) / 100.0;
        foreach (range(1, 200) as $turn) {
            $angle = $turn / 7.0;
            [$east, $north] = [cos($angle), sin($angle)];
            $slope = 0.05 + ($turn % 20) / 20.0;
            $frame = new FaceFrame(new Point($inches(), $inches()), $east, $north, new SlopePlane($inches(), $east * $slope, $north * $slope), [1, -1, 0][$turn % 3]);
            [$a, $b] = [new Point($inches(), $inches()), new Point($inches(), $inches())];
            $back = $frame->toPlan($frame->toDeck($a));
            self::assertEqualsWithDelta([$a->u, $a->v], [$back->u, $back->v], 1e-6);
            // True length on the deck is that of plan and rise together.
            $true = hypot($a->distanceTo($b), $frame->plane->at($a) - $frame->plane->at($b));
            self::assertEqualsWithDelta($true, $frame->toDeck($a)->distanceTo($frame->toDeck($b)), 1e-6);
            // Its v runs level where panels lie sideways, up the slope where they do not.
            $up = $frame->plane->at($frame->toPlan(new Point(0.0, 1.0))) - $frame->plane->at($frame->toPlan(new Point(0.0, 0.0)));
            self::assertEqualsWithDelta($frame->isAcross() ? 0.0 : $slope / sqrt(1.0 + $slope ** 2), $up, 1e-6);
        }
    }

    /** @return list<LyingPiece> from the lowest to the highest; the first time as is usual */
    private static function shuffled(FlashedOpening $flashed, Randomizer $random, int $turn): array
    {
        $pieces = array_map(static fn (OpeningPiece $piece): OpeningPiece => $turn === 0 ? $piece : $piece->slidUnder(null), $flashed->pieces);
        $kit = new Kit($flashed->round, $flashed->order, $flashed->uphill);
        if ($turn === 0) {
            return $kit->lying($pieces);
        }
        // Two or three pieces change places: heaps between right and hopeless.
        $roles = array_keys($pieces);
        foreach (range(0, $turn % 3) as $ignored) {
            [$i, $j] = [$random->getInt(0, count($roles) - 1), $random->getInt(0, count($roles) - 1)];
            [$roles[$i], $roles[$j]] = [$roles[$j], $roles[$i]];
        }

        return $kit->lying(array_map(static fn (int $i): OpeningPiece => $pieces[$i], $roles));
    }

    /** @param  list<LyingPiece>  $lying */
    private static function shedsOnGrid(array $lying, float $width, float $height): bool
    {
        for ($x = -self::REACH / 2.0 + self::OFF; $x < $width + self::REACH / 2.0; $x += self::SQUARE) {
            // Every square that rain falls on starts a drop; those a drop came through already need none.
            $wet = [];
            for ($y = $height + self::ABOVE + self::OFF; $y > -self::REACH; $y -= self::SQUARE) {
                if ($x > 0.0 && $x < $width && $y > 0.0 && $y < $height) {
                    continue;
                }
                if (! self::runsOff($lying, $x, $y, $width, $height, $wet)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<LyingPiece>  $lying
     * @param  array<string, true>  $wet
     */
    private static function runsOff(array $lying, float $x, float $y, float $width, float $height, array &$wet): bool
    {
        $on = self::top($lying, $x, $y, count($lying));
        while ($on !== null && $y > -self::REACH) {
            if (isset($wet["$on $x $y"])) {
                return true;
            }
            $wet["$on $x $y"] = true;
            $next = $y - self::SQUARE;
            if ($x > 0.0 && $x < $width && $y > $height && $next <= $height && $lying[$on]->bottom <= $height) {
                // Against the wall: aside along the same piece, a hair beyond the nearer corner.
                $x = $x < $width / 2.0 ? -1e-3 : $width + 1e-3;
                $y = $height + 1e-3;
                if (! $lying[$on]->covers($x, $y)) {
                    return false;
                }

                continue;
            }
            if (! $lying[$on]->covers($x, $next)) {
                $on = self::top($lying, $x, $next, $on);
            }
            $y = $next;
        }

        return $on !== null;
    }

    /** @param  list<LyingPiece>  $lying */
    private static function top(array $lying, float $x, float $y, int $below): ?int
    {
        for ($rank = $below - 1; $rank >= 0; $rank--) {
            if ($lying[$rank]->covers($x, $y)) {
                return $rank;
            }
        }

        return null;
    }
}
