<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

/** What the person decided for one face. */
final readonly class LayoutChoice
{
    /**
     * @param  bool|null  $fromLeft  one end: which rake gets the full panel; null = the one the panel's hand starts at
     * @param  float|null  $at  control point: u of the stated place, inches; null = the middle
     * @param  bool  $asSeam  control point: a seam there, or a pan's centre
     * @param  float  $nudge  inches the whole grid is moved to the right after the school has placed it
     */
    public function __construct(
        public SchoolKind $school = SchoolKind::Balanced,
        public ?bool $fromLeft = null,
        public ?float $at = null,
        public bool $asSeam = true,
        public float $nudge = 0.0,
        public bool $pinned = false,
    ) {
    }

    /** The same decision with another school and no nudge: what the cards compare. */
    public function with(SchoolKind $school, ?bool $fromLeft = null): self
    {
        return new self($school, $fromLeft, $this->at, $this->asSeam, 0.0, false);
    }

    public function nudged(float $inches): self
    {
        return new self($this->school, $this->fromLeft, $this->at, $this->asSeam, $inches, $this->pinned);
    }
}
