<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

/** Spaces clips up one stretch of a seam. */
final class ClipLine
{
    /** How often the spacing is halved in until all are used alike. */
    private const HALVINGS = 40;

    private const SAME = 1e-9;

    /**
     * As few as can be with no gap wider than is allowed anywhere in it, all gaps used alike.
     *
     * @param  float  $low  where the first stands, inches up the slope; `$high` the last
     * @param  non-empty-list<array{float, float, float}>  $spacings  from where to where the most there may be between two
     * @return non-empty-list<float>
     */
    public static function between(float $low, float $high, array $spacings): array
    {
        if ($high - $low < self::SAME) {
            return [$low];
        }
        $most = self::constant($spacings);
        if ($most !== null) {
            $gaps = max(1, (int) ceil(($high - $low) / $most - self::SAME));

            return array_map(static fn (int $i): float => $low + ($high - $low) * $i / $gaps, range(0, $gaps));
        }
        // What must be kept is kept by every part of it, so the farthest next one leads to the fewest.
        $count = count(self::steps($low, $high, $spacings, 1.0));
        [$least, $share] = [0.0, 1.0];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($least + $share) / 2.0;
            if (count(self::steps($low, $high, $spacings, $middle, $count)) <= $count) {
                $share = $middle;
            } else {
                $least = $middle;
            }
        }

        return self::steps($low, $high, $spacings, $share);
    }

    /** @param  non-empty-list<array{float, float, float}>  $spacings */
    private static function constant(array $spacings): ?float
    {
        foreach ($spacings as [, , $most]) {
            if (abs($most - $spacings[0][2]) > self::SAME) {
                return null;
            }
        }

        return $spacings[0][2];
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $spacings
     * @param  float  $share  of the spacing that is used
     * @param  int|null  $most  more than that are not counted
     * @return non-empty-list<float>
     */
    private static function steps(float $low, float $high, array $spacings, float $share, ?int $most = null): array
    {
        $at = [$low];
        $last = $low;
        while ($high - $last > self::SAME && ($most === null || count($at) <= $most)) {
            $last = min($high, self::next($last, $spacings, $share));
            $at[] = $last;
        }

        return $at;
    }

    /** @param  non-empty-list<array{float, float, float}>  $spacings */
    private static function next(float $from, array $spacings, float $share): float
    {
        $limit = INF;
        $best = null;
        foreach ($spacings as [$low, $high, $most]) {
            if ($high <= $from + self::SAME) {
                continue;
            }
            $limit = min($limit, $share * $most);
            if ($best !== null && $from + $limit <= $low) {
                return $best;
            }
            if ($from + $limit <= $high) {
                return $from + max($limit, self::SAME * 10.0);
            }
            $best = $high;
        }

        return $best ?? $from + $share * $spacings[count($spacings) - 1][2];
    }
}
