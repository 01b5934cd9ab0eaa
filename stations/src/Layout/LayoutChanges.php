<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Stations\Change;
use stdClass;

/** What a save changed about where panels begin. */
final class LayoutChanges
{
    /** @return list<Change> */
    public function between(stdClass $before, stdClass $after): array
    {
        [$old, $new] = [(array) ($before->layout ?? []), (array) ($after->layout ?? [])];
        $names = array_column($after->roof->planes ?? [], 'name', 'id');
        $blocks = array_column($after->roof->blocks ?? [], 'id');
        $plane = static fn (string|int $id): array => ['plane' => (string) ($names[$id] ?? $id)];
        // A layout that goes with its plane or block is no change of its own.
        $left = array_filter(array_map(strval(...), array_keys(array_diff_key($old, $new))), static fn (string $id): bool => isset($names[$id]) || in_array(strstr($id, '.', true), $blocks, true));
        $changes = array_values(array_map(static fn (string $id): Change => new Change('layout-left', $plane($id)), $left));
        foreach ($new as $id => $layout) {
            $was = $old[$id] ?? new stdClass;
            if ($was != $layout) {
                $changes[] = $this->choice($was, $layout, $plane($id));
            }
        }

        foreach ((array) ($after->lineChecks ?? []) as $id => $check) {
            if ((((array) ($before->lineChecks ?? []))[$id] ?? null) != $check) {
                $changes[] = new Change('line-checked', $plane($id));
            }
        }

        return $changes;
    }

    /** @param  array<string, string>  $plane */
    private function choice(stdClass $was, stdClass $layout, array $plane): Change
    {
        $pinned = $layout->pinned ?? false;
        $onlyNudged = ($was->start ?? null) === ($layout->start ?? null) && ($was->pinned ?? false) === $pinned;

        return match (true) {
            $pinned !== ($was->pinned ?? false) => new Change($pinned ? 'layout-pinned' : 'layout-unpinned', $plane),
            $onlyNudged && ($was->nudge ?? 0) != ($layout->nudge ?? 0) => new Change('layout-nudged', [...$plane, 'nudge' => (float) ($layout->nudge ?? 0)]),
            default => new Change('layout-start', [...$plane, 'start' => (string) ($layout->start ?? 'balanced')]),
        };
    }
}
