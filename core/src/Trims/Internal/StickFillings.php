<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

/** In which ways one stick can be filled. Lengths are inches, kerf with them. */
final readonly class StickFillings
{
    private const HAIR = 1e-9;

    /**
     * @param  list<float>  $lengths  longest first
     * @param  float  $room  of a stick
     * @param  int  $most  looks at most
     */
    public function __construct(private array $lengths, private float $room, private int $most)
    {
    }

    /**
     * What can lie in a stick with one of a length so that nothing more goes in, fullest first. What could be swapped for a
     * longer piece that is left over is no better than with that one, and left out.
     *
     * @param  array<int, int>  $counts
     * @return non-empty-list<list<int>>
     */
    public function of(array $counts, int $first): array
    {
        $counts[$first]--;
        $found = [];
        $looked = 0;
        $this->fill($counts, $first, [$first], $this->room - $this->lengths[$first], $found, $looked);
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0] ?: count($a[1]) <=> count($b[1]));

        return array_column($found, 1) ?: [[$first]];
    }

    /**
     * @param  array<int, int>  $counts
     * @param  list<int>  $stick
     * @param  list<array{float, list<int>}>  $found  with the room that is left
     */
    private function fill(array $counts, int $from, array $stick, float $room, array &$found, int &$looked): void
    {
        if (++$looked > $this->most) {
            return;
        }
        $next = false;
        for ($i = $from; $i < count($this->lengths); $i++) {
            if ($counts[$i] > 0 && $this->lengths[$i] <= $room + self::HAIR) {
                $next = true;
                $counts[$i]--;
                $this->fill($counts, $i, [...$stick, $i], $room - $this->lengths[$i], $found, $looked);
                $counts[$i]++;
            }
        }
        if (! $next && ! $this->couldBeLonger($counts, $stick, $room)) {
            $found[] = [$room, $stick];
        }
    }

    /**
     * Whether one of its pieces, the first apart, could be swapped for a longer one that is left over, or one more go in.
     *
     * @param  array<int, int>  $counts
     * @param  list<int>  $stick
     */
    private function couldBeLonger(array $counts, array $stick, float $room): bool
    {
        foreach ($counts as $i => $count) {
            if ($count > 0 && $this->lengths[$i] <= $room + self::HAIR) {
                return true;
            }
        }
        foreach (array_slice($stick, 1) as $own) {
            for ($i = 0; $i < $own; $i++) {
                if ($counts[$i] > 0 && $this->lengths[$i] <= $this->lengths[$own] + $room + self::HAIR) {
                    return true;
                }
            }
        }

        return false;
    }
}
