<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Units;

/**
 * Reads a length as people type it: 23' 10-7/16", 23 10 7/16, 23-10-7/16, 286 7/16, 286.4375, 7.276m, 7276mm.
 * What could mean two things is refused, never guessed. Its twin on the screen follows the same table of cases,
 * contracts/tape-cases.json.
 */
final readonly class TapeReader
{
    /** A thousand feet: longer than any roof plane, so a slip of the key. */
    public const LONGEST_INCHES = 12_000.0;

    private const NUMBER = '(\d+(?:\.\d+)?|\.\d+)';

    private const FRACTION = '(\d+)\/(\d+)';

    public function __construct(private UnitSystem $units = UnitSystem::Imperial)
    {
    }

    /** @throws TapeFault when it is no length, or could be two */
    public function read(string $typed): Length
    {
        $text = $this->normalise($typed);
        if ($text === '') {
            throw TapeFault::empty();
        }
        if (str_contains($text, ',')) {
            throw TapeFault::comma($typed);
        }
        $length = $this->metric($text) ?? $this->feet($text, $typed) ?? $this->inches($text, $typed)
            ?? throw TapeFault::unreadable($typed);
        if ($length->inches > self::LONGEST_INCHES) {
            throw TapeFault::tooLong($typed);
        }

        return $length;
    }

    private function normalise(string $typed): string
    {
        $text = strtr(mb_strtolower(trim($typed)), [
            "\u{2032}" => "'", "\u{2019}" => "'", "\u{2033}" => '"', "\u{201d}" => '"', "''" => '"', "\u{2044}" => '/',
            "\u{00bd}" => ' 1/2', "\u{00bc}" => ' 1/4', "\u{00be}" => ' 3/4', "\u{215b}" => ' 1/8',
            "\u{215c}" => ' 3/8', "\u{215d}" => ' 5/8', "\u{215e}" => ' 7/8',
        ]);
        $text = (string) preg_replace(['/\s*(?:feet|foot|ft)\.?(?![a-z])/', '/\s*(?:inches|inch|in)\.?(?![a-z])/'], ["'", '"'], $text);

        return trim((string) preg_replace('/\s+/', ' ', $text));
    }

    private function metric(string $text): ?Length
    {
        if (preg_match('/^'.self::NUMBER.' ?(mm|cm|m)$/', $text, $m) === 1) {
            return Length::ofMillimetres((float) $m[1] * match ($m[2]) {
                'mm' => 1.0, 'cm' => 10.0, default => 1000.0,
            });
        }
        if ($this->units === UnitSystem::Metric && preg_match('/^'.self::NUMBER.'$/', $text, $m) === 1) {
            return Length::ofMillimetres((float) $m[1]);
        }

        return null;
    }

    /** 23', 23' 10 7/16", 23-10-7/16, 23 10 7/16 */
    private function feet(string $text, string $typed): ?Length
    {
        if (preg_match('/^'.self::NUMBER."'[ -]*(.*)$/", $text, $m) === 1) {
            if ($m[2] === '') {
                return Length::ofFeet((float) $m[1]);
            }
            if (str_contains($m[1], '.')) {
                throw TapeFault::decimalFeetAndInches($typed);
            }
            $inches = $this->inches($m[2], $typed) ?? throw TapeFault::unreadable($typed);

            return $this->feetAndInches((float) $m[1], $inches->inches, $typed);
        }
        if (preg_match('/^(\d+)[ -](\d+)[ -]'.self::FRACTION.'"?$/', $text, $m) === 1) {
            return $this->feetAndInches((float) $m[1], (float) $m[2] + $this->fraction($m[3], $m[4], $typed), $typed);
        }

        return null;
    }

    private function feetAndInches(float $feet, float $inches, string $typed): Length
    {
        if ($inches >= 12.0) {
            throw TapeFault::inchesOverTwelve($typed);
        }

        return Length::ofFeet($feet, $inches);
    }

    /** 286 7/16, 286-7/16", 7/16, 286.4375 */
    private function inches(string $text, string $typed): ?Length
    {
        if (preg_match('/^(?:(\d+)[ -])?'.self::FRACTION.' ?"?$/', $text, $m) === 1) {
            return Length::ofInches((float) $m[1] + $this->fraction($m[2], $m[3], $typed));
        }
        if (preg_match('/^'.self::NUMBER.' ?"?$/', $text, $m) === 1) {
            return Length::ofInches((float) $m[1]);
        }
        if (preg_match('/^\d+[ -]\d+"?$/', $text) === 1) {
            throw TapeFault::twoNumbers($typed);
        }

        return null;
    }

    private function fraction(string $numerator, string $denominator, string $typed): float
    {
        if (! in_array((int) $denominator, [2, 4, 8, 16, 32, 64], true) || (int) $numerator >= (int) $denominator) {
            throw TapeFault::fraction($typed);
        }

        return (int) $numerator / (int) $denominator;
    }
}
