<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/**
 * A panel's cross-section by what can be taped of one: its cover, out to out, from the inside of the female leg to the
 * outside of the male, how high its seams stand and how wide its coil is. Metal beyond the module lines follows. Inches.
 */
final readonly class TapedSection
{
    /** Tapes of one panel agree to this. */
    private const TAPE = 1.0 / 16.0;

    /** A pan keeps at least this between its legs, inches: less holds no clip and carries no water. */
    public const LEAST_PAN = 1.0;

    /**
     * @param  float  $leftMetal  beyond the left module line, looking up-slope; `$rightMetal` beyond the right one
     * @param  array<string, array{string, float}>  $impossible  by what cannot be so: `least` or `most`, and what it has to be
     */
    private function __construct(public float $leftMetal, public float $rightMetal, public array $impossible)
    {
    }

    /** @param  float|null  $insideToOutside  null where nobody taped it: the two are taken for alike */
    public static function of(Family $family, Hand $hand, float $cover, float $outToOut, ?float $insideToOutside, float $height, float $coil): self
    {
        $impossible = [];
        if ($outToOut < $cover - self::TAPE) {
            $impossible['outToOut'] = ['least', $cover];
        } elseif ($outToOut - $cover > $cover - self::LEAST_PAN) {
            $impossible['outToOut'] = ['most', 2.0 * $cover - self::LEAST_PAN];
        }
        if ($insideToOutside !== null && $insideToOutside < $cover - self::TAPE) {
            $impossible['insideToOutside'] = ['least', $cover];
        } elseif ($insideToOutside !== null && $insideToOutside > $outToOut + self::TAPE) {
            $impossible['insideToOutside'] = ['most', $outToOut];
        }
        // Two legs stand as high as the seam; what else is folded comes on top.
        $flat = $family->isConcealed() ? $cover + 2.0 * $height : $outToOut;
        if ($coil < $flat - self::TAPE) {
            $impossible['coil'] = ['least', $flat];
        }
        $past = max(0.0, $outToOut - $cover);
        $male = $insideToOutside === null ? $past / 2.0 : max(0.0, min($past, $insideToOutside - $cover));
        $female = $past - $male;

        return $hand->runsLeftToRight() ? new self($female, $male, $impossible) : new self($male, $female, $impossible);
    }
}
