<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Geometry\Point;

/** Finds the roof's edge that a side of a face lies at. */
final readonly class SideFinder
{
    /** A side this near (in) to an edge lies at it: measured planes may not close to a hair. */
    private const NEAR = 0.6;

    /** @var array<string, list<Edge>> by id of a face that ends there */
    private array $edges;

    public function __construct(Roof $roof)
    {
        $edges = [];
        foreach ($roof->edges as $edge) {
            foreach ($edge->faces as $face) {
                $edges[$face][] = $edge;
            }
        }
        $this->edges = $edges;
    }

    /** @param  int  $loop  of the face (0 = outline), `$side` of the loop */
    public function edge(Face $face, int $loop, int $side): ?Edge
    {
        $outline = $face->region()->loops()[$loop] ?? null;
        if ($outline === null || $face->frame === null) {
            return null;
        }
        $kind = $face->edgesOfLoop($loop)[$side] ?? null;
        [$a, $b] = [$outline->corner($side), $outline->corner($side + 1)];
        $middle = new Point(($a->u + $b->u) / 2.0, ($a->v + $b->v) / 2.0);
        $best = null;
        $nearest = self::NEAR;
        foreach ([...$this->edges[$face->id] ?? [], ...$this->edges[$face->within ?? ''] ?? []] as $edge) {
            if ($edge->kind !== $kind) {
                continue;
            }
            $off = $middle->distanceToLine($face->frame->toDeck($edge->from), $face->frame->toDeck($edge->to));
            if ($off < $nearest) {
                [$best, $nearest] = [$edge, $off];
            }
        }

        return $best;
    }
}
