<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal\Fit;

use Imbrex\Core\Cutting\Fit\LineFit;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\SideFinder;

/** A face with the sides at fitted edges laid on their fitted lines, up to where they meet their neighbours. */
final readonly class FaceFitter
{
    /** Sine of six degrees: two sides that run on so nearly straight do not tell where they meet. */
    private const NEARLY_STRAIGHT = 0.1;

    public function __construct(private SideFinder $finder)
    {
    }

    /**
     * @param  Face  $face  as drawn
     * @param  array<string, LineFit>  $lines  by edge
     * @return Face|null null where the lines leave no such face: a side of it would be turned round
     */
    public function fitted(Face $face, array $lines): ?Face
    {
        $loops = [];
        foreach ($face->region()->loops() as $number => $outline) {
            $loop = $this->loop($face, $number, $outline, $lines);
            if ($loop === null) {
                return null;
            }
            $loops[] = $loop;
        }

        return $face->between($loops[0], array_slice($loops, 1));
    }

    /**
     * @param  list<string>  $edges
     * @return list<int> the numbers of its sides at some edges, on from loop to loop
     */
    public function tags(Face $face, array $edges): array
    {
        $tags = [];
        $first = 0;
        foreach ($face->region()->loops() as $number => $outline) {
            foreach (array_keys($outline->corners) as $side) {
                if (in_array($this->finder->edge($face, $number, $side)?->id, $edges, true)) {
                    $tags[] = $first + $side;
                }
            }
            $first += count($outline->corners);
        }

        return $tags;
    }

    /** @param  array<string, LineFit>  $lines */
    private function loop(Face $face, int $number, Polygon $outline, array $lines): ?Polygon
    {
        $own = [];
        foreach ($outline->corners as $side => $corner) {
            $edge = $this->finder->edge($face, $number, $side);
            // A face without a frame lies at no edge.
            $own[] = $edge === null || $face->frame === null || ! isset($lines[$edge->id]) ? null : $lines[$edge->id]->on($face->frame);
        }
        if (array_filter($own) === []) {
            return $outline;
        }
        $n = count($own);
        $corners = [];
        foreach ($outline->corners as $i => $corner) {
            [$before, $after] = [$own[($i + $n - 1) % $n], $own[$i]];
            $corners[] = $before === null && $after === null ? $corner : $this->meet(
                $before ?? [$outline->corner($i + $n - 1), $corner],
                $after ?? [$corner, $outline->corner($i + 1)],
                $corner,
                $after !== null,
            );
        }
        $fitted = $outline->withCorners($corners);

        return $this->runsAsBefore($outline, $fitted) ? $fitted : null;
    }

    /**
     * @param  array{Point, Point}  $before
     * @param  array{Point, Point}  $after
     */
    private function meet(array $before, array $after, Point $corner, bool $onAfter): Point
    {
        [$du, $dv] = [$before[1]->u - $before[0]->u, $before[1]->v - $before[0]->v];
        [$eu, $ev] = [$after[1]->u - $after[0]->u, $after[1]->v - $after[0]->v];
        $cross = $du * $ev - $dv * $eu;
        if (abs($cross) < self::NEARLY_STRAIGHT * hypot($du, $dv) * hypot($eu, $ev)) {
            return $this->across($corner, $onAfter ? $after : $before);
        }
        $share = (($after[0]->u - $before[0]->u) * $ev - ($after[0]->v - $before[0]->v) * $eu) / $cross;

        return new Point($before[0]->u + $share * $du, $before[0]->v + $share * $dv);
    }

    /**
     * The place on a line nearest to a corner.
     *
     * @param  array{Point, Point}  $line
     */
    private function across(Point $corner, array $line): Point
    {
        [$du, $dv] = [$line[1]->u - $line[0]->u, $line[1]->v - $line[0]->v];
        $share = (($corner->u - $line[0]->u) * $du + ($corner->v - $line[0]->v) * $dv) / ($du * $du + $dv * $dv);

        return new Point($line[0]->u + $share * $du, $line[0]->v + $share * $dv);
    }

    private function runsAsBefore(Polygon $drawn, Polygon $fitted): bool
    {
        foreach ($drawn->corners as $i => $from) {
            [$to, $a, $b] = [$drawn->corner($i + 1), $fitted->corner($i), $fitted->corner($i + 1)];
            if (($to->u - $from->u) * ($b->u - $a->u) + ($to->v - $from->v) * ($b->v - $a->v) <= 0.0) {
                return false;
            }
        }

        return true;
    }
}
