<?php

declare(strict_types=1);

namespace App\Exports;

/** Panel numbers in a row are written as a range: P1-2 … P1-31. */
final class PanelRange
{
    /** @param  list<string>  $ids */
    public static function inWords(array $ids): string
    {
        $runs = [];
        foreach ($ids as $id) {
            $last = count($runs) - 1;
            if ($last >= 0 && self::follows($runs[$last][1], $id)) {
                $runs[$last][1] = $id;
            } else {
                $runs[] = [$id, $id];
            }
        }

        return implode(', ', array_map(static fn (array $run): string => $run[0] === $run[1] ? $run[0] : "$run[0] … $run[1]", $runs));
    }

    private static function follows(string $before, string $id): bool
    {
        $number = static fn (string $one): int => (int) substr((string) strrchr($one, '-'), 1);
        $face = static fn (string $one): string => substr($one, 0, (int) strrpos($one, '-'));

        return $face($before) === $face($id) && $number($id) === $number($before) + 1 && ctype_digit(substr((string) strrchr($id, '-'), 1));
    }
}
