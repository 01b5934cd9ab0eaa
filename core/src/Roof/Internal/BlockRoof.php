<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof\Internal;

use Imbrex\Core\Ground\Geometry\ConvexCutter;
use Imbrex\Core\Ground\Geometry\HalfPlane;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\SlopePlane;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\Side;

/** The roof of one block standing alone: at each point the lowest of its planes. Plan frame. */
final readonly class BlockRoof
{
    /**
     * @param  array<string, SlopePlane>  $planes  by side
     * @param  array<string, Polygon>  $faces  convex, by side; planes that are nowhere the lowest have none
     * @param  list<HalfPlane>  $insideFootprint  of the sides in order, counter-clockwise from the south
     * @param  array<string, HalfPlane>  $insideWalls  by side
     */
    private function __construct(
        public Block $block,
        public array $planes,
        public array $faces,
        public Polygon $footprint,
        public array $insideFootprint,
        public array $insideWalls,
    ) {
    }

    public static function of(Block $block): self
    {
        $cutter = new ConvexCutter;
        $footprint = $block->footprint();
        $planes = $block->planes();
        $faces = [];
        foreach ($planes as $side => $plane) {
            $lowest = [];
            foreach ($planes as $other => $above) {
                if ($other !== $side) {
                    $lowest[] = $above->above($plane);
                }
            }
            $face = $cutter->within($footprint, $lowest);
            if ($face !== null) {
                $faces[$side] = $face;
            }
        }
        $edges = [];
        $walls = [];
        foreach (Side::cases() as $i => $side) {
            $edges[] = HalfPlane::leftOf($footprint->corner($i), $footprint->corner($i + 1));
            $walls[$side->value] = $block->insideWall($side);
        }

        return new self($block, $planes, $faces, $footprint, $edges, $walls);
    }

    /** Height (in) of the roof, anywhere inside the footprint. */
    public function at(Point $plan): float
    {
        $lowest = INF;
        foreach ($this->planes as $plane) {
            $lowest = min($lowest, $plane->at($plan));
        }

        return $lowest;
    }

    public function covers(Point $plan): bool
    {
        return $this->inside($this->insideFootprint, $plan);
    }

    public function hasWithinWalls(Point $plan): bool
    {
        return $this->inside($this->insideWalls, $plan);
    }

    /** @param  array<HalfPlane>  $halves */
    private function inside(array $halves, Point $plan): bool
    {
        foreach ($halves as $half) {
            if ($half->at($plan) < 0.0) {
                return false;
            }
        }

        return true;
    }
}
