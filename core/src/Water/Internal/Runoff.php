<?php

declare(strict_types=1);

namespace Imbrex\Core\Water\Internal;

use Imbrex\Core\Edges\BuiltEdge;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Roof\Edge;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\Roof\SideFinder;
use Imbrex\Core\Water\DropEnd;
use Imbrex\Core\Water\DropPath;
use Imbrex\Core\Water\DropStep;
use Imbrex\Core\Water\WaterWay;

/** Follows water: straight down its pan, along valleys, round openings, over pitch changes, off eaves and onto what lies below. */
final readonly class Runoff
{
    /** A way of more parts than this goes in a ring. */
    private const LONGEST = 60;

    /** Beyond an edge or beside an opening (in), where water is next. */
    private const BEYOND = 0.5;

    /** Half an inch on, water has fallen by no less (in). */
    private const FALLS = 0.001;

    private const OPEN = ['reversed', 'open', 'bare'];

    private SideFinder $sides;

    private RoofsBelow $below;

    private ValleyEnds $ends;

    private RoundOpening $around;

    /**
     * @param  array<string, FaceCells>  $cells  by face
     * @param  array<string, list<array{float, float, int}>>  $pans  by face: from, to and position of every strip, from the left
     * @param  array<string, BuiltEdge>  $built  by id of the edge
     * @param  array<string, mixed>  $gutters  by id of the edge that has one
     * @param  array<string, string>  $leaks  pieces that let water in, by id of the opening
     * @param  array<string, string>  $behind  openings by the edges of what is built behind them
     */
    public function __construct(private Roof $roof, private array $cells, private array $pans, private array $built, private array $gutters, private array $leaks = [], private array $behind = [])
    {
        $this->sides = new SideFinder($roof);
        $this->below = new RoofsBelow($roof);
        $this->ends = new ValleyEnds($roof);
        $this->around = new RoundOpening($cells);
    }

    /** A drop from straight above a place of the plan; null beside the roof. */
    public function fromAbove(Point $plan): ?DropPath
    {
        $on = $this->below->highest($plan, INF, null);
        foreach ($on === null ? $this->roof->faces : [] as $face) {
            // A face nobody placed is its own plan.
            $on ??= $face->frame === null && $face->region()->contains($plan) ? [$face->id, $plan->u, $plan->v] : null;
        }

        return $on === null ? null : $this->from(...$on);
    }

    /** @param  string  $face  id; the drop falls on it at u and v, inches */
    public function from(string $face, float $u, float $v): ?DropPath
    {
        $steps = [];
        while (count($steps) < self::LONGEST) {
            $cell = ($this->cells[$face] ?? null)?->at($u, $v);
            $on = $this->roof->face($face);
            if ($cell === null || $on === null) {
                break;
            }
            $foot = new Point($u, $this->foot($on, $cell, $u));
            $steps[] = new DropStep($on->isAcross() ? WaterWay::Across : WaterWay::Pan, $face, $this->pan($face, $u), new Point($u, $cell->leavesHigh ? min($v, $foot->v) : max($v, $foot->v)), $foot);
            if ($cell->opening !== null) {
                if (isset($this->leaks[$cell->opening])) {
                    $steps[] = new DropStep(WaterWay::Opening, $face, $cell->opening, $foot, $foot);

                    return new DropPath($steps, DropEnd::Entered, $cell->opening, $this->leaks[$cell->opening]);
                }
                [$round, $at] = $this->around->way($on, $cell->opening, $foot);
                $steps[] = $round;
                [$u, $v] = [$at->u, $at->v];

                continue;
            }
            $next = $this->over($on, $cell, $foot, $steps);
            if ($next instanceof DropPath) {
                return $next;
            }
            [$face, $u, $v] = $next;
        }

        return $steps === [] ? null : new DropPath($steps, DropEnd::Trapped, $steps[count($steps) - 1]->id);
    }

    /** Where the cell's foot lies under a drop, inches up the slope. */
    private function foot(Face $face, Cell $cell, float $u): float
    {
        if ($cell->opening !== null) {
            return $cell->low;
        }
        $loop = $face->region()->loops()[$cell->loop];
        [$a, $b] = [$loop->corner($cell->side), $loop->corner($cell->side + 1)];

        return abs($b->u - $a->u) < 1e-9 ? $cell->low : $a->v + ($u - $a->u) / ($b->u - $a->u) * ($b->v - $a->v);
    }

    private function pan(string $face, float $u): string
    {
        foreach ($this->pans[$face] ?? [] as [, $to, $position]) {
            if ($u <= $to) {
                return "$face-$position";
            }
        }

        return $face;
    }

    /**
     * Over the edge at a cell's foot.
     *
     * @param  list<DropStep>  $steps  so far; those it adds with them
     * @return DropPath|array{string, float, float} where it ends, or where it goes on
     */
    private function over(Face $face, Cell $cell, Point $foot, array &$steps): DropPath|array
    {
        $kind = $face->edgesOfLoop($cell->loop)[$cell->side] ?? EdgeKind::Eave;
        $edge = $this->sides->edge($face, $cell->loop, $cell->side);
        $id = $edge->id ?? "$kind->value-$face->id";
        $lap = $this->entered($edge);
        if ($lap !== null) {
            return new DropPath($steps, DropEnd::Entered, $id, $lap);
        }
        $opening = $this->behind[$id] ?? null;
        if ($opening !== null && isset($this->leaks[$opening])) {
            $steps[] = new DropStep(WaterWay::Opening, $face->id, $opening, $foot, $foot);

            return new DropPath($steps, DropEnd::Entered, $opening, $this->leaks[$opening]);
        }
        $plan = $face->frame?->toPlan($foot);
        if ($plan === null || $edge === null) {
            return $this->leaves($kind, $face, $id, $foot, $steps);
        }

        return match ($kind) {
            EdgeKind::Valley => $this->along($edge, $face, $foot, $plan, $steps),
            EdgeKind::CrossEnd => $this->aside($edge, $face, $foot, $plan, $steps),
            EdgeKind::Transition => $this->down($edge, $face, $foot, $plan, $steps),
            EdgeKind::Headwall, EdgeKind::Sidewall => $this->wall($face, $cell, $foot, $id, $steps),
            default => $this->off($kind, $face, $id, $foot, $plan, $steps),
        };
    }

    /** Key of the layer an edge lets water in behind; null where all its laps shed. */
    private function entered(?Edge $edge): ?string
    {
        foreach ($edge === null ? [] : $this->built[$edge->id]->faults ?? [] as $fault) {
            if (in_array($fault->kind, self::OPEN, true)) {
                return $fault->piece;
            }
        }

        return null;
    }

    /** @param  list<DropStep>  $steps */
    private function leaves(EdgeKind $kind, Face $face, string $id, Point $foot, array $steps): DropPath
    {
        $isEave = in_array($kind, [EdgeKind::Eave, EdgeKind::Peak], true);
        $steps[] = new DropStep($isEave ? WaterWay::Eave : WaterWay::Rake, $face->id, $id, $foot, $foot);

        $end = match (true) {
            isset($this->gutters[$id]) => DropEnd::Gutter,
            $isEave => DropEnd::Eave,
            default => DropEnd::Ground,
        };

        return new DropPath($steps, $end, $id);
    }

    /**
     * Off an eave: onto the highest roof straight below it, else to the ground.
     *
     * @param  list<DropStep>  $steps
     * @return DropPath|array{string, float, float}
     */
    private function off(EdgeKind $kind, Face $face, string $id, Point $foot, Point $plan, array &$steps): DropPath|array
    {
        if (isset($this->gutters[$id])) {
            return $this->leaves($kind, $face, $id, $foot, $steps);
        }
        $frame = $face->frame;
        $beyond = $frame === null ? $plan : new Point($plan->u - self::BEYOND * $frame->east, $plan->v - self::BEYOND * $frame->north);
        $below = $this->below->highest($beyond, ($frame?->plane->at($plan) ?? 0.0) - self::BEYOND, $face->id);
        if ($below === null) {
            return $this->leaves($kind, $face, $id, $foot, $steps);
        }
        $steps[] = new DropStep(WaterWay::Fall, $face->id, $id, $foot, $foot);

        return $below;
    }

    /**
     * Along a valley to its low end, and on into the next, onto the roof there, or off its eave.
     *
     * @param  list<DropStep>  $steps
     * @return DropPath|array{string, float, float}
     */
    private function along(Edge $edge, Face $face, Point $foot, Point $plan, array &$steps): DropPath|array
    {
        while (count($steps) < self::LONGEST) {
            [$low, $height, $high] = $this->ends->from($edge, $plan);
            $steps[] = new DropStep(WaterWay::Valley, $face->id, $edge->id, $foot, $face->frame?->toDeck($low) ?? $foot);
            $next = $this->ends->next($low, $height, $edge);
            if ($next !== null) {
                [$edge, $face] = [$next, $this->roof->face($next->faces[0]) ?? $face];
                [$foot, $plan] = [$face->frame?->toDeck($low) ?? $foot, $low];

                continue;
            }
            $long = max(1e-6, $high->distanceTo($low));
            $beyond = new Point($low->u + ($low->u - $high->u) / $long * self::BEYOND, $low->v + ($low->v - $high->v) / $long * self::BEYOND);
            // What goes on from there lies lower: a roof that rises beyond holds it.
            $below = $this->below->highest($beyond, $height - self::FALLS, null);
            if ($below !== null) {
                return $below;
            }
            $open = $this->ends->open($edge, $low);
            if ($open === null) {
                return new DropPath($steps, DropEnd::Trapped, $edge->id);
            }
            [$at, $end] = $open;

            return $this->leaves($end->kind, $at, $end->id, $at->frame?->toDeck($low) ?? $foot, $steps);
        }

        return new DropPath($steps, DropEnd::Trapped, $edge->id);
    }

    /**
     * Off the end of a panel laid sideways, over its zee, onto the panel that runs up beside it.
     *
     * @param  list<DropStep>  $steps
     * @return array{string, float, float}
     */
    private function aside(Edge $edge, Face $face, Point $foot, Point $plan, array &$steps): array
    {
        $steps[] = new DropStep(WaterWay::SideZee, $face->id, $edge->id, $foot, $foot);
        $beside = $this->roof->face($face->within ?? '')?->frame;
        $at = $beside?->toDeck($plan) ?? $foot;
        $middle = $face->frame?->toPlan($face->outline->insidePoint());
        $isLeft = $middle === null || $beside === null || $at->u < $beside->toDeck($middle)->u;

        return [$face->within ?? $face->id, $at->u + ($isLeft ? -self::BEYOND : self::BEYOND), $at->v];
    }

    /**
     * Over a pitch change onto the roof below it.
     *
     * @param  list<DropStep>  $steps
     * @return DropPath|array{string, float, float}
     */
    private function down(Edge $edge, Face $face, Point $foot, Point $plan, array &$steps): DropPath|array
    {
        $steps[] = new DropStep(WaterWay::Transition, $face->id, $edge->id, $foot, $foot);
        foreach ($edge->faces as $other) {
            $below = $other === $face->id ? null : $this->roof->face($other);
            if ($below?->frame !== null) {
                $at = $below->frame->toDeck($plan);

                return [$other, $at->u, $at->v - self::BEYOND];
            }
        }

        return $this->leaves(EdgeKind::Eave, $face, $edge->id, $foot, $steps);
    }

    /**
     * Along a wall at the foot of a leaning side, to its low end.
     *
     * @param  list<DropStep>  $steps
     * @return DropPath|array{string, float, float}
     */
    private function wall(Face $face, Cell $cell, Point $foot, string $id, array &$steps): DropPath|array
    {
        $loop = $face->region()->loops()[$cell->loop];
        [$a, $b] = [$loop->corner($cell->side), $loop->corner($cell->side + 1)];
        [$low, $high] = $a->v < $b->v ? [$a, $b] : [$b, $a];
        $steps[] = new DropStep(WaterWay::Wall, $face->id, $id, $foot, $low);
        if ($high->v - $low->v < self::BEYOND) {
            return new DropPath($steps, DropEnd::Trapped, $id);
        }

        return [$face->id, $low->u + ($low->u > $high->u ? self::BEYOND : -self::BEYOND), $low->v - self::BEYOND];
    }
}
