<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Rules\RuleSet;

/**
 * Finds panels that come out of one sheet. A cut across a sheet leaves below it a head and above it a foot of the same
 * slope, the legs on the same sides: a hip panel's top and a valley panel's bottom. Where a sheet may be turned end for
 * end, the piece above the cut is also a head of that slope: two panels of hips that lean the same way (turning does
 * not mirror a sheet, so never a left and a right one).
 *
 * Heaviest savings first, then pairs exchange partners while that saves more. No pairing saves more than half the sum
 * of what each panel could save at its best, nor, where every pair takes one panel that can only lie below, more than
 * the best savings of those: the lesser of the two is the bound that is given with the result.
 */
final readonly class Pairer
{
    /** Above so many possible pairs of one slope the panels are paired by length alone. */
    private const MOST_PAIRS = 40_000;

    public function __construct(private Profile $profile, private RuleSet $rules)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @param  OrderLength|array<string, OrderLength>  $orders  how much longer than its blank a sheet is ordered; by face id where faces differ
     */
    public function pair(array $panels, OrderLength|array $orders): Pairing
    {
        if ($this->rules->choice('cut.pairs') === 'apart') {
            return Pairing::none();
        }
        $order = static fn (Panel $p): OrderLength => $orders instanceof OrderLength ? $orders : $orders[$p->face];
        $nests = array_values(array_filter(array_map(fn (Panel $p): ?Nest => Nest::of($p, $this->profile), $panels)));
        $possible = $this->possible($nests, $order);
        usort($possible, static fn (array $a, array $b): int => [-round($a[2]->saved, 4), $a[0], $a[1]] <=> [-round($b[2]->saved, 4), $b[0], $b[1]]);
        $bound = $this->bound($possible);
        $taken = $this->greedy($possible);
        if ($this->worth($taken) < $bound - Tolerance::LENGTH) {
            $taken = $this->exchanged($taken, $possible);
        }

        return new Pairing(array_map(static fn (array $one): Pair => $one[2], $taken), $bound);
    }

    /**
     * @param  list<Nest>  $nests
     * @param  callable(Panel): OrderLength  $order
     * @return list<array{int, int, Pair}> numbers of the lower and the upper one
     */
    private function possible(array $nests, callable $order): array
    {
        $heads = array_keys(array_filter($nests, static fn (Nest $n): bool => $n->headSlope !== null));
        $pairs = [];
        $uppers = [];
        foreach ($nests as $number => $nest) {
            $uppers[] = [$number, $nest, false];
            if ($this->profile->mayTurn) {
                $uppers[] = [$number, $nest->turned(), true];
            }
        }
        $uppers = array_values(array_filter($uppers, static fn (array $u): bool => $u[1]->footSlope !== null));
        $few = count($heads) * count($uppers) <= self::MOST_PAIRS;
        foreach ($heads as $place => $lower) {
            foreach ($few ? $uppers : array_slice($uppers, max(0, (int) ($place * count($uppers) / count($heads)) - 4), 8) as [$upper, $nest, $turned]) {
                if ($upper !== $lower && $nests[$lower]->fitsUnder($nest)) {
                    $pair = $this->together($nests[$lower], $nest, $turned, $order($nests[$lower]->panel));
                    if ($pair !== null) {
                        $pairs[] = [$lower, $upper, $pair];
                    }
                }
            }
        }

        return $pairs;
    }

    private function together(Nest $lower, Nest $upper, bool $turned, OrderLength $order): ?Pair
    {
        $at = $lower->under($upper, $this->rules->number('cut.kerf'));
        $length = max($lower->height, $at + $upper->height);
        $ordered = $order->of($length);
        $saved = $lower->panel->orderLength + $upper->panel->orderLength - $ordered;

        return $saved > Tolerance::LENGTH && $ordered <= $this->profile->longest + Tolerance::LENGTH
            ? new Pair($lower->panel->id, $upper->panel->id, $turned, $at, $length, $ordered, $saved)
            : null;
    }

    /**
     * @param  list<array{int, int, Pair}>  $possible  the best first
     * @return list<array{int, int, Pair}>
     */
    private function greedy(array $possible): array
    {
        $used = [];
        $taken = [];
        foreach ($possible as $one) {
            if (! isset($used[$one[0]]) && ! isset($used[$one[1]])) {
                $used[$one[0]] = $used[$one[1]] = true;
                $taken[] = $one;
            }
        }

        return $taken;
    }

    /**
     * A pair that was passed over is taken up, with the best that is left for the panels it frees, while that saves more.
     *
     * @param  list<array{int, int, Pair}>  $taken
     * @param  list<array{int, int, Pair}>  $possible
     * @return list<array{int, int, Pair}>
     */
    private function exchanged(array $taken, array $possible): array
    {
        $of = [];
        foreach ($possible as $number => $one) {
            $of[$one[0]][] = $number;
            $of[$one[1]][] = $number;
        }
        $home = [];
        foreach ($taken as $one) {
            $home[$one[0]] = $home[$one[1]] = $one;
        }
        for ($round = 0, $better = true; $better && $round < 4; $round++) {
            $better = false;
            foreach ($possible as $one) {
                $old = array_filter([$home[$one[0]] ?? null, $home[$one[1]] ?? null]);
                if ($old === [] || in_array($one, $old, true)) {
                    continue;
                }
                $freed = array_diff(array_merge(...array_map(static fn (array $o): array => [$o[0], $o[1]], array_values($old))), [$one[0], $one[1]]);
                $new = $this->refilled($one, array_values($freed), $of, $possible, $home, $old);
                if ($this->worth($new) > $this->worth($old) + Tolerance::LENGTH) {
                    foreach ($old as $gone) {
                        unset($home[$gone[0]], $home[$gone[1]]);
                    }
                    foreach ($new as $come) {
                        $home[$come[0]] = $home[$come[1]] = $come;
                    }
                    $better = true;
                }
            }
        }

        return array_values(array_filter($home, static fn (array $one, int $panel): bool => $one[0] === $panel, ARRAY_FILTER_USE_BOTH));
    }

    /**
     * @param  array{int, int, Pair}  $one
     * @param  list<int>  $freed
     * @param  array<int, list<int>>  $of
     * @param  list<array{int, int, Pair}>  $possible
     * @param  array<int, array{int, int, Pair}>  $home
     * @param  array<array{int, int, Pair}>  $old
     * @return list<array{int, int, Pair}>
     */
    private function refilled(array $one, array $freed, array $of, array $possible, array $home, array $old): array
    {
        $new = [$one];
        $busy = [$one[0] => true, $one[1] => true];
        foreach ($freed as $panel) {
            foreach ($of[$panel] ?? [] as $number) {
                $other = $possible[$number];
                $partner = $other[0] === $panel ? $other[1] : $other[0];
                $isFree = ! isset($home[$partner]) || in_array($home[$partner], $old, true);
                if (! isset($busy[$panel]) && ! isset($busy[$partner]) && $isFree) {
                    $new[] = $other;
                    $busy[$panel] = $busy[$partner] = true;
                    break;
                }
            }
        }

        return $new;
    }

    /** @param  array<array{int, int, Pair}>  $pairs */
    private function worth(array $pairs): float
    {
        $seen = [];
        foreach ($pairs as $one) {
            $seen["$one[0]-$one[1]"] = $one[2]->saved;
        }

        return array_sum($seen);
    }

    /** @param  list<array{int, int, Pair}>  $possible */
    private function bound(array $possible): float
    {
        $best = [];
        $lower = [];
        $upper = [];
        foreach ($possible as [$one, $other, $pair]) {
            $best[$one] = max($best[$one] ?? 0.0, $pair->saved);
            $best[$other] = max($best[$other] ?? 0.0, $pair->saved);
            $lower[$one] = max($lower[$one] ?? 0.0, $pair->saved);
            $upper[$other] = max($upper[$other] ?? 0.0, $pair->saved);
        }

        return min(array_sum($best) / 2.0, array_sum($lower), array_sum($upper));
    }
}
