<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/**
 * Makes pairs better by changing partners: the blanks of two pairs are paired as well as they can be, then chains of them; one without a partner counts
 * as a pair with nobody. Every change saves more than it gives up, so it ends.
 */
final class Swaps
{
    /** Rounds through all pairs at most; two or three are usual. */
    private const ROUNDS = 12;

    /** So many pairs and single ones are looked through by two; so many by chains. Of more a hundredth is nothing to look for by hand. */
    private const BY_TWO = 900;

    private const BY_CHAIN = 80;

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
        $single = array_values(array_diff($count === 0 ? [] : range(0, $count - 1), ...$pairs));
        $all = [...$pairs, ...array_map(static fn (int $one): array => [$one, null], $single)];
        for ($round = 0; $round < self::ROUNDS && count($all) <= self::BY_TWO && $this->byTwo($all); $round++) {
        }
        if (count($all) <= self::BY_CHAIN) {
            $all = (new PartnerChains($this->table, $all))->best();
        }
        $kept = [];
        foreach ($all as [$one, $other]) {
            if ($one !== null && $other !== null && $this->worth($one, $other) > self::HAIR) {
                $kept[] = [$one, $other];
            }
        }

        return $kept;
    }

    /**
     * @param  list<array{int|null, int|null}>  $all
     *
     * @param-out  list<array{int|null, int|null}>  $all
     */
    private function byTwo(array &$all): bool
    {
        $changed = false;
        for ($i = 0; $i < count($all); $i++) {
            for ($j = $i + 1; $j < count($all); $j++) {
                $best = $this->best([...$all[$i], ...$all[$j]]);
                if ($best[0] > $this->worth(...$all[$i]) + $this->worth(...$all[$j]) + self::HAIR) {
                    [$all[$i], $all[$j]] = $best[1];
                    $changed = true;
                }
            }
        }

        return $changed;
    }

    /**
     * Of all ways to pair a few the one that saves most: the first with each other one, the rest as well as can be.
     *
     * @param  list<int|null>  $blanks  an even number of them
     * @return array{float, list<array{int|null, int|null}>}
     */
    private function best(array $blanks): array
    {
        if ($blanks === []) {
            return [0.0, []];
        }
        $first = array_shift($blanks);
        $best = [-1.0, []];
        foreach ($blanks as $i => $other) {
            $rest = $blanks;
            array_splice($rest, $i, 1);
            [$saved, $pairs] = $this->best($rest);
            $saved += $this->worth($first, $other);
            if ($saved > $best[0] + self::HAIR) {
                $best = [$saved, [[$first, $other], ...$pairs]];
            }
        }

        return $best;
    }

    private function worth(?int $one, ?int $other): float
    {
        return $one === null || $other === null ? 0.0 : $this->table->between($one, $other);
    }
}
