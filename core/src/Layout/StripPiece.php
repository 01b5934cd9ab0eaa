<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Region;

/** One piece of metal in a strip; face coordinates, inches, sides tagged with the numbers of the face's sides. */
final readonly class StripPiece
{
    /**
     * @param  Region  $metal  what it covers, hems apart
     * @param  Region  $sheet  the same with its hems laid flat, as wide as the formed metal, legs and laps included
     * @param  Polygon  $blank  the same without legs and laps
     * @param  bool  $cutLeft  ripped or trimmed along its left side; `$cutRight` along its right one
     * @param  float|null  $rip  width where it is cut lengthwise
     * @param  bool  $isAgain  whether the strip before it has the same piece at the same turn, but for where it lies
     */
    public function __construct(public Region $metal, public Region $sheet, public Polygon $blank, public bool $cutLeft, public bool $cutRight, public ?float $rip, public bool $isAgain = false)
    {
    }

    /** The same piece in the next strip. */
    public function led(Region $metal, Region $sheet, Polygon $blank): self
    {
        return new self(
            metal: $metal,
            sheet: $sheet,
            blank: $blank,
            cutLeft: $this->cutLeft,
            cutRight: $this->cutRight,
            rip: $this->rip,
            isAgain: true,
        );
    }
}
