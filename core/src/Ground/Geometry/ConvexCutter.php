<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Cuts convex outlines by half-planes; what comes back is convex again. */
final readonly class ConvexCutter
{
    /** A corner this near a cutting line (in) lies on it; narrower pieces are not cut off. */
    private const ON_LINE = Tolerance::ON_LINE;

    /**
     * The part of a convex outline inside all half-planes, or null where nothing with an area is left.
     *
     * @param  list<HalfPlane>  $halves
     */
    public function within(Polygon $convex, array $halves): ?Polygon
    {
        $corners = $convex->corners;
        foreach ($halves as $half) {
            $corners = $this->side($corners, $half);
            if ($corners === []) {
                return null;
            }
        }

        return Polygon::sound($corners);
    }

    /**
     * A convex outline less the convex region all half-planes share, in convex pieces.
     *
     * @param  list<HalfPlane>  $halves
     * @return list<Polygon>
     */
    public function without(Polygon $convex, array $halves): array
    {
        if ($this->within($convex, $halves) === null) {
            return [$convex];
        }
        $pieces = [];
        $rest = $convex->corners;
        foreach ($halves as $half) {
            $outside = $this->side($rest, $half->turned());
            if ($outside !== []) {
                $pieces[] = Polygon::sound($outside);
            }
            $rest = $this->side($rest, $half);
        }

        return $pieces;
    }

    /**
     * @param  list<Point>  $corners
     * @return list<Point> none where no area is left
     */
    private function side(array $corners, HalfPlane $half): array
    {
        $half = $half->inInches();
        $kept = [];
        $n = count($corners);
        $inside = false;
        for ($i = 0; $i < $n; $i++) {
            $here = $corners[$i];
            $next = $corners[($i + 1) % $n];
            $d = $half->at($here);
            $e = $half->at($next);
            if ($d > -self::ON_LINE) {
                $kept[] = $here;
                $inside = $inside || $d > self::ON_LINE;
            }
            if (($d > self::ON_LINE && $e < -self::ON_LINE) || ($d < -self::ON_LINE && $e > self::ON_LINE)) {
                $share = $d / ($d - $e);
                $kept[] = new Point($here->u + $share * ($next->u - $here->u), $here->v + $share * ($next->v - $here->v));
            }
        }

        return $inside ? $kept : [];
    }
}
