<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/**
 * Reads a pitch as it is read off a gauge: 8.6, 8 1/2, 8.6/12, 8.6:12, 4 in 12, or degrees with their sign. On a
 * metric job a bare number is degrees. Its twin on the screen is held to the same table of cases, contracts/tape-cases.json.
 */
final readonly class PitchReader
{
    private const STEEPEST = 48.0;

    public function __construct(private UnitSystem $units = UnitSystem::Imperial)
    {
    }

    /** Rise in 12; null for what is no pitch, or none a roof has. */
    public function read(string $typed): ?float
    {
        $text = (string) preg_replace('/\s+/', ' ', mb_strtolower(trim($typed)));
        if (preg_match('/^(\d+(?:\.\d+)?)'.($this->units === UnitSystem::Metric ? '(?: ?(?:°|deg|degrees))?' : ' ?(?:°|deg|degrees)').'$/u', $text, $degrees) === 1) {
            return $this->within(12.0 * tan(deg2rad((float) $degrees[1])));
        }
        $bare = (string) preg_replace('#(?: ?[:/] ?| in )12$#', '', $text);
        if (preg_match('#^(?:(\d+)[ -])?(\d+)/(2|4|8)$#', $bare, $fraction) === 1 && (int) $fraction[2] < (int) $fraction[3]) {
            return $this->within((float) $fraction[1] + (float) $fraction[2] / (float) $fraction[3]);
        }

        return preg_match('/^\d+(?:\.\d+)?$/', $bare) === 1 ? $this->within((float) $bare) : null;
    }

    private function within(float $riseIn12): ?float
    {
        return $riseIn12 > 0.0 && $riseIn12 <= self::STEEPEST ? $riseIn12 : null;
    }
}
