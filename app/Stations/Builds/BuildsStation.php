<?php

declare(strict_types=1);

namespace App\Stations\Builds;

use App\Documents\Reading;
use App\Stations\Change;
use App\Stations\Station;
use Imbrex\Core\Builds\BuildsInput;
use stdClass;

/** How single edges are built. It has no screen of its own yet. */
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
        [$old, $new] = [(array) ($before->edges ?? []), (array) ($after->edges ?? [])];
        $changed = array_filter(array_keys($old + $new), static fn (string $edge): bool => ($old[$edge] ?? null) != ($new[$edge] ?? null));

        return array_values(array_map(static fn (string $edge): Change => new Change(isset($new[$edge]) ? 'edge-wished' : 'edge-usual', ['edge' => $edge]), $changed));
    }
}
