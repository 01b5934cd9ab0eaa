<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges;

use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Term;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\StageResult;

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
        return [...$this->water(), ...$this->contact()];
    }

    /** @return list<Finding> */
    private function water(): array
    {
        $findings = [];
        foreach ([...array_values($this->edges), ...array_values($this->junctions)] as $built) {
            $isEdge = $built instanceof BuiltEdge;
            $named = static fn (string $key): Term|string => $isEdge ? $built->named($key) : new Term("layer.$key");
            foreach ($built->faults as $fault) {
                $findings[] = Finding::settle("edges.$fault->kind", $isEdge ? $built->edge->id : $built->id, [
                    'at' => $isEdge ? 'edge' : 'corner',
                    'face' => $isEdge ? $built->face : '',
                    'place' => new Term($isEdge ? "edge.{$built->edge->kind->value}" : "junction.{$built->junction->kind->value}"),
                    'piece' => $named($fault->piece),
                    'other' => $fault->other === null ? '' : $named($fault->other),
                    'lies' => $fault->other === null ? 'alone' : 'with',
                    'off' => Length::ofInches(abs($fault->at)),
                    'where' => $fault->at < 0.0 ? 'before' : 'past',
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> what eats each other, told once for all edges where it does */
    private function contact(): array
    {
        $findings = $edges = [];
        foreach ($this->edges as $built) {
            foreach ($built->contact as $fault) {
                $edges[$fault->name()] = ($edges[$fault->name()] ?? 0) + 1;
                $findings[$fault->name()] = Finding::settle("edges.contact-$fault->kind", $edges[$fault->name()] > 1 ? $findings[$fault->name()]->where : $built->edge->id, [
                    'piece' => $built->named($fault->piece),
                    'other' => $fault->other === null ? '' : $built->named($fault->other),
                    'metal' => new Term("material.$fault->metal"),
                    'otherMetal' => $fault->otherMetal === null ? '' : new Term("material.$fault->otherMetal"),
                    'edges' => $edges[$fault->name()],
                ]);
            }
        }

        return array_values($findings);
    }
}
