<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal\Junctions;

use Imbrex\Core\Builds\BuildsStage;
use Imbrex\Core\Edges\Internal\WaterFault;
use Imbrex\Core\Edges\Junctions\BuiltJunction;
use Imbrex\Core\Edges\Junctions\JunctionBook;
use Imbrex\Core\Edges\Junctions\JunctionKind;
use Imbrex\Core\Edges\Junctions\JunctionRun;
use Imbrex\Core\Edges\Junctions\MeetingPoints;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;

/** Finds where edges of the roof end in one point, and which junction stands there. */
final readonly class JunctionFinder
{
    public function __construct(private Roof $roof)
    {
    }

    /**
     * @param  array<string, list<string>>  $orders  of pieces somebody changed, by id of the junction
     * @return array<string, BuiltJunction> by id
     */
    public function find(array $orders): array
    {
        $found = [];
        $known = [];
        foreach (MeetingPoints::of($this->roof) as [$at, $edges]) {
            $kind = JunctionKind::of(array_map(static fn (Edge $edge): EdgeKind => $edge->kind, $edges), $this->turnsIn($at, $edges));
            if ($kind === null) {
                continue;
            }
            $ids = array_map(static fn (Edge $edge): string => $edge->id, $edges);
            sort($ids);
            // Short enough for an address, and the same as long as the same edges meet there.
            $id = $kind->value.'.'.hash('xxh32', implode('+', $ids));
            $order = $orders[$id] ?? null;
            $junction = $order === null ? JunctionBook::of($kind) : JunctionBook::of($kind)->inOrder($order);
            // As they ship they shed: that is judged once, by the tests, and not in every plan. Those that are built alike shed alike.
            /** @var list<WaterFault> $faults */
            $faults = $order === null ? [] : $known[$kind->value.implode(' ', $order)] ??= JunctionRun::faults($junction);
            $found[$id] ??= new BuiltJunction(
                id: $id,
                edges: $ids,
                at: $at,
                junction: $junction,
                isAdapted: $order !== null,
                faults: $faults,
                rise: $this->rise($edges),
            );
        }

        return $found;
    }

    /** @param  list<Edge>  $edges */
    private function rise(array $edges): float
    {
        $rises = array_map(fn (Edge $edge): float => BuildsStage::rise($this->roof, $edge), $edges);

        return min([INF, ...$rises]) / 12.0;
    }

    /**
     * Whether a face that ends at two walls there lies in their corner, and not round it.
     *
     * @param  list<Edge>  $edges
     */
    private function turnsIn(Point $at, array $edges): bool
    {
        $walls = array_filter($edges, static fn (Edge $edge): bool => $edge->kind === EdgeKind::Headwall || $edge->kind === EdgeKind::Sidewall);
        foreach ($this->roof->faces as $face) {
            if (count(array_filter($walls, static fn (Edge $edge): bool => in_array($face->id, $edge->faces, true))) > 1) {
                return $this->isConvexAt($face, $at);
            }
        }

        return false;
    }

    private function isConvexAt(Face $face, Point $at): bool
    {
        $point = $face->frame?->toDeck($at);
        foreach ($face->region()->loops() as $loop) {
            foreach (array_keys($loop->corners) as $i) {
                $corner = $loop->corner($i);
                if ($point !== null && $corner->distanceTo($point) < MeetingPoints::NEAR) {
                    [$before, $after] = [$loop->corner($i + count($loop->corners) - 1), $loop->corner($i + 1)];

                    // Metal lies to the left of every loop: it turns left round a corner it lies in.
                    return ($corner->u - $before->u) * ($after->v - $corner->v) - ($corner->v - $before->v) * ($after->u - $corner->u) > 0.0;
                }
            }
        }

        return false;
    }
}
