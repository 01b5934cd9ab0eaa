<?php

declare(strict_types=1);

namespace Tests\Core\Facts;

use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactKind;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Core\Facts\PiecesCut;
use PHPUnit\Framework\TestCase;

final class FactLogTest extends TestCase
{
    public function test_what_happened_stands_in_its_own_order_whatever_order_it_was_told_in(): void
    {
        $told = [self::cut('late', 'S-2', 10), self::cut('early', 'S-1', 9), self::cut('early', 'S-9', 11), self::cut('also', 'S-3', 10)];
        self::assertSame(['early', 'late', 'also'], array_column(FactLog::of($told)->standing(FactKind::Cut), 'id'), 'of one id the first counts; of one moment the one told first');
        self::assertSame([], FactLog::of($told)->standing(FactKind::Set));
        mt_srand(7);
        $many = array_map(static fn (int $i): Fact => self::cut("f$i", 'S-'.$i % 5, $i), range(10, 40));
        $mixed = $many;
        for ($turn = 0; $turn < 20; $turn++) {
            usort($mixed, static fn (): int => mt_rand(-1, 1));
            self::assertEquals(FactLog::of($many), FactLog::of([...$mixed, ...array_slice($mixed, 0, 7)]), 'told twice, in any order');
        }
    }

    public function test_what_was_told_wrong_is_corrected_and_stands_where_it_happened(): void
    {
        $log = FactLog::of([
            self::cut('a', 'S-1', 9), self::cut('b', 'S-2', 10), self::cut('c', 'S-3', 11),
            new Fact('x', FactKind::Corrected, 'a', [], self::at(12)),
            new Fact('y', FactKind::Corrected, 'b', ['long' => 81.0, 'short' => 70.0], self::at(13)),
            new Fact('v', FactKind::Corrected, 'b', ['long' => 80.0], self::at(13)),
            new Fact('z', FactKind::Corrected, 'nothing known', [], self::at(14)),
        ]);
        self::assertSame([['b', 80.0, 70.0], ['c', 100.0, 90.0]], array_map(static fn (Fact $fact): array => [$fact->id, $fact->said['long'], $fact->said['short']], $log->standing(FactKind::Cut)));
        self::assertCount(7, $log->all(), 'nothing told is lost');
        $again = FactLog::of([...$log->all(), new Fact('w', FactKind::Corrected, 'a', ['long' => 1.0, 'short' => 1.0], self::at(15))]);
        self::assertSame(['a', 'b', 'c'], array_column($again->standing(FactKind::Cut), 'id'), 'the last word counts');
    }

    public function test_of_a_piece_cut_twice_the_later_card_counts_and_both_say_so(): void
    {
        $cut = PiecesCut::of(FactLog::of([
            self::cut('b', 'S-1', 10, 99.0), self::cut('a', 'S-1', 9),
            new Fact('t', FactKind::Cut, 'ridge.cap.1', ['length' => 87.0, 'as' => 'bent so'], self::at(8)),
        ]));
        self::assertSame([99.0, 90.0, ['a', 'b']], [$cut->panels['S-1']->long, $cut->panels['S-1']->short, $cut->panels['S-1']->facts]);
        self::assertSame([87.0, 'bent so', ['t']], [$cut->trims['ridge.cap.1']->length, $cut->trims['ridge.cap.1']->as, $cut->trims['ridge.cap.1']->facts]);
    }

    private static function cut(string $id, string $panel, int $hour, float $long = 100.0): Fact
    {
        return new Fact($id, FactKind::Cut, $panel, ['long' => $long, 'short' => 90.0], self::at($hour));
    }

    private static function at(int $hour): string
    {
        return sprintf('2026-04-%02dT%02d:00:00.000Z', 1 + intdiv($hour, 24), $hour % 24);
    }
}
