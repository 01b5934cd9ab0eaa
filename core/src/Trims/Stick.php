<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

/** One stick and what is cut from it. */
final readonly class Stick
{
    /**
     * @param  float  $stock  its length, inches
     * @param  non-empty-list<TrimPiece>  $pieces  in the order they are cut, from one end
     * @param  float  $offcut  what is left at the other, inches
     */
    public function __construct(public float $stock, public array $pieces, public float $offcut)
    {
    }
}
