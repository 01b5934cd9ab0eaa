<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown;

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
            $gaps = max(1, (int) ceil(($last - $first) / $most - 1e-9));

            return array_map(static fn (int $i): float => $first + ($last - $first) * $i / $gaps, range(0, $gaps));
        }
        $rows = [$first];
        for ($v = $first + $purlins; $v < $last - $purlins / 2.0; $v += $purlins) {
            $rows[] = $v;
        }
        $rows[] = $last;

        return $rows;
    }
}
