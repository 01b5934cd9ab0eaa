<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

/**
 * What a layout costs, part by part: counts, and the metal in square feet.
 *
 * @phpstan-type ScorePart 'narrow'|'keepOuts'|'unmatched'|'panels'|'metal'|'cuts'|'uneven'|'odd'
 */
final readonly class Score
{
    /**
     * @param  int  $narrow  rips and tips too small to hold
     * @param  int  $keepOuts  seams where none should run
     * @param  int  $uneven  faces whose two rake ends are not of one width
     * @param  int  $odd  faces that begin at no rake, middle or other place one would measure from
     * @param  int  $unmatched  seams that meet none across a ridge or a hip where they could
     */
    public function __construct(
        public int $narrow,
        public int $keepOuts,
        public int $unmatched,
        public int $panels,
        public float $squareFeet,
        public int $cuts,
        public int $uneven = 0,
        public int $odd = 0,
    ) {
    }

    public function with(self $other): self
    {
        return new self(
            narrow: $this->narrow + $other->narrow,
            keepOuts: $this->keepOuts + $other->keepOuts,
            unmatched: $this->unmatched + $other->unmatched,
            panels: $this->panels + $other->panels,
            squareFeet: $this->squareFeet + $other->squareFeet,
            cuts: $this->cuts + $other->cuts,
            uneven: $this->uneven + $other->uneven,
            odd: $this->odd + $other->odd,
        );
    }

    /** What this one has more than another, part by part; negative where it has less. */
    public function less(self $other): self
    {
        return new self(
            narrow: $this->narrow - $other->narrow,
            keepOuts: $this->keepOuts - $other->keepOuts,
            unmatched: $this->unmatched - $other->unmatched,
            panels: $this->panels - $other->panels,
            squareFeet: $this->squareFeet - $other->squareFeet,
            cuts: $this->cuts - $other->cuts,
            uneven: $this->uneven - $other->uneven,
            odd: $this->odd - $other->odd,
        );
    }

    /** @return array{narrow: float, keepOuts: float, unmatched: float, panels: float, metal: float, cuts: float, uneven: float, odd: float} points by part */
    public function points(Weights $weights): array
    {
        return [
            'narrow' => $this->narrow * $weights->narrowRip,
            'keepOuts' => $this->keepOuts * $weights->keepOut,
            'unmatched' => $this->unmatched * $weights->unmatchedSeam,
            'panels' => $this->panels * $weights->panel,
            'metal' => $this->squareFeet * $weights->metal,
            'cuts' => $this->cuts * $weights->cut,
            'uneven' => $this->uneven * $weights->uneven,
            'odd' => $this->odd * $weights->odd,
        ];
    }

    public function total(Weights $weights): float
    {
        return array_sum($this->points($weights));
    }
}
