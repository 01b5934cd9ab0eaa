<?php

declare(strict_types=1);

namespace App\Stations\Builds;

use App\Documents\Reading;
use App\Stations\Change;
use App\Stations\Station;
use Imbrex\Core\Builds\BuildsInput;
use stdClass;

/** How edges are to be built. What stands there is shown by the Edges station. */
final class BuildsStation extends Station
{
    public function key(): string
    {
        return 'builds';
    }

    public function stage(): string
    {
        return 'builds';
    }

    public function read(Reading $reading): BuildsInput
    {
        return (new BuildsReader($reading))->input();
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return [...$this->told($before->edges ?? null, $after->edges ?? null, 'edge'), ...$this->told($before->builds ?? null, $after->builds ?? null, 'kind')];
    }

    /** @return list<Change> */
    private function told(?stdClass $before, ?stdClass $after, string $of): array
    {
        [$old, $new] = [(array) ($before ?? []), (array) ($after ?? [])];
        $changed = array_filter(array_keys($old + $new), static fn (string $key): bool => ($old[$key] ?? null) != ($new[$key] ?? null));

        return array_values(array_map(static fn (string $key): Change => new Change($of === 'kind' ? (isset($new[$key]) ? 'kind-built' : 'kind-usual') : (isset($new[$key]) ? 'edge-wished' : 'edge-usual'), ['edge' => $key]), $changed));
    }
}
