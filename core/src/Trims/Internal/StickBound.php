<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal;

/**
 * How few sticks pieces can possibly be cut from, proven: by their length, by those of which no two go together (Martello and
 * Toth's bound), and by dual feasible functions (Fekete and Schepers). Lengths are inches, kerf already with the pieces.
 */
final class StickBound
{
    private const HAIR = 1e-9;

    /** Functions tried: more of them seldom tell more. */
    private const FUNCTIONS = 24;

    /** Thresholds tried, spread over all lengths there are. */
    private const THRESHOLDS = 80;

    /**
     * @param  array<int, array{float, int}>  $pieces  length and how many of it, longest first
     * @param  float  $stock  inches, at least the longest piece
     */
    public static function of(array $pieces, float $stock): int
    {
        if ($pieces === []) {
            return 0;
        }
        $best = self::byLength(array_map(static fn (array $piece): array => [$piece[0] / $stock, $piece[1]], $pieces));
        foreach (self::thresholds($pieces, $stock) as $small) {
            // What is too long to lie beside the threshold takes a stick of its own; what is shorter than it is left out.
            $kept = [];
            foreach ($pieces as [$length, $count]) {
                if ($length >= $small - self::HAIR) {
                    $kept[] = [$length > $stock - $small + self::HAIR ? 1.0 : $length / $stock, $count];
                }
            }
            $best = max($best, self::byLength($kept), ...array_map(static fn (int $k): int => self::byLength(array_map(static fn (array $piece): array => [self::feasible($piece[0], $k), $piece[1]], $kept)), range(1, self::FUNCTIONS)));
        }

        return $best;
    }

    /**
     * @param  array<int, array{float, int}>  $shares  of a stick
     */
    private static function byLength(array $shares): int
    {
        $sum = 0.0;
        foreach ($shares as [$share, $count]) {
            $sum += $share * $count;
        }

        return (int) ceil($sum - 1e-7);
    }

    /** However pieces lie together in one stick, what these come to is no more than one. */
    private static function feasible(float $share, int $k): float
    {
        $times = $share * ($k + 1);

        return abs($times - round($times)) < self::HAIR ? $share : floor($times) / $k;
    }

    /**
     * @param  array<int, array{float, int}>  $pieces
     * @return list<float>
     */
    private static function thresholds(array $pieces, float $stock): array
    {
        $small = [0.0, ...array_values(array_filter(array_column($pieces, 0), static fn (float $length): bool => $length <= $stock / 2.0 + self::HAIR))];
        $step = max(1, intdiv(count($small), self::THRESHOLDS));

        return array_values(array_filter($small, static fn (int $i): bool => $i % $step === 0, ARRAY_FILTER_USE_KEY));
    }
}
