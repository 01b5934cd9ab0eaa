<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Ground\Geometry\Region;

/** One piece of metal in a strip; face coordinates, inches, sides tagged with the numbers of the face's sides. */
final readonly class StripPiece
{
    /**
     * @param  Region  $metal  what it covers, hems apart
     * @param  Region  $sheet  the same with its hems laid flat, as wide as the formed metal, legs and laps included
     * @param  bool  $cutLeft  ripped or trimmed along its left side; `$cutRight` along its right one
     * @param  float|null  $rip  width where it is cut lengthwise
     */
    public function __construct(public Region $metal, public Region $sheet, public bool $cutLeft, public bool $cutRight, public ?float $rip)
    {
    }
}
