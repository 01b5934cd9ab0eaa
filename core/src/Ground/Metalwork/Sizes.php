<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Closure;

/** What the layers of a section are placed by, in inches. */
final readonly class Sizes
{
    /**
     * @param  float  $past  the panel's offset past the roof line; negative = held back. At a pitch change the upper roof's
     * @param  float  $back  how far the lower roof's panel is held back from a pitch change
     * @param  float  $hem  folded or turned up besides
     * @param  float  $rib  height of the seam or rib
     * @param  float  $cleat  flange of an offset cleat, behind its nose
     */
    public function __construct(public float $past, public float $back, public float $hem, public float $rib, public float $cleat)
    {
    }

    /**
     * What a layer says of a place or a height, inches.
     *
     * @param  float|Closure(self): float  $said
     */
    public function of(float|Closure $said): float
    {
        return $said instanceof Closure ? $said($this) : $said;
    }

    /** Bare pan from the centre of a valley, or slot beside a ridge, to the panel's end, inches. */
    public function held(): float
    {
        return -$this->past;
    }
}
