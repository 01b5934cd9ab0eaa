<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Internal\Ends;

use Imbrex\Core\Ground\Geometry\Point;

/** A leg or a hem of a trim: a strip of its flat, and where its two lines stand in the section. */
final readonly class FlatStrip
{
    /**
     * @param  float  $low  inches across the flat, from the edge of the low hem; `$high` the same of its other line
     * @param  Point  $from  of its low line, in the section; `$to` of its high one
     * @param  int|null  $leg  number of the leg, from 0; null of a hem
     * @param  int  $side  0, or 1 where it lies on the second face
     */
    public function __construct(public float $low, public float $high, public Point $from, public Point $to, public ?int $leg, public int $side)
    {
    }

    public function width(): float
    {
        return $this->high - $this->low;
    }
}
