<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Ground\Rules\RuleSet;

/** What each thing one would rather not have counts for, by house rule; in points. */
final readonly class Weights
{
    private const DEARER_THAN_ANYTHING = 1e6;

    public function __construct(
        public float $narrowRip,
        public float $keepOut,
        public float $unmatchedSeam,
        public float $panel,
        public float $metal,
        public float $cut,
        public float $uneven,
        public float $odd,
    ) {
    }

    /** The same with seams that miss so dear that as many meet as can, whatever else that costs. */
    public function forMeeting(): self
    {
        return new self(
            narrowRip: $this->narrowRip,
            keepOut: $this->keepOut,
            unmatchedSeam: self::DEARER_THAN_ANYTHING,
            panel: $this->panel,
            metal: $this->metal,
            cut: $this->cut,
            uneven: $this->uneven,
            odd: $this->odd,
        );
    }

    public static function by(RuleSet $rules): self
    {
        return new self(
            narrowRip: $rules->number('finder.narrowRip'),
            keepOut: $rules->number('finder.keepOut'),
            unmatchedSeam: $rules->number('finder.unmatchedSeam'),
            panel: $rules->number('finder.panel'),
            metal: $rules->number('finder.metal'),
            cut: $rules->number('finder.cut'),
            uneven: $rules->number('finder.unevenEnds'),
            odd: $rules->number('finder.oddStart'),
        );
    }
}
