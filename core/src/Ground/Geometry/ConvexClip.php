<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Geometry;

/** Cuts an outline by a convex one, to be drawn: where it comes apart, its parts hang together by a line. */
final class ConvexClip
{
    /** Square inches that are nothing. */
    private const NOTHING = 1e-6;

    /**
     * @param  list<Point>  $corners
     * @param  list<Point>  $convex  against the clock
     * @return list<Point> nothing where nothing is left
     */
    public static function within(array $corners, array $convex): array
    {
        foreach ($convex as $i => $from) {
            $half = HalfPlane::leftOf($from, $convex[($i + 1) % count($convex)]);
            $kept = [];
            foreach ($corners as $j => $here) {
                $next = $corners[($j + 1) % count($corners)];
                [$a, $b] = [$half->at($here), $half->at($next)];
                if ($a >= 0.0) {
                    $kept[] = $here;
                }
                if (($a < 0.0) !== ($b < 0.0) && abs($a - $b) > 1e-12) {
                    $part = $a / ($a - $b);
                    $kept[] = new Point($here->u + $part * ($next->u - $here->u), $here->v + $part * ($next->v - $here->v));
                }
            }
            $corners = $kept;
        }
        $twice = 0.0;
        foreach ($corners as $i => $here) {
            $next = $corners[($i + 1) % count($corners)];
            $twice += $here->u * $next->v - $next->u * $here->v;
        }

        // What only touches it has no part there.
        return abs($twice) < self::NOTHING ? [] : $corners;
    }
}
