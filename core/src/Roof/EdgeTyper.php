<?php

declare(strict_types=1);

namespace Imbrex\Core\Roof;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\SlopePlane;

/** Names an edge by how water runs at it. Plan frame; an edge has its face to the left. */
final readonly class EdgeTyper
{
    /** Rise per inch of run below which an edge or a fall counts as level. */
    public const LEVEL = 1e-6;

    /** An edge that leans less than this from the rib runs beside the panels, not across them. */
    private const BESIDE_DEGREES = 45.0;

    /** Where two roofs meet. */
    public function between(SlopePlane $left, SlopePlane $right, Point $from, Point $to): EdgeKind
    {
        $rises = $this->risesInto($left, $from, $to);
        $otherRises = $this->risesInto($right, $to, $from);
        $both = [min($rises, $otherRises), max($rises, $otherRises)];
        // Water that arrives from one side and leaves on the other only changes its pitch.
        if ($both[0] < -self::LEVEL && $both[1] > self::LEVEL) {
            return EdgeKind::Transition;
        }
        if ($rises + $otherRises > 0.0) {
            return EdgeKind::Valley;
        }

        return abs($this->climb($left, $from, $to)) < self::LEVEL ? EdgeKind::Ridge : EdgeKind::Hip;
    }

    /** Where a roof ends in the open. */
    public function open(SlopePlane $plane, Point $from, Point $to): EdgeKind
    {
        if ($this->degreesToRib($plane, $from, $to) < self::BESIDE_DEGREES) {
            return EdgeKind::Rake;
        }

        return $this->risesInto($plane, $from, $to) > 0.0 ? EdgeKind::Eave : EdgeKind::Peak;
    }

    /** Where a roof ends against a wall. */
    public function wall(SlopePlane $plane, Point $from, Point $to): EdgeKind
    {
        return $this->degreesToRib($plane, $from, $to) < self::BESIDE_DEGREES ? EdgeKind::Sidewall : EdgeKind::Headwall;
    }

    /** Whether water runs towards the edge. */
    public function drainsTo(SlopePlane $plane, Point $from, Point $to): bool
    {
        return $this->risesInto($plane, $from, $to) > self::LEVEL;
    }

    /** Angle on the deck between the rib, which runs straight up the slope, and an edge: 0 to 90. */
    public function degreesToRib(SlopePlane $plane, Point $from, Point $to): float
    {
        $steepness = $plane->steepness();
        [$east, $north] = [$to->u - $from->u, $to->v - $from->v];
        $along = ($east * $plane->east + $north * $plane->north) / $steepness * $plane->slopeFactor();
        $across = ($east * $plane->north - $north * $plane->east) / $steepness;

        return rad2deg(atan2(abs($across), abs($along)));
    }

    /** The same for an edge given on the deck. */
    public function onDeckDegreesToRib(Point $from, Point $to): float
    {
        return rad2deg(atan2(abs($to->u - $from->u), abs($to->v - $from->v)));
    }

    /** The angle between a face and a wall along its edge, measured where the weather is: over 90 below a headwall. */
    public function degreesToWall(SlopePlane $plane, Point $from, Point $to): float
    {
        // The wall's normal is level and points into the face; the face's is (-east, -north, 1).
        return 90.0 - rad2deg(asin($this->risesInto($plane, $from, $to) / $plane->slopeFactor()));
    }

    /** Rise per inch square from the edge into the face on its left. */
    private function risesInto(SlopePlane $plane, Point $from, Point $to): float
    {
        $length = $from->distanceTo($to);

        return (-($to->v - $from->v) * $plane->east + ($to->u - $from->u) * $plane->north) / $length;
    }

    /** Rise per inch of plan along the edge. */
    private function climb(SlopePlane $plane, Point $from, Point $to): float
    {
        return (($to->u - $from->u) * $plane->east + ($to->v - $from->v) * $plane->north) / $from->distanceTo($to);
    }
}
