<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Openings\PieceRole;

/** Where water gets behind the pieces of an opening. */
final readonly class LapFault
{
    /**
     * @param  PieceRole  $piece  it runs off
     * @param  PieceRole|null  $over  what lies over that there; null = nothing does
     * @param  float  $x  where, across the opening from its left side, `$y` up from its low side; inches
     */
    public function __construct(public PieceRole $piece, public ?PieceRole $over, public float $x, public float $y)
    {
    }
}
