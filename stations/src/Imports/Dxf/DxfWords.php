<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

/** The letters of a drawing: which coding its file is in, and what its own codes for letters stand for. */
final class DxfWords
{
    /** From this version on every drawing is in UTF-8. */
    private const UTF8_SINCE = 'AC1021';

    private const SIGNS = ['%%d' => '°', '%%p' => '±', '%%c' => '⌀', '%%%' => '%'];

    /** The whole file in UTF-8, without a byte order mark. */
    public static function decoded(string $file): string
    {
        foreach (["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $coding) {
            if (str_starts_with($file, $mark)) {
                return mb_convert_encoding(substr($file, 2), 'UTF-8', $coding);
            }
        }
        $file = str_starts_with($file, "\xEF\xBB\xBF") ? substr($file, 3) : $file;
        if (mb_check_encoding($file, 'UTF-8')) {
            return $file;
        }
        $head = substr($file, 0, 20_000);
        $isUtf8 = preg_match('/\$ACADVER\s+1\s+(AC\d{4})/', $head, $version) === 1 && $version[1] >= self::UTF8_SINCE;
        $page = preg_match('/\$DWGCODEPAGE\s+3\s+(?:ANSI|DOS|ISO)_?(\d+)/i', $head, $named) === 1 ? $named[1] : '1252';
        $decoded = $isUtf8 ? false : @iconv("CP$page", 'UTF-8//IGNORE', $file);

        // A byte that means nothing there is shown as such rather than lost.
        return is_string($decoded) && $decoded !== '' ? $decoded : mb_convert_encoding($file, 'UTF-8', 'UTF-8');
    }

    /** A text's own words, without the codes that set it: letters by number, signs, and in a paragraph fonts, heights, stacks and line ends. */
    public static function plain(string $text, bool $paragraph): string
    {
        $text = (string) preg_replace_callback('/\\\\U\+([0-9A-F]{4})/i', static fn (array $m): string => mb_chr((int) hexdec($m[1])) ?: '', $text);
        $text = str_ireplace(array_keys(self::SIGNS), array_values(self::SIGNS), $text);
        if ($paragraph) {
            $text = (string) preg_replace('/\\\\[Pn]/', ' ', $text);
            $text = (string) preg_replace('/\\\\[ACFHQTWfp][^;\\\\{}]*;/', '', $text);
            $text = (string) preg_replace('/\\\\S([^;^#\/]*)[\^#\/]([^;]*);/', '$1/$2', $text);
            $text = (string) preg_replace('/\\\\[LlOoKk]/', '', $text);
            $text = (string) preg_replace('/\\\\([\\\\{}])|[{}]/', '$1', $text);
        }

        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
