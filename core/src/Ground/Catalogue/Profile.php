<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

use Imbrex\Core\Ground\Rules\RuleSet;

/**
 * A panel's cross-section. x runs across the panel from its left module line, looking up-slope with the female leg
 * on the left; all in inches.
 */
final readonly class Profile
{
    public const SQUARE_INCHES_PER_SQUARE_FOOT = 144.0;

    /**
     * @param  float  $cover  width one panel adds
     * @param  float  $height  seam or rib
     * @param  float  $leftMetal  beyond the left module line, `$rightMetal` beyond the right one
     * @param  float  $coil  width of the flat blank
     * @param  float  $leastPitch  rise in 12
     * @param  list<float>  $fieldScrews  x across the sheet, field rows
     * @param  list<float>  $endScrews  x across the sheet, end rows
     * @param  list<float>  $ribs  x of each rib's or seam's centre
     * @param  LegReturns|null  $legReturns  what lies flat of the legs beyond what shows; null where that is not known
     * @param  bool  $saysRibs  false of a sheet that nobody said where its ribs stand: not to be screwed, and not to be ordered
     */
    public function __construct(
        public string $key,
        public Family $family,
        public float $cover,
        public float $height,
        public float $leftMetal,
        public float $rightMetal,
        public float $coil,
        public Hand $hand,
        public bool $mayTurn,
        public float $leastPitch,
        public Hold $hold,
        public array $fieldScrews,
        public array $endScrews,
        public array $ribs,
        public float $stitchSpacing,
        public float $shortest,
        public float $longest,
        public bool $representative,
        public ?LegReturns $legReturns = null,
        public bool $saysRibs = true,
    ) {
    }

    /** Under this (in) a rip does not lie flat, hold a fold or take a clip: trade practice, a house rule. */
    public function narrowestRip(RuleSet $rules): float
    {
        return max($rules->number('layout.narrowestRip'), $this->cover * $rules->number('layout.narrowestRipShare'));
    }

    /** From the inner face of the female leg to the outer face of the male. */
    public function insideToOutside(): float
    {
        return $this->cover + $this->rightMetal;
    }

    /** Flat metal in so many inches of coil. */
    public function squareFeet(float $length): float
    {
        return $length * $this->coil / self::SQUARE_INCHES_PER_SQUARE_FOOT;
    }

    /** Outer face of one leg to outer face of the other. */
    public function outToOut(): float
    {
        return $this->leftMetal + $this->cover + $this->rightMetal;
    }
}
