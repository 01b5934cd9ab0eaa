<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;

/** Where a drawn point lies on the deck of an outline: u along its eave from its first corner, v up the slope, inches. */
final readonly class DeckFrame
{
    private Point $origin;

    private Point $along;

    /** @param  float  $slopeFactor  1 where true faces are drawn */
    public function __construct(Polygon $outline, int $eave, private float $slopeFactor)
    {
        [$this->origin, $to] = [$outline->corner($eave), $outline->corner($eave + 1)];
        $long = $this->origin->distanceTo($to);
        $this->along = new Point(($to->u - $this->origin->u) / $long, ($to->v - $this->origin->v) / $long);
    }

    /** @return array{float, float} */
    public function of(Point $at): array
    {
        [$du, $dv] = [$at->u - $this->origin->u, $at->v - $this->origin->v];

        // Nothing is written as -0.
        return [round($du * $this->along->u + $dv * $this->along->v, 6) + 0.0, round(($dv * $this->along->u - $du * $this->along->v) * $this->slopeFactor, 6) + 0.0];
    }
}
