<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Layout\Finder\Tie;
use Imbrex\Core\Layout\Finder\Weights;

/**
 * Finds where the module lines of a group of faces fall at the least cost.
 *
 * What is searched: every way to let some of the ties hold. Faces whose ties hold move as one, and are tried at every
 * sixteenth over one cover from the first of them, and wherever a way to start of any of them would put them. Ties
 * that close a ring of faces and turn it over (three faces round a hip roof's corner do) hold only where the seams lie
 * the same from both sides: two places over a cover. A tie that is let go costs its seams. Branch and bound over the
 * ties: it ends with the least there is, or says that it stopped early.
 *
 * A part is, by face number, the sign and the shift that take u of its first face to u of its own. Locks are, by the
 * number of a part's first face, the only places its ties let it have.
 *
 * @phpstan-type Part non-empty-array<int, array{float, float}>
 * @phpstan-type Locks array<int, list<float>>
 */
final class GroupSearch
{
    public const STEP = 1.0 / 16.0;

    /** So many branches are looked at and no more: far above what any group of a real roof takes. */
    private const MOST_BRANCHES = 4000;

    /** @var list<array{int, int, Tie}> the heaviest first */
    private array $ties = [];

    private readonly PartPlaces $places;

    /** @var list<float> */
    private array $floors;

    /** @var array<int, float> module lines that must stay */
    private array $fixed = [];

    private float $least = INF;

    /** @var array<int, Part> */
    private array $bestParts = [];

    /** @var Locks */
    private array $bestLocks = [];

    private int $branches = 0;

    /**
     * @param  list<FaceCost>  $costs  by face number
     * @param  list<list<float>>  $starts  module lines of each face's ways to start
     */
    public function __construct(private readonly FaceGroup $group, private readonly array $costs, array $starts, private readonly Weights $weights, private readonly float $cover)
    {
        $this->places = new PartPlaces($costs, $starts, $cover);
        foreach ($group->ties as $tie) {
            $this->ties[] = [(int) $group->numberOf($tie->one), (int) $group->numberOf($tie->other), $tie];
        }
        // Of as many seams, those of the first faces first: their order goes by what they look like.
        usort($this->ties, static fn (array $a, array $b): int => [-$a[2]->seams, min($a[0], $a[1]), max($a[0], $a[1])] <=> [-$b[2]->seams, min($b[0], $b[1]), max($b[0], $b[1])]);
        $this->floors = array_map(static fn (FaceCost $cost): float => $cost->floor(), $costs);
    }

    /** @param  array<int, float>  $fixed  by face number: module lines that must stay */
    public function best(array $fixed): Found
    {
        $this->fixed = $fixed;
        $this->least = INF;
        $this->bestParts = [];
        $this->branches = 0;
        $parts = [];
        $home = [];
        foreach (array_keys($this->costs) as $face) {
            $parts[$face] = [$face => [1.0, 0.0]];
            $home[$face] = $face;
        }
        $this->branch(0, $parts, $home, [], 0.0);
        $modules = [];
        foreach ($this->bestParts as $first => $part) {
            $at = $this->places->settle($part, $this->bestLocks[$first] ?? null, $fixed)[1];
            foreach ($part as $face => [$sign, $shift]) {
                $modules[$face] = $fixed[$face] ?? $sign * $at + $shift;
            }
        }
        ksort($modules);

        return new Found(array_values($modules), $this->branches < self::MOST_BRANCHES);
    }

    /**
     * @param  array<int, Part>  $parts  by number of their first face
     * @param  array<int, int>  $home  by face: the first face of its part
     * @param  Locks  $locks
     */
    private function branch(int $number, array $parts, array $home, array $locks, float $paid): void
    {
        if ($this->branches >= self::MOST_BRANCHES || $paid + $this->bound($parts) >= $this->least - Tolerance::LENGTH) {
            return;
        }
        $this->branches++;
        if (! isset($this->ties[$number])) {
            $this->leaf($parts, $locks, $paid);

            return;
        }
        [$one, $other, $tie] = $this->ties[$number];
        $next = $home[$one] === $home[$other] ? $this->closed($parts, $home, $locks, $one, $other, $tie) : $this->joined($parts, $home, $locks, $one, $other, $tie);
        if ($next !== null) {
            $this->branch($number + 1, $next[0], $next[1], $next[2], $paid);
        }
        // A tie that holds by itself leaves nothing to gain by letting it go.
        if ($next === null || $next[0] !== $parts || $next[2] !== $locks) {
            $this->branch($number + 1, $parts, $home, $locks, $paid + $tie->seams * $this->weights->unmatchedSeam);
        }
    }

    /**
     * @param  array<int, Part>  $parts
     * @param  Locks  $locks
     */
    private function leaf(array $parts, array $locks, float $paid): void
    {
        $total = $paid;
        foreach ($parts as $first => $part) {
            $total += $this->places->settle($part, $locks[$first] ?? null, $this->fixed)[0];
        }
        if ($total < $this->least - Tolerance::LENGTH) {
            [$this->least, $this->bestParts, $this->bestLocks] = [$total, $parts, $locks];
        }
    }

    /** @param  array<int, Part>  $parts */
    private function bound(array $parts): float
    {
        $bound = 0.0;
        foreach ($parts as $part) {
            foreach (array_keys($part) as $face) {
                $bound += isset($this->fixed[$face]) ? $this->costs[$face]->total($this->fixed[$face]) : $this->floors[$face];
            }
        }

        return $bound;
    }

    /**
     * A tie between two faces that move as one already: it holds anyway, or in two places only; null where it cannot.
     *
     * @param  array<int, Part>  $parts
     * @param  array<int, int>  $home
     * @param  Locks  $locks
     * @return array{array<int, Part>, array<int, int>, Locks}|null
     */
    private function closed(array $parts, array $home, array $locks, int $one, int $other, Tie $tie): ?array
    {
        $first = $home[$one];
        [$sign, $shift] = $parts[$first][$one];
        [$otherSign, $otherShift] = $parts[$first][$other];
        if ($tie->sign * $sign === $otherSign) {
            return $tie->meets($shift, $otherShift, $this->cover) ? [$parts, $home, $locks] : null;
        }
        // −s·x + t and s·x + t′ are one seam where 2·s·x makes up their difference, to a whole cover.
        $at = $otherSign * ($tie->across($shift) - $otherShift) / 2.0;
        $locks = $this->locked($locks, $first, [$at, $at + $this->cover / 2.0]);

        return $locks === null || ! $this->agree($parts[$first], $locks[$first]) ? null : [$parts, $home, $locks];
    }

    /**
     * @param  Locks  $locks
     * @param  list<float>  $places
     * @return Locks|null null where no place is left
     */
    private function locked(array $locks, int $first, array $places): ?array
    {
        if (isset($locks[$first])) {
            $places = array_values(array_filter($places, fn (float $at): bool => $this->isAmong($at, $locks[$first])));
        }
        if ($places === []) {
            return null;
        }
        $locks[$first] = $places;

        return $locks;
    }

    /** @param  list<float>  $places */
    private function isAmong(float $at, array $places): bool
    {
        foreach ($places as $place) {
            $off = fmod(abs($at - $place), $this->cover);
            if (min($off, $this->cover - $off) <= Tie::MEETS) {
                return true;
            }
        }

        return false;
    }

    /**
     * The parts with two of them moving as one; null where both must stay and their seams do not meet.
     *
     * @param  array<int, Part>  $parts
     * @param  array<int, int>  $home
     * @param  Locks  $locks
     * @return array{array<int, Part>, array<int, int>, Locks}|null
     */
    private function joined(array $parts, array $home, array $locks, int $one, int $other, Tie $tie): ?array
    {
        if ($home[$one] > $home[$other]) {
            [$one, $other, $tie] = [$other, $one, $tie->turned()];
        }
        [$into, $from] = [$home[$one], $home[$other]];
        // u of the first part's root → one → across the tie → other → back to the second part's root.
        [$sign, $shift] = $parts[$into][$one];
        [$s, $t] = [$tie->sign * $sign, $tie->sign * $shift + $tie->shift];
        [$otherSign, $otherShift] = $parts[$from][$other];
        [$s, $t] = [$otherSign * $s, $otherSign * ($t - $otherShift)];
        $part = $parts[$into];
        foreach ($parts[$from] as $face => [$own, $ownShift]) {
            $part[$face] = [$own * $s, $own * $t + $ownShift];
            $home[$face] = $into;
        }
        if (isset($locks[$from])) {
            $locks = $this->locked($locks, $into, array_map(static fn (float $at): float => $s * ($at - $t), $locks[$from]));
        }
        if ($locks === null || ! $this->agree($part, $locks[$into] ?? null)) {
            return null;
        }
        unset($parts[$from], $locks[$from]);
        $parts[$into] = $part;

        return [$parts, $home, $locks];
    }

    /**
     * Whether all the faces of a part that must stay can.
     *
     * @param  Part  $part
     * @param  list<float>|null  $lock
     */
    private function agree(array $part, ?array $lock): bool
    {
        foreach ($part as $face => [$sign, $shift]) {
            if (isset($this->fixed[$face])) {
                $at = $sign * ($this->fixed[$face] - $shift);
                $lock ??= [$at];
                if (! $this->isAmong($at, $lock)) {
                    return false;
                }
                $lock = [$at];
            }
        }

        return true;
    }
}
