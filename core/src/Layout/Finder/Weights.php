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
        return new self($this->narrowRip, $this->keepOut, self::DEARER_THAN_ANYTHING, $this->panel, $this->metal, $this->cut, $this->uneven, $this->odd);
    }

    public static function by(RuleSet $rules): self
    {
        return new self(
            $rules->number('finder.narrowRip'),
            $rules->number('finder.keepOut'),
            $rules->number('finder.unmatchedSeam'),
            $rules->number('finder.panel'),
            $rules->number('finder.metal'),
            $rules->number('finder.cut'),
            $rules->number('finder.unevenEnds'),
            $rules->number('finder.oddStart'),
        );
    }
}
