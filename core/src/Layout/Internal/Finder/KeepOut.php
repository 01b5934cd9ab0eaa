<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

/** A stretch along the eave that no seam should run up through, inches of the face. */
final readonly class KeepOut
{
    /**
     * @param  string  $what  beside: the side or corner of a curb · pipe: the flat a boot wants · valley-point · wall: a wall or a rake within the face · tip: what is left outside is too small to hold
     * @param  float  $at  u of the thing itself
     * @param  float  $wants  inches it wants clear
     */
    public function __construct(public string $what, public string $name, public float $left, public float $right, public float $at, public float $wants)
    {
    }
}
