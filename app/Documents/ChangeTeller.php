<?php

declare(strict_types=1);

namespace App\Documents;

use stdClass;

/**
 * Tells in a line what one save changed. Codes with parameters; the words stand in the message catalogue under
 * `change.<code>`.
 *
 * @phpstan-type Change array{code: string, parameters: array<string, string|int|float>}
 */
final class ChangeTeller
{
    /** A line, not a list: what goes beyond is counted. */
    private const MOST = 3;

    /** @return list<Change> */
    public function tell(stdClass $before, stdClass $after): array
    {
        $changes = [
            ...$this->plain($before, $after),
            ...$this->blocks($before->roof->blocks ?? [], $after->roof->blocks ?? []),
            ...$this->checks($before->roof->checks ?? [], $after->roof->checks ?? []),
            ...$this->planes($before->roof->planes ?? [], $after->roof->planes ?? []),
            ...$this->edges((array) ($before->edges ?? []), (array) ($after->edges ?? [])),
            ...$this->openings($before->openings ?? [], $after->openings ?? []),
            ...$this->cutting($before->cutting ?? new stdClass, $after->cutting ?? new stdClass),
            ...$this->layouts((array) ($before->layout ?? []), (array) ($after->layout ?? []), $after),
            ...$this->rules((array) ($before->rules ?? []), (array) ($after->rules ?? [])),
        ];
        if ($changes === []) {
            return [$this->change('other')];
        }
        $more = count($changes) - self::MOST;

        return $more > 0
            ? [...array_slice($changes, 0, self::MOST), $this->change('more', ['count' => $more])]
            : $changes;
    }

    /** @return list<Change> */
    private function plain(stdClass $before, stdClass $after): array
    {
        $changes = [];
        if ($before->name !== $after->name) {
            $changes[] = $this->change('renamed', ['name' => $after->name]);
        }
        foreach (['profile', 'material', 'gauge', 'ridge'] as $field) {
            $now = $after->system->{$field} ?? null;
            if (($before->system->{$field} ?? null) !== $now && $now !== null) {
                $changes[] = $this->change("system-$field", ['value' => (string) $now]);
            }
        }
        if (($before->units ?? 'imperial') !== ($after->units ?? 'imperial')) {
            $changes[] = $this->change('units', ['value' => (string) ($after->units ?? 'imperial')]);
        }

        return $changes;
    }

    /**
     * @param  list<stdClass>  $before
     * @param  list<stdClass>  $after
     * @return list<Change>
     */
    private function blocks(array $before, array $after): array
    {
        $old = array_column($before, null, 'id');
        $changes = [];
        foreach ($after as $block) {
            $was = $old[$block->id] ?? null;
            unset($old[$block->id]);
            if ($was === null) {
                $changes[] = $this->change('block-added', ['block' => $block->name]);
            } elseif ($was != $block) {
                $changes[] = $this->change('block-changed', ['block' => $block->name, 'what' => $this->blockChange($was, $block)]);
            }
        }
        foreach ($old as $gone) {
            $changes[] = $this->change('block-removed', ['block' => $gone->name]);
        }

        return $changes;
    }

    private function blockChange(stdClass $before, stdClass $after): string
    {
        $fields = [];
        foreach (['name' => 'name', 'x' => 'moved', 'y' => 'moved', 'rotationDegrees' => 'turned', 'length' => 'size', 'width' => 'size', 'eaveHeight' => 'eaveHeight', 'sides' => 'sides', 'source' => 'source'] as $field => $what) {
            if (($before->{$field} ?? null) != ($after->{$field} ?? null)) {
                $fields[$what] = true;
            }
        }

        return count($fields) === 1 ? array_keys($fields)[0] : 'several';
    }

    /**
     * @param  list<stdClass>  $before
     * @param  list<stdClass>  $after
     * @return list<Change>
     */
    private function checks(array $before, array $after): array
    {
        $told = fn (string $code, stdClass $check): array => $this->change($code, ['where' => $check->where, 'typed' => (string) ($check->typed ?? $check->value)]);
        $gone = array_diff_key(array_column($before, null, 'id'), array_column($after, null, 'id'));
        $new = array_diff_key(array_column($after, null, 'id'), array_column($before, null, 'id'));

        return [
            ...array_values(array_map(static fn (stdClass $c): array => $told('check-added', $c), $new)),
            ...array_values(array_map(static fn (stdClass $c): array => $told('check-removed', $c), $gone)),
        ];
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<Change>
     */
    private function edges(array $before, array $after): array
    {
        $changed = array_filter(array_keys($before + $after), static fn (string $id): bool => ($before[$id] ?? null) != ($after[$id] ?? null));

        return array_values(array_map(fn (string $id): array => $this->change(isset($after[$id]) ? 'edge-wished' : 'edge-usual', ['edge' => $id]), $changed));
    }

    /**
     * @param  list<stdClass>  $before
     * @param  list<stdClass>  $after
     * @return list<Change>
     */
    private function openings(array $before, array $after): array
    {
        $told = fn (string $code, stdClass $one): array => $this->change($code, ['opening' => (string) ($one->name ?? $one->kind), 'face' => (string) $one->face]);
        [$old, $new] = [array_column($before, null, 'id'), array_column($after, null, 'id')];
        $changed = array_filter($new, static fn (stdClass $one, string $id): bool => isset($old[$id]) && $old[$id] != $one, ARRAY_FILTER_USE_BOTH);

        return [
            ...array_values(array_map(static fn (stdClass $o): array => $told('opening-added', $o), array_diff_key($new, $old))),
            ...array_values(array_map(static fn (stdClass $o): array => $told('opening-changed', $o), $changed)),
            ...array_values(array_map(static fn (stdClass $o): array => $told('opening-removed', $o), array_diff_key($old, $new))),
        ];
    }

    /** @return list<Change> first fits one by one; panels cut, by number */
    private function cutting(stdClass $before, stdClass $after): array
    {
        [$old, $new] = [array_column($before->corrections ?? [], null, 'id'), array_column($after->corrections ?? [], null, 'id')];
        $told = fn (string $code, stdClass $one): array => $this->change($code, ['panel' => (string) $one->panel, 'amount' => (float) $one->amount, 'toward' => (string) $one->toward, 'side' => (string) $one->side]);
        $cut = array_diff(array_column($after->cut ?? [], 'panel'), array_column($before->cut ?? [], 'panel'));
        $uncut = array_diff(array_column($before->cut ?? [], 'panel'), array_column($after->cut ?? [], 'panel'));

        return [
            ...array_values(array_map(static fn (stdClass $c): array => $told('fit-added', $c), array_diff_key($new, $old))),
            ...array_values(array_map(static fn (stdClass $c): array => $told('fit-removed', $c), array_diff_key($old, $new))),
            ...($cut === [] ? [] : [$this->change('panels-cut', ['count' => count($cut), 'first' => (string) array_values($cut)[0]])]),
            ...($uncut === [] ? [] : [$this->change('panels-uncut', ['count' => count($uncut), 'first' => (string) array_values($uncut)[0]])]),
        ];
    }

    /**
     * @param  list<stdClass>  $before
     * @param  list<stdClass>  $after
     * @return list<Change>
     */
    private function planes(array $before, array $after): array
    {
        $old = array_column($before, null, 'id');
        $changes = [];
        foreach ($after as $plane) {
            if (! isset($old[$plane->id])) {
                $changes[] = $this->change('plane-added', ['plane' => $plane->name]);

                continue;
            }
            array_push($changes, ...$this->plane($old[$plane->id], $plane));
            unset($old[$plane->id]);
        }
        foreach ($old as $gone) {
            $changes[] = $this->change('plane-removed', ['plane' => $gone->name]);
        }

        return $changes;
    }

    /** @return list<Change> */
    private function plane(stdClass $before, stdClass $after): array
    {
        $changes = [];
        $old = array_column($before->readings ?? [], null, 'id');
        foreach ($after->readings ?? [] as $reading) {
            $was = $old[$reading->id] ?? null;
            unset($old[$reading->id]);
            if ($was != $reading) {
                $changes[] = $this->change($was === null ? 'reading-added' : 'reading-changed', $this->reading($after, $reading));
            }
        }
        foreach ($old as $gone) {
            $changes[] = $this->change('reading-removed', $this->reading($after, $gone));
        }
        foreach (['name', 'riseIn12', 'outline', 'edges', 'ridgeWith', 'covering', 'oldLayers', 'deck', 'notes', 'shape', 'leans', 'ties'] as $field) {
            if (($before->{$field} ?? null) != ($after->{$field} ?? null)) {
                $changes[] = $this->change('plane-changed', ['plane' => $after->name, 'field' => $field]);
            }
        }

        return $changes;
    }

    /** @return array<string, string> */
    private function reading(stdClass $plane, stdClass $reading): array
    {
        return ['plane' => $plane->name, 'quantity' => $reading->quantity, 'typed' => (string) ($reading->typed ?? $reading->value ?? '')];
    }

    /**
     * @param  array<string, stdClass>  $before
     * @param  array<string, stdClass>  $after
     * @return list<Change>
     */
    private function layouts(array $before, array $after, stdClass $document): array
    {
        $names = array_column($document->roof->planes ?? [], 'name', 'id');
        $blocks = array_column($document->roof->blocks ?? [], 'id');
        // A layout that goes with its plane or block is no change of its own.
        $left = array_filter(array_map(strval(...), array_keys(array_diff_key($before, $after))), static fn (string $id): bool => isset($names[$id]) || in_array(strstr($id, '.', true), $blocks, true));
        $changes = array_values(array_map(fn (string $id): array => $this->change('layout-left', ['plane' => (string) ($names[$id] ?? $id)]), $left));
        foreach ($after as $id => $layout) {
            $was = $before[$id] ?? new stdClass;
            if ($was == $layout) {
                continue;
            }
            $plane = ['plane' => (string) ($names[$id] ?? $id)];
            $onlyNudged = ($was->school ?? null) === ($layout->school ?? null) && ($was->pinned ?? false) === ($layout->pinned ?? false);
            $changes[] = match (true) {
                ($layout->pinned ?? false) !== ($was->pinned ?? false) => $this->change(($layout->pinned ?? false) ? 'layout-pinned' : 'layout-unpinned', $plane),
                $onlyNudged && ($was->nudge ?? 0) != ($layout->nudge ?? 0) => $this->change('layout-nudged', [...$plane, 'nudge' => (float) ($layout->nudge ?? 0)]),
                default => $this->change('layout-school', [...$plane, 'school' => (string) ($layout->school ?? 'balanced')]),
            };
        }

        return $changes;
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<Change>
     */
    private function rules(array $before, array $after): array
    {
        $changes = [];
        foreach ($after as $key => $value) {
            if (($before[$key] ?? null) !== $value) {
                $changes[] = $this->change('rule', ['rule' => (string) $key, 'value' => is_string($value) ? $value : (float) $value]);
            }
        }
        foreach (array_diff_key($before, $after) as $key => $value) {
            $changes[] = $this->change('rule-default', ['rule' => (string) $key]);
        }

        return $changes;
    }

    /**
     * @param  array<string, string|int|float>  $parameters
     * @return Change
     */
    private function change(string $code, array $parameters = []): array
    {
        return ['code' => $code, 'parameters' => $parameters];
    }
}
