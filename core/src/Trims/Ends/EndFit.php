<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims\Ends;

/** What the first end of a kind taught when it was tried: how much longer the next are cut. */
final readonly class EndFit
{
    /**
     * @param  float  $low  inches longer at the low edge of the flat, less than nothing shorter; `$high` at its high edge
     * @param  list<string>  $but  ends that were cut before: id of the run, `.low` or `.high`
     */
    public function __construct(public float $low, public float $high, public array $but = [])
    {
    }

    /** How much longer it is somewhere across the flat, inches: between its edges in proportion. */
    public function at(float $across, float $girth): float
    {
        return $this->low + ($this->high - $this->low) * $across / max(1e-9, $girth);
    }
}
