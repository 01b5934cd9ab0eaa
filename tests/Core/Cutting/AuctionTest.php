<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Imbrex\Core\Cutting\Internal\Auction;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What an auction matches is held against every matching there is, and against the bound it gives for itself. */
final class AuctionTest extends TestCase
{
    public function test_it_is_within_its_steps_of_every_matching_there_is(): void
    {
        foreach (range(1, 60) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            [$bidders, $goods] = [$random->getInt(1, 5), $random->getInt(1, 6)];
            $worth = [];
            foreach (range(0, $bidders - 1) as $bidder) {
                $worth[$bidder] = [];
                foreach (range(100, 99 + $goods) as $good) {
                    if ($random->getInt(0, 3) > 0) {
                        $worth[$bidder][$good] = $random->getInt(1, 40) / 4.0;
                    }
                }
            }
            $auction = new Auction(self::alone(array_keys($worth)), self::alone(range(100, 99 + $goods)), $worth);
            $has = $auction->run(0.01);
            $won = 0.0;
            foreach ($has as $bidder => $good) {
                $won += $worth[$bidder][$good];
            }
            $most = self::most($worth, array_keys($worth), []);

            self::assertSame(count($has), count(array_unique($has)), "seed $seed: nothing is sold twice");
            self::assertGreaterThanOrEqual($most - 0.01 * $bidders - 1e-9, $won, "seed $seed");
            self::assertGreaterThanOrEqual($most - 1e-9, $auction->bound(), "seed $seed: the bound is one");
            self::assertLessThanOrEqual($won + 0.01 * $bidders + 1e-9, $auction->bound(), "seed $seed: and near");
        }
    }

    public function test_alike_goods_are_as_many_as_they_are(): void
    {
        // Three want the same kind, of which there are two: the third takes what is worth less.
        $auction = new Auction([0 => [1, 2, 3]], [7 => [70, 71], 8 => [80]], [0 => [7 => 10.0, 8 => 4.0]]);
        $has = $auction->run(0.1);
        sort($has);

        self::assertSame([70, 71, 80], $has);
        self::assertEqualsWithDelta(24.0, $auction->bound(), 0.5);
    }

    public function test_nothing_is_matched_to_itself(): void
    {
        $auction = new Auction([0 => [1, 2]], [0 => [1, 2]], [0 => [0 => 5.0]]);

        self::assertSame([1 => 2, 2 => 1], self::sorted($auction->run(0.1)));
    }

    /**
     * @param  list<int>  $numbers
     * @return array<int, list<int>> each a kind of its own
     */
    private static function alone(array $numbers): array
    {
        return array_combine($numbers, array_map(static fn (int $n): array => [$n], $numbers));
    }

    /**
     * @param  array<int, int>  $has
     * @return array<int, int>
     */
    private static function sorted(array $has): array
    {
        ksort($has);

        return $has;
    }

    /**
     * @param  array<int, array<int, float>>  $worth
     * @param  list<int>  $bidders
     * @param  array<int, true>  $sold
     */
    private static function most(array $worth, array $bidders, array $sold): float
    {
        if ($bidders === []) {
            return 0.0;
        }
        $first = array_shift($bidders);
        $most = self::most($worth, $bidders, $sold);
        foreach ($worth[$first] as $good => $value) {
            if (! isset($sold[$good])) {
                $most = max($most, $value + self::most($worth, $bidders, $sold + [$good => true]));
            }
        }

        return $most;
    }
}
