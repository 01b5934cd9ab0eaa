<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

/** Panel numbers in a row are written as a range: P1-2 … P1-31. */
final class PanelRange
{
    /** @param  list<string>  $ids */
    public static function inWords(array $ids): string
    {
        $runs = [];
        foreach ($ids as $id) {
            $run = end($runs);
            if ($run !== false && self::follows($run[1], $id)) {
                $runs[count($runs) - 1] = [$run[0], $id];
            } else {
                $runs[] = [$id, $id];
            }
        }

        return implode(', ', array_map(static fn (array $run): string => $run[0] === $run[1] ? $run[0] : "$run[0] … $run[1]", $runs));
    }

    private static function follows(string $before, string $id): bool
    {
        $number = static fn (string $panel): int => (int) substr((string) strrchr($panel, '-'), 1);
        $face = static fn (string $panel): string => substr($panel, 0, (int) strrpos($panel, '-'));

        return $face($before) === $face($id) && $number($id) === $number($before) + 1 && ctype_digit(substr((string) strrchr($id, '-'), 1));
    }
}
