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
     * What a leg that lies on the seams loses to their height where two sides meet, inches down the slope: lifted by it they meet above the roof line, and a leg
     * of L covers only so much less. Source: two planes lifted by h meet h·tan of half the angle between them past their own line, on both: h·tan of the slope at
     * a ridge of one pitch, of the mean of both at one of two. Against a plumb wall it is h·tan of the slope.
     */
    public function lost(): float
    {
        return $this->rib * tan(deg2rad(min(self::STEEPEST, max(0.0, ($this->slope + $this->other) / 2.0))));
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
