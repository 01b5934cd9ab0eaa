<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/** The slope of a roof plane: rise in 12 of run. */
final readonly class Pitch
{
    private function __construct(public float $riseIn12)
    {
    }

    public static function ofRise(float $riseIn12): self
    {
        return new self($riseIn12);
    }

    public static function ofDegrees(float $degrees): self
    {
        return new self(12.0 * tan(deg2rad($degrees)));
    }

    public function degrees(): float
    {
        return rad2deg(atan2($this->riseIn12, 12.0));
    }

    /** Length up the slope for one inch of plan run: 1 / cos θ. */
    public function slopeFactor(): float
    {
        return sqrt(1.0 + ($this->riseIn12 / 12.0) ** 2);
    }

    /** Length of a hip or valley between equal pitches at a square corner, for one inch of common run. */
    public function hipFactor(): float
    {
        return sqrt(2.0 + ($this->riseIn12 / 12.0) ** 2);
    }

    /** Angle on the deck between rib and hip or valley, equal pitches at a square corner: atan(cos θ). */
    public function ribToValleyDegrees(): float
    {
        return rad2deg(atan(1.0 / $this->slopeFactor()));
    }

    /** How far an angled end climbs over one cover, in inches along the rib: cover / cos θ. */
    public function stepOver(float $cover): float
    {
        return $cover * $this->slopeFactor();
    }
}
