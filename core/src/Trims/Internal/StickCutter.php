<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

/**
 * Cuts pieces from as few sticks as can be: by trial stick after stick as full as it gets, then, for as many pieces as a job
 * mostly has, by a search that ends with the least there is. What cannot be less is proven by a bound.
 */
final class StickCutter
{
    private const HAIR = 1e-9;

    /** As many pieces are searched through to the end; more only as far as they go. */
    public const SEARCHED = 40;

    /** Looks at a stick to be filled, by how many lengths each goes through. */
    private const LOOKS = 12_000;

    /** So many lengths are looked at by patterns. */
    private const PATTERNED = 120;

    /** Steps of a search before it is given up. */
    private const MOST_STEPS = 150_000;

    /** @var list<float> lengths there are, longest first, kerf with them */
    private array $lengths = [];

    private float $room;

    private int $steps = 0;

    /** @var array<string, int> sticks what is left was found to need at least, by how many there are of each length */
    private array $known = [];

    /** @var list<list<int>>|null numbers of lengths, stick by stick */
    private ?array $best = null;

    private function __construct(float $stock, float $kerf)
    {
        // No kerf after the last piece.
        $this->room = $stock + $kerf;
    }

    /**
     * @param  list<float>  $pieces  lengths, inches, none longer than the stock
     * @param  float  $stock  inches
     * @param  float  $kerf  lost between two pieces, inches
     * @return array{list<list<int>>, int} numbers of the pieces, stick by stick; and fewer sticks than which there cannot be
     */
    public static function cut(array $pieces, float $stock, float $kerf = 0.0): array
    {
        $cutter = new self($stock, $kerf);
        $byLength = [];
        foreach ($pieces as $number => $length) {
            $byLength[sprintf('%.6f', $length)][] = $number;
        }
        krsort($byLength, SORT_NUMERIC);
        $counts = [];
        foreach ($byLength as $numbers) {
            $cutter->lengths[] = $pieces[$numbers[0]] + $kerf;
            $counts[] = count($numbers);
        }
        [$sticks, $bound] = $cutter->sticks($counts);
        // The last is taken off at no cost; the first would move all behind it.
        $queues = array_map(array_reverse(...), array_values($byLength));

        return [array_map(static function (array $stick) use (&$queues): array {
            $numbers = [];
            foreach ($stick as $length) {
                $numbers[] = (int) array_pop($queues[$length]);
            }

            return $numbers;
        }, $sticks), $bound];
    }

    /**
     * @param  array<int, int>  $counts
     * @return array{list<list<int>>, int}
     */
    private function sticks(array $counts): array
    {
        $bound = $this->bound($counts);
        $this->best = $this->bestFit($counts);
        // Of very many unlike lengths a hundredth more is near enough.
        $near = count($this->lengths) > self::PATTERNED ? (int) floor(1.01 * $bound) : $bound;
        if (count($this->best) > $near) {
            $full = $this->fullest($counts);
            $this->best = count($full) < count($this->best) ? $full : $this->best;
        }
        if (count($this->best) > $bound && $this->lengths !== [] && count($this->lengths) <= self::PATTERNED) {
            $bound = max($bound, $this->patterned($counts));
        }
        if (count($this->best) > max($near, $bound)) {
            $this->best = (new EvenSticks($this->lengths, $this->room))->of($counts, max($bound, count($this->best) - 1)) ?? $this->best;
        }
        if (count($this->best) > $bound && array_sum($counts) <= self::SEARCHED && $this->search($counts, [], $bound)) {
            // Nothing less was left to find.
            $bound = count($this->best);
        }

        return [$this->best, $bound];
    }

    /**
     * Cuts by the patterns of the linear programme as far as they go whole, the rest as full as it gets.
     *
     * @param  array<int, int>  $counts
     * @return int fewer than which there cannot be
     */
    private function patterned(array $counts): int
    {
        [$bound, $patterns] = StickPatterns::of($this->lengths === [] ? [1.0] : $this->lengths, array_values($counts), $this->room);
        $sticks = [];
        foreach ($patterns as $pattern) {
            $stick = [];
            foreach ($pattern as $i => $count) {
                array_push($stick, ...array_fill(0, $count, $i));
                $counts[$i] -= $count;
            }
            sort($stick);
            $sticks[] = $stick;
        }
        foreach ([$this->fullest($counts), $this->bestFit($counts)] as $rest) {
            if (count($sticks) + count($rest) < count($this->best ?? [])) {
                $this->best = [...$sticks, ...$rest];
            }
        }

        return $bound;
    }

    /** @param  array<int, int>  $counts */
    private function bound(array $counts): int
    {
        $pieces = [];
        foreach ($counts as $i => $count) {
            if ($count > 0) {
                $pieces[] = [$this->lengths[$i], $count];
            }
        }

        return StickBound::of($pieces, $this->room);
    }

    /**
     * Each piece, longest first, into the fullest stick it goes into.
     *
     * @param  array<int, int>  $counts
     * @return list<list<int>>
     */
    private function bestFit(array $counts): array
    {
        $sticks = $left = [];
        $shortest = min([INF, ...array_intersect_key($this->lengths, array_filter($counts))]) - self::HAIR;
        foreach ($counts as $i => $count) {
            for ($n = 0; $n < $count; $n++) {
                $into = null;
                foreach ($left as $stick => $room) {
                    if ($room >= $this->lengths[$i] - self::HAIR && ($into === null || $room < $left[$into])) {
                        $into = $stick;
                    }
                }
                $into ??= count($sticks);
                $sticks[$into][] = $i;
                $left[$into] = ($left[$into] ?? $this->room) - $this->lengths[$i];
                if ($left[$into] < $shortest) {
                    // Nothing goes into it any more.
                    unset($left[$into]);
                }
            }
        }

        return array_values($sticks);
    }

    /**
     * Stick after stick, each as full as what is left allows beside the longest of it.
     *
     * @param  array<int, int>  $counts
     * @return list<list<int>>
     */
    private function fullest(array $counts): array
    {
        $sticks = [];
        $most = max(60, intdiv(self::LOOKS, max(1, count($this->lengths))));
        while (($first = $this->longest($counts)) !== null) {
            $fillings = (new StickFillings($this->lengths, $this->room, $most))->of($counts, $first);
            $sticks[] = $fillings[0];
            foreach ($fillings[0] as $i) {
                $counts[$i]--;
            }
        }

        return $sticks;
    }

    /**
     * Fills stick after stick in every way that could matter.
     *
     * @param  array<int, int>  $counts  left
     * @param  list<list<int>>  $sticks  so far
     * @return bool whether it came to its end: found the bound, or that nothing is better than what was found
     */
    private function search(array $counts, array $sticks, int $bound): bool
    {
        $first = $this->longest($counts);
        if ($first === null) {
            if (count($sticks) < count($this->best ?? [])) {
                $this->best = $sticks;
            }

            return true;
        }
        if (++$this->steps > self::MOST_STEPS) {
            return false;
        }
        $key = implode(' ', $counts);
        $this->known[$key] ??= $this->bound($counts);
        if (count($sticks) + $this->known[$key] >= count($this->best ?? [])) {
            return true;
        }
        foreach ((new StickFillings($this->lengths, $this->room, self::MOST_STEPS))->of($counts, $first) as $stick) {
            $rest = $counts;
            foreach ($stick as $i) {
                $rest[$i]--;
            }
            $done = $this->search($rest, [...$sticks, $stick], $bound);
            if (count($this->best ?? []) <= $bound) {
                return true;
            }
            if (! $done) {
                return false;
            }
        }
        // As few as were needed here were not enough: so many sticks are still to come at least.
        $this->known[$key] = max($this->known[$key], count($this->best ?? []) - count($sticks));

        return true;
    }

    /** @param  array<int, int>  $counts */
    private function longest(array $counts): ?int
    {
        foreach ($counts as $i => $count) {
            if ($count > 0) {
                return $i;
            }
        }

        return null;
    }
}
