<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey;

use Imbrex\Core\Ground\Rules\RuleSet;

/** Where a reading came from; sources differ in how far they are trusted. */
enum Source: string
{
    case Tape = 'tape';
    case Laser = 'laser';
    case Count = 'count';
    case Drawing = 'drawing';
    case Report = 'report';
    case Wheel = 'wheel';

    /** Tape tolerance is given for this much of tape: ±1/8 per 50 ft. */
    private const TAPE_RUN = 600.0;

    /** Lower is better; tape and laser are taken alike. */
    public function rank(): int
    {
        return match ($this) {
            self::Tape, self::Laser => 1,
            self::Count => 2,
            self::Drawing => 3,
            self::Report => 4,
            self::Wheel => 5,
        };
    }

    /** An order is not released on figures that nobody taped. */
    public function isTaped(): bool
    {
        return $this->rank() === 1;
    }

    /**
     * How far a true reading of this length may be off, in inches, both ways.
     *
     * @param  float  $panels  that were counted: every one adds what its own cover is off by
     */
    public function tolerance(float $inches, RuleSet $rules, float $panels = 0.0): float
    {
        return match ($this) {
            self::Tape => $rules->number('survey.tapeTolerance') * max(1.0, $inches / self::TAPE_RUN),
            self::Laser => $rules->number('survey.laserTolerance'),
            self::Count => max($rules->number('survey.countTolerance'), $panels * $rules->number('survey.countPerPanel')),
            self::Drawing => $inches * $rules->number('survey.drawingTolerance') / 100.0,
            self::Report => $inches * $rules->number('survey.reportTolerance') / 100.0,
            self::Wheel => $inches * $rules->number('survey.wheelTolerance') / 100.0,
        };
    }
}
