<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** A plane over the plan: its height (in) at any point, rising by the gradient (inches of rise for one of run). */
final readonly class SlopePlane
{
    /** Two planes whose heights differ by less (in) over a whole roof are one. */
    public const SAME_HEIGHT = 1e-3;

    /** @param  float  $east  gradient along u of the plan; `$north` along v */
    public function __construct(public float $height, public float $east, public float $north)
    {
    }

    public function at(Point $plan): float
    {
        return $this->height + $this->east * $plan->u + $this->north * $plan->v;
    }

    public function steepness(): float
    {
        return hypot($this->east, $this->north);
    }

    /** Length up the slope for one inch of plan run. */
    public function slopeFactor(): float
    {
        return sqrt(1.0 + $this->steepness() ** 2);
    }

    /** Where this plane is higher than another. */
    public function above(self $other): HalfPlane
    {
        return new HalfPlane($this->east - $other->east, $this->north - $other->north, $this->height - $other->height);
    }

    /**
     * How far (in) this plane lies above another that runs alongside it; null where they cross or lean apart. Two
     * planes that nearly run alongside would otherwise meet in a line that is nowhere in particular.
     */
    public function parallelRoom(self $other, Polygon $plan): ?float
    {
        $rooms = array_map(fn (Point $corner): float => $this->at($corner) - $other->at($corner), $plan->corners);
        $least = min($rooms ?: [0.0]);
        $most = max($rooms ?: [0.0]);

        return $most - $least > self::SAME_HEIGHT ? null : ($least + $most) / 2.0;
    }

    /** Whether both have the same height at every corner. */
    public function sameOver(self $other, Polygon $plan): bool
    {
        foreach ($plan->corners as $corner) {
            if (abs($this->at($corner) - $other->at($corner)) > self::SAME_HEIGHT) {
                return false;
            }
        }

        return true;
    }

    /**
     * The angle between two planes as a trim is bent to it: 180 in one flat, less the more they lean to each other.
     * Normals are (-east, -north, 1).
     */
    public function dihedralDegrees(self $other): float
    {
        $dot = ($this->east * $other->east + $this->north * $other->north + 1.0) / ($this->slopeFactor() * $other->slopeFactor());

        return 180.0 - rad2deg(acos(max(-1.0, min(1.0, $dot))));
    }
}
