<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Stations\Change;
use stdClass;

/** What a save changed at the bench: marks taped and first fits one by one; panels cut, by number. */
final class CuttingChanges
{
    /** @return list<Change> */
    public function between(stdClass $before, stdClass $after): array
    {
        $blocks = $after->roof->blocks ?? [];
        $named = static fn (string $piece): string => self::named($piece, $blocks);
        [$was, $is] = [$before->cutting ?? new stdClass, $after->cutting ?? new stdClass];
        [$old, $new] = [array_column($was->cut ?? [], 'panel'), array_column($is->cut ?? [], 'panel')];

        return [
            ...Change::inList($before->observations ?? [], $after->observations ?? [], 'mark', static fn (stdClass $mark): array => [
                'piece' => $named((string) ($mark->panel ?? $mark->face)), 'side' => (string) ($mark->side ?? 'seam'), 'measured' => (float) ($mark->measured ?? $mark->amount ?? $mark->v ?? 0.0),
            ]),
            ...Change::inList($was->corrections ?? [], $is->corrections ?? [], 'fit', static fn (stdClass $fit): array => [
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
