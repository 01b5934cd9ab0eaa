<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\EdgeTyper;

/** Turns the sides of all faces into edges: a side two faces share becomes one edge that knows both. */
final class EdgeList
{
    /** @var array<int, true> */
    private array $dropped = [];

    /** @param  list<PlanFace>  $faces */
    public function __construct(private readonly array $faces, private readonly EdgeFinder $finder)
    {
    }

    /** Leaves a face out; edges it shares stay with the other face. */
    public function drop(int $face): void
    {
        $this->dropped[$face] = true;
    }

    /**
     * @param  list<list<list<SideRun>>>  $sides
     * @param  list<Block>  $blocks
     * @return list<Edge>
     */
    public function of(array $sides, array $blocks): array
    {
        $edges = [];
        $done = [];
        foreach ($sides as $face => $loops) {
            foreach (array_merge(...$loops) as $side) {
                $key = "$side->from>$side->to:$side->other.$face";
                if (isset($done[$key])) {
                    continue;
                }
                if ($side->other !== null && ! $side->lands) {
                    $done["$side->to>$side->from:$face.$side->other"] = true;
                }
                $edge = $this->edge($face, $side, $blocks);
                if ($edge === null) {
                    continue;
                }
                $edges = $this->put($edges, $edge);
            }
        }

        return $this->named($edges);
    }

    /**
     * Adds an edge, or lengthens the one between the same two faces that it goes straight on from: where a roof
     * lands on another's overhang a valley is found in two parts.
     *
     * @param  list<Edge>  $edges
     * @return list<Edge>
     */
    private function put(array $edges, Edge $edge): array
    {
        $joined = false;
        $next = [];
        foreach ($edges as $before) {
            $goesOn = ! $joined && $before->kind === $edge->kind && count($edge->faces) === 2 && array_diff($before->faces, $edge->faces) === [] && $before->meetsInLine($edge);
            $next[] = $goesOn ? $before->joined($edge) : $before;
            $joined = $joined || $goesOn;
        }

        return $joined ? $next : [...$edges, $edge];
    }

    /**
     * @param  list<Edge>  $edges
     * @return list<Edge>
     */
    private function named(array $edges): array
    {
        $counts = [];

        return array_map(static function (Edge $edge) use (&$counts): Edge {
            $id = $edge->kind->value.'-'.implode('-', $edge->faces);
            $count = $counts[$id] = ($counts[$id] ?? 0) + 1;

            return $edge->renamed($count === 1 ? $id : "$id-$count");
        }, $edges);
    }

    /** @param  list<Block>  $blocks */
    private function edge(int $face, SideRun $side, array $blocks): ?Edge
    {
        $numbers = array_values(array_filter([$face, $side->other], fn (?int $f): bool => $f !== null && ! isset($this->dropped[$f])));
        if ($numbers === [] || ($numbers === [$side->other] && $side->lands)) {
            return null;
        }
        [$from, $to] = [$this->finder->corner($side->from), $this->finder->corner($side->to)];
        $plane = $this->faces[$face]->plane;
        $typer = new EdgeTyper;
        $angles = [];
        $ids = [];
        foreach ($numbers as $number) {
            $ids[] = $this->faces[$number]->id;
            $angles[$this->faces[$number]->id] = $typer->degreesToRib($this->faces[$number]->plane, $from, $to);
        }

        return new Edge(
            id: '',
            kind: $side->kind,
            faces: $ids,
            from: $from,
            to: $to,
            fromHeight: $plane->at($from),
            toHeight: $plane->at($to),
            angleToRibDegrees: $angles,
            dihedralDegrees: match (true) {
                $side->other !== null => $plane->dihedralDegrees($this->faces[$side->other]->plane),
                $side->wall !== null => $typer->degreesToWall($plane, $from, $to),
                default => null,
            },
            wall: $side->wall === null ? null : $blocks[$side->wall]->id,
        );
    }
}
