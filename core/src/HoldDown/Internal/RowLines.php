<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal;

/** Where the rows of screws run across a face: the same lines for every sheet, cut or whole. */
final class RowLines
{
    /**
     * @param  float  $low  the eave, inches up the slope; `$high` the head
     * @param  float  $end  of the end rows from either
     * @param  float  $most  between two
     * @param  float|null  $purlins  spacing of battens or purlins, which rows stand on; null where the deck is solid
     * @return list<float> from the eave
     */
    public static function of(float $low, float $high, float $end, float $most, ?float $purlins = null): array
    {
        [$first, $last] = [$low + $end, $high - $end];
        if ($last <= $first) {
            return [($low + $high) / 2.0];
        }
        if ($purlins === null || $purlins <= 0.0) {
            $gaps = self::gaps($low, $high, $end, $most);

            return array_map(static fn (int $i): float => $first + ($last - $first) * $i / $gaps, range(0, $gaps));
        }
        $rows = [$first];
        for ($v = $first + $purlins; $v < $last - $purlins / 2.0; $v += $purlins) {
            $rows[] = $v;
        }
        $rows[] = $last;

        return $rows;
    }

    /** How far apart even rows stand, inches. */
    public static function step(float $low, float $high, float $end, float $most): float
    {
        return max(0.0, $high - $low - 2.0 * $end) / self::gaps($low, $high, $end, $most);
    }

    /**
     * From the head down by a step somebody else keeps, too, so that rows meet over a ridge; what is left is between the last two.
     *
     * @return list<float> from the eave
     */
    public static function fromHead(float $low, float $high, float $end, float $step): array
    {
        $rows = [];
        for ($v = $high - $end; $v > $low + $end + 1e-6; $v -= $step) {
            $rows[] = $v;
        }
        $rows[] = $low + $end;

        return array_reverse($rows);
    }

    private static function gaps(float $low, float $high, float $end, float $most): int
    {
        return max(1, (int) ceil(($high - $low - 2.0 * $end) / $most - 1e-9));
    }
}
