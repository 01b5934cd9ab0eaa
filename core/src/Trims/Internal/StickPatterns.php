<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

/**
 * The linear programme of cutting sticks, patterns made as they are wanted (Gilmore and Gomory): its least is a bound no way of
 * cutting goes below, and its patterns, taken whole times, leave little over. Lengths are inches, kerf with them.
 */
final class StickPatterns
{
    private const HAIR = 1e-9;

    /** Rounds at most; the bound holds after any of them. */
    private const ROUNDS = 500;

    /** Looks at most in a round for the pattern that is worth most. */
    private const LOOKS = 20_000;

    /** @var array<int, array<int, float>> rows of the basis turned round */
    private array $inverse = [];

    /** @var array<int, array<int, int>> how many of each length the patterns of the basis have */
    private array $patterns = [];

    /** @var array<int, float> how many sticks are cut by each of them */
    private array $times = [];

    /** @var array<int, int> */
    private array $found = [];

    private float $worth = 0.0;

    /**
     * @param  non-empty-list<float>  $lengths  longest first
     * @param  list<int>  $counts  how many are wanted of each
     */
    private function __construct(private readonly array $lengths, private readonly array $counts, private readonly float $room)
    {
        foreach ($lengths as $i => $length) {
            $fit = max(1, min($counts[$i], (int) floor($room / $length + self::HAIR)));
            $this->patterns[] = [$i => $fit];
            $this->times[] = $counts[$i] / $fit;
            $this->inverse[] = array_map(static fn (int $j): float => $j === $i ? 1.0 / $fit : 0.0, array_keys($lengths));
        }
    }

    /**
     * @param  non-empty-list<float>  $lengths  longest first
     * @param  list<int>  $counts  how many are wanted of each, none nothing
     * @return array{int, list<array<int, int>>} what no way of cutting goes below; and whole sticks by the best patterns, as many as go without cutting too many of anything: how many of each length
     */
    public static function of(array $lengths, array $counts, float $room): array
    {
        $programme = new self($lengths, $counts, $room);
        $bound = $programme->solve();

        return [(int) ceil($bound - 1e-6), $programme->whole()];
    }

    private function solve(): float
    {
        $bound = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $prices = $this->prices();
            $value = array_sum($this->times);
            $isBest = $this->dearest($prices);
            if ($isBest) {
                // Prices shared out by the dearest pattern are never too high (Farley).
                $bound = max($bound, $value / max(1.0, $this->worth));
            }
            if ($this->worth <= 1.0 + 1e-7 || ceil($bound - 1e-6) >= ceil($value - 1e-6)) {
                return $isBest ? max($bound, min($value, $value / max(1.0, $this->worth))) : $bound;
            }
            $this->enter($this->found);
        }

        return $bound;
    }

    /** @return array<int, float> what a piece of each length is worth, in sticks */
    private function prices(): array
    {
        $prices = array_fill(0, count($this->lengths), 0.0);
        foreach ($this->inverse as $row) {
            foreach ($row as $i => $value) {
                $prices[$i] += $value;
            }
        }

        return $prices;
    }

    /**
     * Finds the pattern of most worth.
     *
     * @param  array<int, float>  $prices
     * @return bool whether there is none dearer for certain
     */
    private function dearest(array $prices): bool
    {
        $order = array_values(array_filter(array_keys($this->lengths), static fn (int $i): bool => $prices[$i] > self::HAIR));
        usort($order, fn (int $a, int $b): int => $prices[$b] / $this->lengths[$b] <=> $prices[$a] / $this->lengths[$a]);

        return $this->look($order, array_map(static fn (int $i): float => $prices[$i], $order), array_map(fn (int $i): float => $this->lengths[$i], $order));
    }

    /**
     * Goes through the patterns, of each length as many as go first, and leaves out what cannot be worth more than what was found.
     *
     * @param  list<int>  $order  numbers of lengths; with them, what a piece is worth and how long it is
     * @param  list<float>  $prices
     * @param  list<float>  $lengths
     * @return bool whether it came to its end
     */
    private function look(array $order, array $prices, array $lengths): bool
    {
        $most = array_map(fn (int $i): int => $this->counts[$i], $order);
        [$rooms, $worths, $picked] = [[$this->room], [0.0], []];
        [$this->worth, $this->found] = [0.0, []];
        [$at, $looks, $n, $best] = [0, 0, count($order), 0.0];
        while ($at >= 0) {
            [$room, $worth] = [$rooms[$at], $worths[$at]];
            if ($worth > $best + self::HAIR) {
                [$best, $this->found] = [$worth, $this->pattern($order, $picked, $at)];
            }
            if ($at < $n && ++$looks <= self::LOOKS && $worth + $room * $prices[$at] / $lengths[$at] > $best + self::HAIR) {
                $fit = (int) floor($room / $lengths[$at] + self::HAIR);
                $picked[$at] = ($fit < $most[$at] ? $fit : $most[$at]) + 1;
            } else {
                $at--;
            }
            // One less of the last length that has any left to take off.
            while ($at >= 0 && --$picked[$at] < 0) {
                $at--;
            }
            if ($at >= 0) {
                $rooms[$at + 1] = $rooms[$at] - $picked[$at] * $lengths[$at];
                $worths[$at + 1] = $worths[$at] + $picked[$at] * $prices[$at];
                $at++;
            }
        }
        $this->worth = $best;

        return $looks <= self::LOOKS;
    }

    /**
     * @param  list<int>  $order
     * @param  array<int, int>  $picked  how many of each, in that order
     * @return array<int, int> of those before a place
     */
    private function pattern(array $order, array $picked, int $before): array
    {
        $pattern = [];
        for ($k = 0; $k < $before; $k++) {
            if ($picked[$k] > 0) {
                $pattern[$order[$k]] = $picked[$k];
            }
        }

        return $pattern;
    }

    /** @param  array<int, int>  $pattern */
    private function enter(array $pattern): void
    {
        $way = array_map(static function (array $row) use ($pattern): float {
            $sum = 0.0;
            foreach ($pattern as $i => $n) {
                $sum += $row[$i] * $n;
            }

            return $sum;
        }, $this->inverse);
        $leaves = null;
        foreach ($way as $k => $step) {
            if ($step > 1e-8 && ($leaves === null || $this->times[$k] / $step < $this->times[$leaves] / $way[$leaves])) {
                $leaves = $k;
            }
        }
        if ($leaves === null) {
            return;
        }
        $much = $this->times[$leaves] / $way[$leaves];
        $pivot = array_map(static fn (float $value): float => $value / $way[$leaves], $this->inverse[$leaves]);
        foreach ($this->inverse as $k => $row) {
            if ($k !== $leaves && abs($way[$k]) > 1e-12) {
                $by = $way[$k];
                foreach ($pivot as $i => $value) {
                    if ($value !== 0.0) {
                        $row[$i] -= $by * $value;
                    }
                }
                $this->inverse[$k] = $row;
                $this->times[$k] = max(0.0, $this->times[$k] - $by * $much);
            }
        }
        $this->inverse[$leaves] = $pivot;
        $this->patterns[$leaves] = $pattern;
        $this->times[$leaves] = $much;
    }

    /** @return list<array<int, int>> */
    private function whole(): array
    {
        $left = $this->counts;
        $sticks = [];
        $order = array_keys($this->times);
        // Whole times first, then those that come nearest to one more.
        usort($order, fn (int $a, int $b): int => fmod($this->times[$b], 1.0) <=> fmod($this->times[$a], 1.0));
        foreach ([0.0, 0.5] as $more) {
            foreach ($order as $k) {
                $times = $more === 0.0 ? (int) floor($this->times[$k] + 1e-6) : (int) (fmod($this->times[$k] + 1e-6, 1.0) > $more);
                for ($n = 0; $n < $times && $this->fits($this->patterns[$k], $left); $n++) {
                    $sticks[] = $this->patterns[$k];
                    foreach ($this->patterns[$k] as $i => $count) {
                        $left[$i] -= $count;
                    }
                }
            }
        }

        return $sticks;
    }

    /**
     * @param  array<int, int>  $pattern
     * @param  array<int, int>  $left
     */
    private function fits(array $pattern, array $left): bool
    {
        foreach ($pattern as $i => $count) {
            if ($left[$i] < $count) {
                return false;
            }
        }

        return true;
    }
}
