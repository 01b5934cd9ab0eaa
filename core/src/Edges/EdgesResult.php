<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Findings\Term;
use Imbrex\Core\StageResult;
use Imbrex\Core\Units\Length;

/** How every edge of the roof is built. */
final readonly class EdgesResult implements StageResult
{
    /**
     * @param  array<string, BuiltEdge>  $edges  by id of the edge, in the roof's order
     * @param  array<string, BuiltJunction>  $junctions  by id
     */
    public function __construct(public array $edges, public array $junctions = [])
    {
    }

    /** How many builds the roof has, counting each once. */
    public function kinds(): int
    {
        return count(array_unique(array_map(static fn (BuiltEdge $built): string => $built->build->name(), $this->edges)));
    }

    public function findings(): array
    {
        $findings = [];
        foreach ([...array_values($this->edges), ...array_values($this->junctions)] as $built) {
            foreach ($built->faults as $fault) {
                $findings[] = Finding::settle("edges.$fault->kind", $built instanceof BuiltEdge ? $built->edge->id : $built->id, [
                    'at' => $built instanceof BuiltEdge ? 'edge' : 'corner',
                    'face' => $built instanceof BuiltEdge ? $built->face : '',
                    'place' => new Term($built instanceof BuiltEdge ? "edge.{$built->edge->kind->value}" : "junction.{$built->junction->kind->value}"),
                    'piece' => new Term("layer.$fault->piece"),
                    'other' => $fault->other === null ? '' : new Term("layer.$fault->other"),
                    'lies' => $fault->other === null ? 'alone' : 'with',
                    'off' => Length::ofInches(abs($fault->at)),
                    'where' => $fault->at < 0.0 ? 'before' : 'past',
                ]);
            }
        }

        return $findings;
    }
}
