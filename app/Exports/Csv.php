<?php

declare(strict_types=1);

namespace App\Exports;

use RuntimeException;

/** A table as CSV: comma, quotes doubled, one header line. */
final class Csv
{
    /**
     * @param  list<string>  $columns
     * @param  iterable<list<string|int|float|bool|null>>  $rows
     */
    public static function write(array $columns, iterable $rows): string
    {
        $stream = fopen('php://memory', 'r+') ?: throw new RuntimeException('no memory stream');
        fputcsv($stream, $columns, ',', '"', '');
        foreach ($rows as $row) {
            fputcsv($stream, $row, ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }
}
