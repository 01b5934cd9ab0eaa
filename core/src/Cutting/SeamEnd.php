<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

/** What is cut of one leg at the eave; inches up from the sheet's end. */
final readonly class SeamEnd
{
    /**
     * @param  float  $back  the seam is cut off so far
     * @param  float  $tab  beyond that a tab of this length is left to be folded; 0 where there is none
     * @param  float  $radius  or the leg is rounded by this; 0 where it is cut square
     */
    public function __construct(public float $back, public float $tab = 0.0, public float $radius = 0.0)
    {
    }
}
