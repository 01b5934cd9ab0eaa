<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

/**
 * Makes pairs better by chains of partners who leave each other: one leaves its partner for another, whose partner looks for another, and so on, until the last one
 * takes the first one's partner, or both stay alone or find somebody who was. A round of changes that saves more has a place to begin from which each part of it
 * does, so what has given up more than it saved leads nowhere. Of the ways to come to each kind of blank by so many steps the best is kept.
 */
final class PartnerChains
{
    /** Partners left in a row. */
    private const STEPS = 6;

    private const ROUNDS = 12;

    private const HAIR = 1e-6;

    /** @var list<array{int, int|null}> a blank and its partner, or one that is alone */
    private array $pairs;

    /** @var list<array{non-empty-list<int>, int, int|null, int, float}>|null numbers of pairs that are alike (which of several it is does not matter), kind of the one that is taken and of its partner, its side, what they save */
    private ?array $alike = null;

    /** @var array<int, array<int, float>> what two save, by their kinds, either way round */
    private readonly array $worth;

    /** @param  list<array{int|null, int|null}>  $pairs */
    public function __construct(private readonly SavingTable $table, array $pairs)
    {
        $this->worth = $table->eitherWay();
        $this->pairs = [];
        foreach ($pairs as [$one, $other]) {
            if ($one !== null || $other !== null) {
                $this->pairs[] = $one === null ? [$other, null] : [$one, $other];
            }
        }
    }

    /** @return list<array{int, int|null}> */
    public function best(): array
    {
        for ($round = 0; $round < self::ROUNDS && $this->change(); $round++) {
        }

        return $this->pairs;
    }

    private function change(): bool
    {
        $changed = false;
        for ($first = 0; $first < count($this->pairs); $first++) {
            for ($side = 0; $side < 2 && isset($this->pairs[$first]); $side++) {
                $chain = $this->chain($first, $side);
                if ($chain !== null) {
                    $this->take($first, $side, ...$chain);
                    [$changed, $this->alike] = [true, null];
                }
            }
        }

        return $changed;
    }

    /**
     * @param  int  $first  the pair that is parted: the one on this side looks for another, its partner is taken at the end, or is not
     * @return array{list<array{int, int}>, int|null}|null by step which pair is parted next and which of its two is taken; which one that is alone takes the first one's partner
     */
    private function chain(int $first, int $side): ?array
    {
        [$free, $left] = $this->of($first, $side);
        if ($free === null) {
            return null;
        }
        [$single, $alone] = $this->bestAlone($left);
        [$free, $left] = [$this->kind($free), $this->kind($left)];
        $given = $this->worth($free, $left) + self::HAIR;
        $ways = [[0.0, $free, []]];
        for ($step = 0; $step < self::STEPS; $step++) {
            $next = [];
            foreach ($ways as [$saved, $from, $chain]) {
                $used = [$first, ...array_column($chain, 0)];
                foreach ($this->alike ??= $this->alike() as [$numbers, $taken, $loose, $side, $worth]) {
                    $now = $saved + ($this->worth[$from][$taken] ?? 0.0) - $worth;
                    if ($now <= self::HAIR) {
                        continue;
                    }
                    $number = self::unused($numbers, $used);
                    if ($number === null) {
                        continue;
                    }
                    if ($now + $this->worth($loose, $left) > $given) {
                        return [[...$chain, [$number, $side]], null];
                    }
                    if ($alone !== null && $alone !== $number && $now + $single > $given) {
                        return [[...$chain, [$number, $side]], $alone];
                    }
                    if ($loose !== null && $now > ($next[$loose][0] ?? 0.0)) {
                        $next[$loose] = [$now, $loose, [...$chain, [$number, $side]]];
                    }
                }
            }
            $ways = $next;
        }

        return null;
    }

    /** @param  list<array{int, int}>  $chain */
    private function take(int $first, int $side, array $chain, ?int $alone): void
    {
        [$free, $left] = $this->of($first, $side);
        foreach ($chain as [$number, $itsSide]) {
            [$taken, $loose] = $this->of($number, $itsSide);
            if ($free !== null) {
                $this->pairs[$number] = [$free, $taken];
            }
            $free = $loose;
        }
        if ($alone !== null && $left !== null) {
            $this->pairs[$first] = [$left, $this->pairs[$alone][0]];
            $first = $alone;
            $left = null;
        }
        if ($free === null && $left === null) {
            array_splice($this->pairs, $first, 1);
        } else {
            $this->pairs[$first] = $free === null ? [$left, null] : [$free, $left];
        }
    }

    /** @return array{int|null, int|null} the one on this side of a pair, and its partner */
    private function of(int $number, int $side): array
    {
        [$one, $other] = $this->pairs[$number];

        return $side === 0 ? [$one, $other] : [$other, $one];
    }

    /**
     * @param  non-empty-list<int>  $numbers  of pairs
     * @param  list<int>  $used
     */
    private static function unused(array $numbers, array $used): ?int
    {
        foreach ($numbers as $number) {
            if (! in_array($number, $used, true)) {
                return $number;
            }
        }

        return null;
    }

    /** @return list<array{non-empty-list<int>, int, int|null, int, float}> */
    private function alike(): array
    {
        $alike = [];
        foreach ($this->pairs as $number => [$one, $other]) {
            [$kind, $its] = [$this->table->kindOf($one), $this->kind($other)];
            foreach ($its === null ? [[$kind, null, 0]] : [[$kind, $its, 0], [$its, $kind, 1]] as [$taken, $loose, $side]) {
                $alike["$taken $loose $side"] ??= [[], $taken, $loose, $side, $this->worth($taken, $loose)];
                $alike["$taken $loose $side"][0][] = $number;
            }
        }

        return array_values($alike);
    }

    /** @return array{float, int|null} what is saved with the best of those that are alone, and where it stands */
    private function bestAlone(?int $left): array
    {
        $best = [0.0, null];
        foreach ($this->pairs as $number => [$one, $other]) {
            $saved = $other === null && $one !== $left ? $this->worth($this->kind($left), $this->kind($one)) : 0.0;
            if ($saved > $best[0]) {
                $best = [$saved, $number];
            }
        }

        return $best;
    }

    private function kind(?int $blank): ?int
    {
        return $blank === null ? null : $this->table->kindOf($blank);
    }

    /** By kind. */
    private function worth(?int $one, ?int $other): float
    {
        return $one === null || $other === null ? 0.0 : $this->worth[$one][$other] ?? 0.0;
    }
}
