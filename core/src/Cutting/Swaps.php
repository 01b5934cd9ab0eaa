<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/**
 * Makes pairs better by changing partners: two pairs for the two other ways to pair their four, or a blank that has no partner for one that
 * has. Every change saves more than it gives up, so it ends.
 */
final class Swaps
{
    /** Rounds through all pairs at most; two or three are usual. */
    private const ROUNDS = 12;

    /** So many pairs and single ones are looked through; of more than this a hundredth is nothing to look for by hand. */
    private const MOST = 900;

    private const HAIR = 1e-6;

    public function __construct(private readonly SavingTable $table)
    {
    }

    /**
     * @param  list<array{int, int}>  $pairs
     * @param  int  $count  of blanks, paired or not
     * @return list<array{int, int}>
     */
    public function of(array $pairs, int $count): array
    {
        // A single one is a pair with nobody.
        $all = [...$pairs, ...array_map(static fn (int $one): array => [$one, null], array_values(array_diff($count === 0 ? [] : range(0, $count - 1), ...$pairs)))];
        for ($round = 0; $round < self::ROUNDS && count($all) <= self::MOST && $this->round($all); $round++);

        return array_values(array_map(static fn (array $pair): array => [$pair[0], (int) $pair[1]], array_filter($all, fn (array $pair): bool => $this->worth(...$pair) > self::HAIR)));
    }

    /**
     * @param  list<array{int, int|null}>  $all
     *
     * @param-out  list<array{int, int|null}>  $all
     *
     * @return bool whether anything was changed
     */
    private function round(array &$all): bool
    {
        $changed = false;
        for ($i = 0; $i < count($all); $i++) {
            for ($j = $i + 1; $j < count($all); $j++) {
                [[$a, $b], [$c, $d]] = [$all[$i], $all[$j]];
                $now = $this->worth($a, $b) + $this->worth($c, $d);
                $crossed = $this->worth($a, $d) + $this->worth($c, $b);
                $along = $this->worth($a, $c) + $this->worth($b, $d);
                if (max($crossed, $along) > $now + self::HAIR) {
                    [$all[$i], $all[$j]] = $crossed >= $along ? [[$a, $d], $b === null ? [$c, null] : [$c, $b]] : [[$a, $c], $b === null ? [$d ?? $a, null] : [$b, $d]];
                    $changed = true;
                }
            }
        }
        $all = array_values(array_filter($all, static fn (array $pair): bool => $pair[0] !== $pair[1]));

        return $changed;
    }

    private function worth(?int $one, ?int $other): float
    {
        return $one === null || $other === null ? 0.0 : $this->table->between($one, $other);
    }
}
