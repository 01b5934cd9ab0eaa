<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

/** Turns the sides of all faces into edges: a side two faces share becomes one edge that knows both. */
final class EdgeList
{
    /** @var array<int, true> */
    private array $dropped = [];

    /** @var array<string, int> */
    private array $counts = [];

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
                if ($edge !== null) {
                    $edges[] = $edge;
                }
            }
        }

        return $edges;
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
            $this->id($side->kind->value, $ids),
            $side->kind,
            $ids,
            $from,
            $to,
            $plane->at($from),
            $plane->at($to),
            $angles,
            match (true) {
                $side->other !== null => $plane->dihedralDegrees($this->faces[$side->other]->plane),
                $side->wall !== null => $typer->degreesToWall($plane, $from, $to),
                default => null,
            },
            $side->wall === null ? null : $blocks[$side->wall]->id,
        );
    }

    /** @param  list<string>  $faces */
    private function id(string $kind, array $faces): string
    {
        $id = $kind.'-'.implode('-', $faces);
        $count = $this->counts[$id] = ($this->counts[$id] ?? 0) + 1;

        return $count === 1 ? $id : "$id-$count";
    }
}
