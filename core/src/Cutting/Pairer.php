<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Cutting\Internal\Auction;
use Imbrex\Core\Cutting\Internal\Chains;
use Imbrex\Core\Cutting\Internal\Nest;
use Imbrex\Core\Cutting\Internal\Pairing;
use Imbrex\Core\Cutting\Internal\SavingTable;
use Imbrex\Core\Cutting\Internal\Swaps;
use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Geometry\Tolerance;

/**
 * Finds panels that come out of one sheet. A cut across a sheet leaves below it a head and above it a foot of the same
 * slope, the legs on the same sides: a hip panel's top and a valley panel's bottom. Where a sheet may be turned end for
 * end, the piece above the cut is also a head of that slope: two panels of hips that lean the same way (turning does
 * not mirror a sheet, so never a left and a right one).
 *
 * Which with which is a matching of the greatest weight. Where every panel can only lie below or only above, an auction
 * of the one side for the other settles it. Where some can do both, each panel bids and is bid for; the chains and rings
 * that come of it are parted into pairs, each as well as can be, and half of what the auction proves is the bound.
 */
final readonly class Pairer
{
    /** Steps of the auction, as a share of what a pair saves at best: a pair may miss the best by so much. The finer only where the coarser is not near enough. */
    private const STEPS = [1.0 / 120.0, 1.0 / 250.0];

    /** Near enough to what no pairing can beat. */
    private const NEAR = 0.99;

    public function __construct(private Covering $covering)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @param  OrderLength|array<string, OrderLength>  $orders  how much longer than its blank a sheet is ordered; by face id where faces differ
     */
    public function pair(array $panels, OrderLength|array $orders): Pairing
    {
        if ($this->covering->rules->choice('cut.pairs') === 'apart') {
            return Pairing::none();
        }
        $order = static fn (Panel $p): OrderLength => $orders instanceof OrderLength ? $orders : $orders[$p->face];
        $nests = array_values(array_filter(array_map(fn (Panel $p): ?Nest => Nest::of($p, $this->covering->profile), $panels)));
        // By what they look like, so that neither the order of faces nor their names tell who lies with whom.
        usort($nests, static fn (Nest $a, Nest $b): int => [$b->headShape(), $b->footShape(), Tolerance::step($b->height)] <=> [$a->headShape(), $a->footShape(), Tolerance::step($a->height)]);
        $table = new SavingTable($nests, $this->covering->profile, $this->covering->rules->number('cut.kerf'), $order);
        $pairing = Pairing::none();
        foreach (self::STEPS as $step) {
            [$matched, $bound] = $table->isMixed() ? $this->mixed($table, count($nests), $step) : $this->twoSided($table, $step);
            $pairing = $this->pairing($nests, $table, $matched, $bound, $order);
            if ($pairing->saved() < self::NEAR * $bound) {
                $pairing = $this->pairing($nests, $table, (new Swaps($table))->of($matched, count($nests)), $bound, $order);
            }
            if ($pairing->saved() >= self::NEAR * $bound) {
                break;
            }
        }

        return $pairing;
    }

    /**
     * @param  list<Nest>  $nests
     * @param  list<array{int, int}>  $matched
     * @param  callable(Panel): OrderLength  $order
     */
    private function pairing(array $nests, SavingTable $table, array $matched, float $bound, callable $order): Pairing
    {
        $pairs = [];
        foreach ($matched as [$one, $other]) {
            [$lower, $upper] = $table->inOrder($one, $other);
            $pairs[] = $this->together($nests[$lower], $nests[$upper], $order($nests[$lower]->panel));
        }
        $pairs = array_values(array_filter($pairs));
        usort($pairs, static fn (Pair $a, Pair $b): int => [-round($a->saved, 4), $a->lower] <=> [-round($b->saved, 4), $b->lower]);

        return new Pairing($pairs, $bound);
    }

    /**
     * The fewer bid for the many: so nobody bids in vain.
     *
     * @return array{list<array{int, int}>, float} pairs of numbers, and a bound
     */
    private function twoSided(SavingTable $table, float $step): array
    {
        $worth = array_filter($table->saved, static fn (array $row): bool => $row !== []);
        $uppers = [];
        foreach ($worth as $row) {
            $uppers += $row;
        }
        $lower = array_intersect_key($table->kinds, $worth);
        $upper = array_intersect_key($table->kinds, $uppers);
        if (count(array_merge(...$lower)) > count(array_merge(...$upper))) {
            [$lower, $upper, $worth] = [$upper, $lower, $this->turned($worth)];
        }
        $auction = new Auction($lower, $upper, $worth);
        $has = $auction->run($step * $this->usual($worth));

        return [array_map(static fn (int $bidder, int $good): array => [$bidder, $good], array_keys($has), $has), $auction->bound()];
    }

    /** @return array{list<array{int, int}>, float} */
    private function mixed(SavingTable $table, int $count, float $step): array
    {
        $worth = $table->saved;
        foreach ($this->turned($table->saved) as $kind => $row) {
            foreach ($row as $other => $saved) {
                $worth[$kind][$other] = max($worth[$kind][$other] ?? 0.0, $saved);
            }
        }
        $goods = array_map(array_reverse(...), $table->kinds);
        $auction = new Auction($table->kinds, $goods, $worth);
        $chains = new Chains($table, $auction->run($step * $this->usual($worth)));

        return [$chains->pairs($count), $auction->bound() / 2.0];
    }

    /**
     * @param  array<int, array<int, float>>  $worth
     * @return array<int, array<int, float>>
     */
    private function turned(array $worth): array
    {
        $turned = [];
        foreach ($worth as $kind => $row) {
            foreach ($row as $other => $saved) {
                $turned[$other][$kind] = $saved;
            }
        }

        return $turned;
    }

    /**
     * What a pair usually saves at best, inches.
     *
     * @param  array<int, array<int, float>>  $worth
     */
    private function usual(array $worth): float
    {
        $most = [];
        foreach ($worth as $row) {
            $most[] = max([0.0, ...$row]);
        }

        return array_sum($most) / max(1, count($most));
    }

    private function together(Nest $lower, Nest $upper, OrderLength $order): ?Pair
    {
        $best = null;
        foreach ($this->covering->profile->mayTurn ? [[$upper, false], [$upper->turned(), true]] : [[$upper, false]] as [$nest, $turned]) {
            if (! $lower->fitsUnder($nest)) {
                continue;
            }
            $at = $lower->under($nest, $this->covering->rules->number('cut.kerf'));
            $length = max($lower->height, $at + $nest->height);
            $ordered = $order->of($length);
            $saved = $lower->panel->orderLength + $nest->panel->orderLength - $ordered;
            if ($saved > max(Tolerance::LENGTH, $best->saved ?? 0.0) && $ordered <= $this->covering->profile->longest + Tolerance::LENGTH) {
                $best = new Pair(
                    lower: $lower->panel->id,
                    upper: $nest->panel->id,
                    turned: $turned,
                    upperAt: $at,
                    length: $length,
                    orderLength: $ordered,
                    saved: $saved,
                );
            }
        }

        return $best;
    }
}
