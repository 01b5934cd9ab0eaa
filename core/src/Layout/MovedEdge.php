<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Tolerance;

/** One side of a moved face: its kind, what its detail asks, and where it runs; counter-clockwise, inches. */
final readonly class MovedEdge
{
    /**
     * @param  int  $loop  of the face the side belongs to, `$side` which of its sides; a loop beyond the face's own is an opening's
     */
    public function __construct(
        public EdgeKind $kind,
        public EdgeAllowance $allowance,
        public Point $from,
        public Point $to,
        public int $loop = 0,
        public int $side = 0,
    ) {
    }

    /** Whether metal lies to its right looking up-slope: a counter-clockwise side that runs down. */
    public function isLeftSide(): bool
    {
        return $this->to->v < $this->from->v;
    }

    public function holds(Point $point): bool
    {
        $length = $this->from->distanceTo($this->to);

        return abs($this->from->distanceTo($point) + $point->distanceTo($this->to) - $length) < Tolerance::ON_LINE;
    }
}
