<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Stations\Change;
use stdClass;

/** What a save changed at the bench: first fits, one by one. */
final class CuttingChanges
{
    /** @return list<Change> */
    public function between(stdClass $before, stdClass $after): array
    {
        $blocks = $after->roof->blocks ?? [];
        $named = static fn (string $piece): string => self::named($piece, $blocks);
        [$was, $is] = [$before->cutting ?? new stdClass, $after->cutting ?? new stdClass];

        return [
            ...Change::inList($was->corrections ?? [], $is->corrections ?? [], 'fit', static fn (stdClass $fit): array => [
                'panel' => $named((string) $fit->panel), 'amount' => (float) $fit->amount, 'toward' => (string) $fit->toward, 'side' => (string) $fit->side,
            ]),
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
}
