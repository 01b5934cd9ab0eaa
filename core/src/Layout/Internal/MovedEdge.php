<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Layout\FaceSide;

/** A stretch of metal's end at one side of a face; counter-clockwise, inches. */
final readonly class MovedEdge
{
    public function __construct(public FaceSide $side, public Point $from, public Point $to)
    {
    }

    /** Whether metal lies to its right looking up-slope: a counter-clockwise side that runs down. */
    public function isLeftSide(): bool
    {
        return $this->to->v < $this->from->v;
    }

    public function left(): float
    {
        return min($this->from->u, $this->to->u);
    }

    public function right(): float
    {
        return max($this->from->u, $this->to->u);
    }
}
