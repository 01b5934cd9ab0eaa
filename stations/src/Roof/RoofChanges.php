<?php

declare(strict_types=1);

namespace Imbrex\Stations\Roof;

use Imbrex\Stations\Change;
use stdClass;

/** What a save changed on the building: its blocks, the checks on it, what comes through the roof. */
final class RoofChanges
{
    private const BLOCK_FIELDS = [
        'name' => 'name', 'x' => 'moved', 'y' => 'moved', 'rotationDegrees' => 'turned', 'length' => 'size', 'width' => 'size',
        'eaveHeight' => 'eaveHeight', 'sides' => 'sides', 'source' => 'source',
    ];

    /** @return list<Change> */
    public function between(stdClass $before, stdClass $after): array
    {
        return [
            ...$this->blocks($before->roof->blocks ?? [], $after->roof->blocks ?? []),
            ...Change::inList($before->roof->checks ?? [], $after->roof->checks ?? [], 'check', static fn (stdClass $check): array => [
                'where' => $check->where, 'typed' => (string) ($check->typed ?? $check->value),
            ]),
            ...$this->decks((array) ($before->decks ?? []), (array) ($after->decks ?? [])),
            ...Change::inList($before->openings ?? [], $after->openings ?? [], 'opening', static fn (stdClass $opening): array => [
                'opening' => (string) ($opening->name ?? $opening->kind), 'face' => (string) $opening->face,
            ]),
        ];
    }

    /**
     * @param  list<stdClass>  $before
     * @param  list<stdClass>  $after
     * @return list<Change>
     */
    private function blocks(array $before, array $after): array
    {
        $old = array_column($before, null, 'id');

        return Change::inList($before, $after, 'block', fn (stdClass $block): array => [
            'block' => $block->name,
            ...(isset($old[$block->id]) && $old[$block->id] != $block ? ['what' => $this->what($old[$block->id], $block)] : []),
        ]);
    }

    /**
     * @param  array<string, stdClass>  $before
     * @param  array<string, stdClass>  $after
     * @return list<Change>
     */
    private function decks(array $before, array $after): array
    {
        $changed = array_filter(array_keys($before + $after), static fn (string $face): bool => ($before[$face] ?? null) != ($after[$face] ?? null));

        return array_values(array_map(static fn (string $face): Change => new Change('deck-said', ['face' => $face, 'kind' => (string) ($after[$face]->kind ?? '')]), $changed));
    }

    private function what(stdClass $before, stdClass $after): string
    {
        $fields = [];
        foreach (self::BLOCK_FIELDS as $field => $what) {
            if (($before->{$field} ?? null) != ($after->{$field} ?? null)) {
                $fields[$what] = true;
            }
        }

        return count($fields) === 1 ? array_keys($fields)[0] : 'several';
    }
}
