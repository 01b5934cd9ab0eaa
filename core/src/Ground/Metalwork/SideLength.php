<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

/** One length along a side of a card: from and to, inches up from B. */
final readonly class SideLength
{
    /** @param  bool  $inside  measured at the inside of the leg, not at the sheet's own edge */
    public function __construct(public float $from, public float $to, public bool $inside)
    {
    }
}
