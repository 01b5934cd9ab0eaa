<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Findings\Finding;

/** Every face of the building, and every edge they end at. */
final readonly class Roof
{
    /**
     * @param  list<Face>  $faces
     * @param  list<Edge>  $edges
     * @param  list<Finding>  $findings
     */
    public function __construct(public array $faces, public array $edges, public array $findings)
    {
    }

    public function with(self $other): self
    {
        return new self([...$this->faces, ...$other->faces], [...$this->edges, ...$other->edges], [...$this->findings, ...$other->findings]);
    }

    public function areaSquareFeet(): float
    {
        return array_sum(array_map(static fn (Face $face): float => $face->areaSquareFeet(), $this->faces));
    }

    /** @return list<array{kind: EdgeKind, count: int, length: float}> how much there is of each kind of edge, true inches; as they come */
    public function edgeTotals(): array
    {
        $totals = [];
        foreach ($this->edges as $edge) {
            $so = $totals[$edge->kind->value] ?? ['kind' => $edge->kind, 'count' => 0, 'length' => 0.0];
            $totals[$edge->kind->value] = ['kind' => $edge->kind, 'count' => $so['count'] + 1, 'length' => $so['length'] + $edge->length()];
        }

        return array_values($totals);
    }

    public function edge(string $id): ?Edge
    {
        foreach ($this->edges as $edge) {
            if ($edge->id === $id) {
                return $edge;
            }
        }

        return null;
    }

    public function face(string $id): ?Face
    {
        foreach ($this->faces as $face) {
            if ($face->id === $id) {
                return $face;
            }
        }

        return null;
    }
}
