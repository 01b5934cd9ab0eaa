<?php

declare(strict_types=1);

namespace Imbrex\Stations\Builds;

use Imbrex\Core\Builds\BuildsInput;
use Imbrex\Stations\Change;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Station;
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
        return [...$this->told($before->edges ?? null, $after->edges ?? null, 'edge'), ...$this->told($before->builds ?? null, $after->builds ?? null, 'kind'), ...$this->told($before->junctions ?? null, $after->junctions ?? null, 'junction')];
    }

    /**
     * @param  'edge'|'kind'|'junction'  $of
     * @return list<Change>
     */
    private function told(?stdClass $before, ?stdClass $after, string $of): array
    {
        [$old, $new] = [(array) ($before ?? []), (array) ($after ?? [])];
        $changed = array_filter(array_keys($old + $new), static fn (string $key): bool => ($old[$key] ?? null) != ($new[$key] ?? null));

        $codes = ['edge' => ['edge-wished', 'edge-usual'], 'kind' => ['kind-built', 'kind-usual'], 'junction' => ['junction-ordered', 'junction-usual']][$of];

        return array_values(array_map(static fn (string $key): Change => new Change($codes[isset($new[$key]) ? 0 : 1], ['edge' => $of === 'junction' ? (string) strstr("$key.", '.', true) : $key]), $changed));
    }
}
