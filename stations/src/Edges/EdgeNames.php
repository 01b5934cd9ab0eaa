<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Roof;
use Imbrex\Stations\Words\Words;

/** Names the roof's edges as people say them: by kind and by the faces that meet there. */
final readonly class EdgeNames
{
    public function __construct(private Words $words)
    {
    }

    /** @return array<string, string> by id of the edge */
    public function of(Roof $roof): array
    {
        $names = [];
        $count = [];
        foreach ($roof->edges as $edge) {
            $name = $this->name($roof, $edge);
            $count[$name] = ($count[$name] ?? 0) + 1;
            $names[$edge->id] = [$name, $count[$name]];
        }

        return array_map(fn (array $named): string => ($count[$named[0]] ?? 1) > 1 ? $this->words->say('edges.name-of-many', ['name' => $named[0], 'number' => $named[1]]) : $named[0], $names);
    }

    private function name(Roof $roof, Edge $edge): string
    {
        $faces = array_map(static fn (string $id): string => $roof->face($id)->name ?? $id, $edge->faces);

        return $this->words->say('edges.name', ['edge' => $this->words->say("edge.{$edge->kind->value}"), 'faces' => count($faces), 'one' => $faces[0] ?? '', 'other' => $faces[1] ?? '']);
    }
}
