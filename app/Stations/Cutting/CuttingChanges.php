<?php

declare(strict_types=1);

namespace App\Stations\Cutting;

use App\Stations\Change;
use stdClass;

/** What a save changed at the bench: first fits one by one; panels cut, by number. */
final class CuttingChanges
{
    /**
     * @param  array<stdClass>  $blocks  by whose names their pieces are called
     * @return list<Change>
     */
    public function between(stdClass $before, stdClass $after, array $blocks): array
    {
        $named = static fn (string $piece): string => self::named($piece, $blocks);
        [$old, $new] = [array_column($before->cut ?? [], 'panel'), array_column($after->cut ?? [], 'panel')];

        return [
            ...Change::inList($before->corrections ?? [], $after->corrections ?? [], 'fit', static fn (stdClass $fit): array => [
                'panel' => $named((string) $fit->panel), 'amount' => (float) $fit->amount, 'toward' => (string) $fit->toward, 'side' => (string) $fit->side,
            ]),
            ...$this->counted('panels-cut', array_map($named, array_diff($new, $old))),
            ...$this->counted('panels-uncut', array_map($named, array_diff($old, $new))),
        ];
    }

    /** @param  array<stdClass>  $blocks */
    private static function named(string $piece, array $blocks): string
    {
        foreach ($blocks as $block) {
            if (str_starts_with($piece, "$block->id.")) {
                return "$block->name ".substr($piece, strlen($block->id) + 1);
            }
        }

        return $piece;
    }

    /**
     * @param  array<string>  $panels
     * @return list<Change>
     */
    private function counted(string $code, array $panels): array
    {
        return $panels === [] ? [] : [new Change($code, ['count' => count($panels), 'first' => (string) array_values($panels)[0]])];
    }
}
