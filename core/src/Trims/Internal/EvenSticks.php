<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

/**
 * Cuts pieces from a given number of sticks so that each has about as little left over as the others: what may be lost is shared out evenly, where filling
 * stick after stick as full as it gets leaves the last ones what nothing goes with. Lengths are inches, kerf with them.
 */
final class EvenSticks
{
    private const HAIR = 1e-9;

    /** What a stick may lose, in shares of what is left to lose for each. */
    private const SHARES = [1.0, 0.8, 1.5, 0.5, 1.2];

    /** Looks at one stick before the fullest so far is taken. */
    private const LOOKS = 6_000;

    private int $looks = 0;

    private float $least = 0.0;

    /** @var list<int> */
    private array $found = [];

    /**
     * @param  list<float>  $lengths  longest first
     * @param  float  $room  of a stick
     */
    public function __construct(private readonly array $lengths, private readonly float $room)
    {
    }

    /**
     * @param  array<int, int>  $counts  of each length
     * @return list<list<int>>|null numbers of lengths, stick by stick; null where it finds no way with so few
     */
    public function of(array $counts, int $sticks): ?array
    {
        foreach (self::SHARES as $share) {
            $found = $this->by($share, $counts, $sticks);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /**
     * @param  array<int, int>  $counts
     * @return list<list<int>>|null
     */
    private function by(float $share, array $counts, int $sticks): ?array
    {
        $made = [];
        while (($first = $this->longest($counts)) !== null) {
            $left = $sticks - count($made);
            if ($left === 0) {
                return null;
            }
            $long = 0.0;
            foreach ($counts as $i => $count) {
                $long += $count * $this->lengths[$i];
            }
            [$this->looks, $this->least, $this->found] = [0, INF, [$first]];
            $counts[$first]--;
            $this->fill($counts, $first, $this->room - $this->lengths[$first], [$first], ($this->room - $long / $left) * $share);
            $made[] = $stick = $this->found();
            foreach (array_slice($stick, 1) as $i) {
                $counts[$i]--;
            }
        }

        return $made;
    }

    /**
     * @param  array<int, int>  $counts
     * @param  list<int>  $stick
     * @param  float  $loss  that is small enough, inches
     * @return bool whether it is done
     */
    private function fill(array $counts, int $from, float $room, array $stick, float $loss): bool
    {
        if ($room < $this->least) {
            [$this->least, $this->found] = [$room, $stick];
        }
        if ($room <= $loss + self::HAIR || ++$this->looks > self::LOOKS) {
            return true;
        }
        for ($i = $from; $i < count($this->lengths); $i++) {
            if (($counts[$i] ?? 0) > 0 && $this->lengths[$i] <= $room + self::HAIR) {
                $counts[$i]--;
                if ($this->fill($counts, $i, $room - $this->lengths[$i], [...$stick, $i], $loss)) {
                    return true;
                }
                $counts[$i]++;
            }
        }

        return false;
    }

    /** @return list<int> */
    private function found(): array
    {
        return $this->found;
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
