<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/**
 * Matches two sides so that what the matches are worth is near the most it can be. Each on the one side bids for the
 * best it can have on the other at the going prices, outbidding by a small step, until nobody is better off bidding on.
 * The prices prove how good it is: no matching is worth more than all prices and all that is left to the bidders beside
 * them (weak duality of the assignment problem), and with steps of e the result is within e a bidder of that.
 */
final class Auction
{
    /** Looks at a price and no more: far above what a roof takes. */
    private const MOST_LOOKS = 20_000_000;

    /** @var list<list<array{float, int, int}>> by kind: price, number, who has it (−1 nobody); the cheapest first */
    private array $goods = [];

    /** @var array<int, int> what a bidder has, by number */
    private array $has = [];

    /** @var array<int, int> kind of each bidder */
    private array $kindOf = [];

    /**
     * @param  array<int, list<int>>  $bidders  numbers by kind
     * @param  array<int, list<int>>  $goods  numbers by kind; a number on both sides is one thing and never matched to itself
     * @param  array<int, array<int, float>>  $worth  of each kind of goods to each kind of bidder; what is not worth anything is left out
     */
    public function __construct(private readonly array $bidders, array $goods, private readonly array $worth)
    {
        foreach ($goods as $kind => $numbers) {
            $this->goods[$kind] = array_map(static fn (int $number): array => [0.0, $number, -1], $numbers);
        }
    }

    /** @return array<int, int> goods by bidder */
    public function run(float $step): array
    {
        $queue = [];
        foreach ($this->bidders as $kind => $numbers) {
            foreach (($this->worth[$kind] ?? []) === [] ? [] : $numbers as $number) {
                $this->kindOf[$number] = $kind;
                $queue[] = $number;
            }
        }
        for ($looks = 0, $i = 0; $i < count($queue) && $looks < self::MOST_LOOKS; $i++) {
            $looks += count($this->worth[$this->kindOf[$queue[$i]]]);
            $outbid = $this->bid($queue[$i], $step);
            if ($outbid >= 0) {
                unset($this->has[$outbid]);
                $queue[] = $outbid;
            }
        }

        return $this->has;
    }

    /** @return int the bidder that had what is now taken; −1 for nobody */
    private function bid(int $bidder, float $step): int
    {
        [$best, $place, $most, $second] = [-1, 0, 0.0, 0.0];
        foreach ($this->worth[$this->kindOf[$bidder]] as $kind => $worth) {
            $goods = $this->goods[$kind] ?? [];
            $at = ($goods[0][1] ?? -1) === $bidder ? 1 : 0;
            if (! isset($goods[$at])) {
                continue;
            }
            $value = $worth - $goods[$at][0];
            if ($value > $most) {
                $second = max($most, isset($goods[$at + 1]) ? $worth - $goods[$at + 1][0] : 0.0);
                [$best, $place, $most] = [$kind, $at, $value];
            } elseif ($value > $second) {
                $second = $value;
            }
        }
        if ($best < 0) {
            return -1;
        }
        [$price, $number, $owner] = $this->goods[$best][$place];
        array_splice($this->goods[$best], $place, 1);
        $this->put($best, [$price + $most - $second + $step, $number, $bidder]);
        $this->has[$bidder] = $number;

        return $owner;
    }

    /** @param  array{float, int, int}  $good */
    private function put(int $kind, array $good): void
    {
        [$low, $high] = [0, count($this->goods[$kind])];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->goods[$kind][$middle][0] <= $good[0] ? [$middle + 1, $high] : [$low, $middle];
        }
        array_splice($this->goods[$kind], $low, 0, [$good]);
    }

    /** No matching is worth more. */
    public function bound(): float
    {
        $bound = 0.0;
        foreach ($this->goods as $goods) {
            $bound += array_sum(array_column($goods, 0));
        }
        foreach ($this->bidders as $kind => $numbers) {
            $most = 0.0;
            foreach ($this->worth[$kind] ?? [] as $other => $worth) {
                $most = max($most, $worth - ($this->goods[$other][0][0] ?? $worth));
            }
            $bound += count($numbers) * $most;
        }

        return $bound;
    }
}
