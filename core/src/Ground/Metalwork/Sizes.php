<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Metalwork;

use Closure;

/** What the layers of a section are placed by, in inches. */
final readonly class Sizes
{
    /** Steeper (degrees) than this nothing is capped. */
    private const STEEPEST = 76.0;

    /**
     * @param  float  $past  the panel's offset past the roof line; negative = held back. At a pitch change the upper roof's
     * @param  float  $back  how far the lower roof's panel is held back from a pitch change
     * @param  float  $hem  folded or turned up besides
     * @param  float  $rib  height of the seam or rib
     * @param  float  $cleat  flange of an offset cleat, behind its nose
     * @param  float  $line  where what is hooked or closed ends, square to the edge from the roof line: the far side of a ridge's zees, the uphill side of a valley's cleat
     * @param  float  $slope  degrees the first face falls square to the edge
     * @param  float  $other  degrees the second does
     */
    public function __construct(public float $past, public float $back, public float $hem, public float $rib, public float $cleat, public float $line = 0.0, public float $slope = 0.0, public float $other = 0.0)
    {
    }

    public function lined(float $line): self
    {
        return new self(past: $this->past, back: $this->back, hem: $this->hem, rib: $this->rib, cleat: $this->cleat, line: $line, slope: $this->slope, other: $this->other);
    }

    /**
     * What a leg that lies on the seams loses to their height at a ridge, inches down the slope: the two sides meet above the roof line.
     * Source: a leg of L on seams h high covers L − h·tan of the slope.
     *
     * @param  bool  $isFar  on the second face
     */
    public function lost(bool $isFar = false): float
    {
        return $this->rib * tan(deg2rad(min(self::STEEPEST, max(0.0, $isFar ? $this->other : $this->slope))));
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
