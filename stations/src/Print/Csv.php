<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use RuntimeException;

/**
 * A table as CSV: comma, quotes doubled, one header line; with a byte order mark, so that every spreadsheet reads it as
 * UTF-8, and no text in it that one would take for a formula.
 */
final class Csv
{
    private const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /**
     * @param  list<string>  $columns
     * @param  iterable<list<string|int|float|bool|null>>  $rows
     */
    public static function write(array $columns, iterable $rows): string
    {
        $stream = fopen('php://memory', 'r+') ?: throw new RuntimeException('no memory stream');
        fwrite($stream, self::BYTE_ORDER_MARK);
        fputcsv($stream, $columns, ',', '"', '');
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::asText(...), $row), ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** A number stays one; a text that begins like a formula is kept from being one. */
    private static function asText(string|int|float|bool|null $cell): string|int|float|bool|null
    {
        return is_string($cell) && preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'$cell" : $cell;
    }
}
