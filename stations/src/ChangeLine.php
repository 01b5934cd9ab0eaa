<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use stdClass;

/** Tells in a line what one save changed: of the job itself, then station by station. */
final readonly class ChangeLine
{
    /** A line, not a list: what goes beyond is counted. */
    private const MOST = 3;

    public function __construct(private Stations $stations)
    {
    }

    /** @return list<Change> */
    public function tell(stdClass $before, stdClass $after): array
    {
        $changes = [
            ...$this->job($before, $after),
            ...array_merge(...array_map(static fn (Station $station): array => $station->changes($before, $after), $this->stations->all())),
            ...$this->rules((array) ($before->rules ?? []), (array) ($after->rules ?? [])),
        ];
        $more = count($changes) - self::MOST;

        return match (true) {
            $changes === [] => [new Change('other')],
            $more > 0 => [...array_slice($changes, 0, self::MOST), new Change('more', ['count' => $more])],
            default => $changes,
        };
    }

    /** @return list<Change> */
    private function job(stdClass $before, stdClass $after): array
    {
        $changes = [];
        if ($before->name !== $after->name) {
            $changes[] = new Change('renamed', ['name' => $after->name]);
        }
        foreach (['profile', 'material', 'gauge', 'ridge', 'colour'] as $field) {
            $now = $after->system->{$field} ?? null;
            if (($before->system->{$field} ?? null) !== $now && $now !== null) {
                $changes[] = new Change("system-$field", ['value' => (string) $now]);
            }
        }
        if (($before->units ?? 'imperial') !== ($after->units ?? 'imperial')) {
            $changes[] = new Change('units', ['value' => (string) ($after->units ?? 'imperial')]);
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
                $changes[] = new Change('rule', ['rule' => (string) $key, 'value' => is_string($value) ? $value : (float) $value]);
            }
        }
        foreach (array_diff_key($before, $after) as $key => $value) {
            $changes[] = new Change('rule-default', ['rule' => (string) $key]);
        }

        return $changes;
    }
}
