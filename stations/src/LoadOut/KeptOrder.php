<?php

declare(strict_types=1);

namespace Imbrex\Stations\LoadOut;

/** An order as it was released, held against what the plan would order today: by what was written down then. What the order has come to tell since says nothing of it. */
final class KeptOrder
{
    /** Orders of it tell everything the writer tells; what an order has none of is not written. */
    private const FORMAT = 'imbrex-order/2';

    private const NONE = ['endPlugs' => 0, 'supplies' => []];

    /**
     * @param  array<string, mixed>  $order
     * @return array<string, mixed>
     */
    public static function of(array $order): array
    {
        return ['format' => self::FORMAT, ...$order];
    }

    /**
     * @param  array<string, mixed>  $kept
     * @return array<string, mixed>
     */
    public static function told(array $kept): array
    {
        return array_diff_key($kept, ['format' => null]);
    }

    /**
     * @param  array<string, mixed>  $kept  as it was released, by whichever format
     * @param  array<string, mixed>  $today  as it would be kept today
     */
    public static function isChanged(array $kept, array $today): bool
    {
        return self::differs(($kept['format'] ?? null) === self::FORMAT ? $kept + self::NONE : $kept, $today + self::NONE);
    }

    /**
     * @param  array<array-key, mixed>  $kept
     * @param  array<array-key, mixed>  $today
     */
    private static function differs(array $kept, array $today): bool
    {
        if (array_is_list($kept) && count($kept) !== count($today)) {
            return true;
        }
        foreach ($kept as $key => $was) {
            if (! array_key_exists($key, $today)) {
                continue;
            }
            $is = $today[$key];
            if (is_array($was) && is_array($is) ? self::differs($was, $is) : $was != $is) {
                return true;
            }
        }

        return false;
    }
}
