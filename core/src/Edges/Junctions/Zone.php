<?php

declare(strict_types=1);

namespace Imbrex\Core\Edges\Junctions;

use Imbrex\Core\Ground\Geometry\Polygon;

/** A part of a junction's sheet where water runs one way. */
final readonly class Zone
{
    /**
     * @param  Polygon  $area  of the sheet, inches
     * @param  float  $x  which way water runs, with `$y` of length one; 0, 0 = not at all
     * @param  bool  $isFree  what ends there drips clear
     */
    public function __construct(public Polygon $area, public float $x, public float $y, public bool $isFree = false)
    {
    }
}
