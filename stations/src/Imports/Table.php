<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports;

use Imbrex\Stations\Documents\DocumentFault;
use Imbrex\Stations\Documents\Fault;

/**
 * A table as any spreadsheet saves one: its coding, what stands between its columns and how it writes decimals are found
 * out, and can be told.
 */
final readonly class Table
{
    private const SEPARATORS = ['comma' => ',', 'semicolon' => ';', 'tab' => "\t"];

    /** A number with decimals, and not three of them: those might be thousands, but of metres. */
    private const DECIMAL_COMMA = '/^-?(?:\d+,(?:\d{1,2}|\d{4,})|\d{4,},\d+|0,\d+|\d{1,2},\d{3} ?m\b)(?!\d)/';

    private const DECIMAL_POINT = '/^-?(?:\d+\.(?:\d{1,2}|\d{4,})|\d{4,}\.\d+|0\.\d+|\d{1,2}\.\d{3} ?m\b)(?!\d)/';

    /** What is put before a cell so that a spreadsheet takes it for text. */
    private const AS_TEXT = "/^'(?=[=+\-@\t\r])/";

    /**
     * @param  list<list<string>>  $rows
     * @param  key-of<self::SEPARATORS>  $separator
     * @param  bool  $decimalComma  whether numbers were written with a comma; in the rows they have a point
     * @param  bool  $isTold  whether some number in it can only be read in one way
     */
    private function __construct(public array $rows, public string $separator, public bool $decimalComma, private bool $isTold)
    {
    }

    /** @throws DocumentFault when it is no text, or has more lines */
    public static function read(string $file, int $mostLines): self
    {
        $text = self::decoded($file);
        $named = preg_match('/^"?sep=(.)"?\r?\n/', $text, $first) === 1 ? $first[1] : null;
        $text = $named === null ? $text : substr($text, strlen($first[0]));
        $separator = (string) (array_search($named, self::SEPARATORS, true) ?: self::likeliest($text));
        $rows = self::rows($text, self::SEPARATORS[$separator], $mostLines);
        $cells = array_merge(...$rows);
        $commas = $separator !== 'comma' && self::any($cells, self::DECIMAL_COMMA);
        $points = self::any($cells, self::DECIMAL_POINT);
        if ($commas && ! $points) {
            // Everything else in it is written so, too.
            $rows = array_map(static fn (array $own): array => array_map(static fn (string $cell): string => (string) preg_replace('/^(-?\d+),(\d+)(?!\d*,)/', '$1.$2', $cell), $own), $rows);
        }

        return new self($rows, $separator, $commas && ! $points, $commas !== $points);
    }

    /** Whether a number may be thousands or decimals: three figures behind its mark, and nothing in the table that tells how it writes either. */
    public function couldBeTwo(string $cell): bool
    {
        // What stands between commas has points for decimals.
        $marks = $this->separator === 'comma' ? ',' : '.,';

        return ! $this->isTold && preg_match("/^-?\d{1,3}[$marks]\d{3}$/", $cell) === 1;
    }

    /** @param  list<string>  $cells */
    private static function any(array $cells, string $pattern): bool
    {
        return array_filter($cells, static fn (string $cell): bool => preg_match($pattern, $cell) === 1) !== [];
    }

    /** In UTF-8, whatever a spreadsheet saved it in. */
    private static function decoded(string $file): string
    {
        foreach (["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $coding) {
            if (str_starts_with($file, $mark)) {
                $file = mb_convert_encoding(substr($file, strlen($mark)), 'UTF-8', $coding);
                break;
            }
        }
        if (str_contains($file, "\0")) {
            throw DocumentFault::of([new Fault('file', 'csv-text', 'bytes that are no text')]);
        }

        // Old spreadsheets end a line with a return alone.
        return str_replace(["\r\n", "\r"], "\n", mb_check_encoding($file, 'UTF-8') ? $file : mb_convert_encoding($file, 'UTF-8', 'Windows-1252'));
    }

    /** @return key-of<self::SEPARATORS> what stands most often in the first line, quotes apart */
    private static function likeliest(string $text): string
    {
        $line = (string) preg_replace('/"[^"]*"/', '', strtok(ltrim($text), "\r\n") ?: '');
        $counts = array_map(static fn (string $separator): int => substr_count($line, $separator), self::SEPARATORS);
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /** @return list<list<string>> */
    private static function rows(string $text, string $separator, int $most): array
    {
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (($cells = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $rows[] = array_map(static fn (?string $cell): string => trim((string) preg_replace(self::AS_TEXT, '', (string) $cell)), $cells);
            if (count($rows) > $most) {
                throw DocumentFault::of([new Fault('file', 'items', "over $most lines", ['least' => 1, 'most' => $most])]);
            }
        }
        fclose($stream);

        return $rows;
    }
}
