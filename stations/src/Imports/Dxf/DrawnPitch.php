<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Units\PitchReader;

/** Pitches written into a drawing: a number in or over 12, or degrees, read as the field on the screen reads them. A date or a time is none. */
final class DrawnPitch
{
    private const NUMBER = '\d{1,2}(?:[ -]\d{1,2}\/\d{1,2}|[.,]\d+)?';

    /** Nothing of a longer number, a fraction or a date beside it; no nought before it. */
    private const BEFORE = '(?<![\d.,\/:-])(?!0\d)';

    private const AFTER = '(?![\d.,\/:-]*\d)(?!\s*[ap]\.?m\b)';

    /** @return list<string> as they stand in the text */
    public static function written(string $text): array
    {
        $forms = self::BEFORE.self::NUMBER.'\s*(?::|\/|\bin\b)\s*12'.self::AFTER.'|'.self::BEFORE.self::NUMBER.'\s*(?:°|deg(?:rees)?\b)';
        preg_match_all("/$forms/iu", $text, $found);

        return $found[0];
    }

    /** @return list<float|null> rise in 12 of each that is written; null of one no gauge shows */
    public static function in(string $text): array
    {
        return array_map(static fn (string $written): ?float => (new PitchReader)->read((string) preg_replace('/(\d),(\d)/', '$1.$2', $written)), self::written($text));
    }

    /** The text without its pitches. */
    public static function without(string $text): string
    {
        return trim((string) preg_replace('/\s+/', ' ', str_replace(self::written($text), ' ', $text)), " \t,;·-");
    }
}
