<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

/** What the person decided for one face. */
final readonly class LayoutChoice
{
    /**
     * @param  bool|null  $fromLeft  one end: which rake gets the full panel; null = the one the panel's hand starts at
     * @param  float|null  $at  control point: u of the stated place, inches; null = the middle. Found: u of a seam where the search once put it; null = where it puts it now
     * @param  bool  $asSeam  control point: a seam there, or a pan's centre
     * @param  float  $nudge  inches the whole grid is moved to the right after the start has placed it
     */
    public function __construct(
        public StartKind $start = StartKind::Balanced,
        public ?bool $fromLeft = null,
        public ?float $at = null,
        public bool $asSeam = true,
        public float $nudge = 0.0,
        public bool $pinned = false,
    ) {
    }

    /** Whether nothing is decided but that the search decides. */
    public function isLeftToFinder(): bool
    {
        return $this->start === StartKind::Found && $this->at === null;
    }
}
