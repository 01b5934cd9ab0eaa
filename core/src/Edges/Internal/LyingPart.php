<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Internal;

/** How one layer lies on one straight stretch of a section's path. */
final readonly class LyingPart
{
    /**
     * @param  int  $segment  of the path
     * @param  float  $from  inches along the path, which may lie past the segment's ends
     * @param  float  $off  the layer's underside, inches off the path to the water side
     * @param  float  $top  where what comes later lies
     */
    public function __construct(public int $segment, public float $from, public float $to, public float $off, public float $top)
    {
    }
}
