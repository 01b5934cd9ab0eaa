<?php

declare(strict_types=1);

namespace Imbrex\Stations\Print;

use Imbrex\Core\Ground\Units\Factors;
use Imbrex\Core\Ground\Units\Length;
use Imbrex\Core\Ground\Units\UnitSystem;

/** Columns whose names say their unit, in a job's own: `length_in` is `length_mm` on a metric job, `pounds` are `kilograms`, and what stands in them follows. */
final class CsvUnits
{
    /** A column's name or its end, on a metric job, what one is worth there, and how many digits are told. */
    private const METRIC = [
        'square_feet' => ['square_metres', Factors::SQUARE_METRES, 3],
        'pounds' => ['kilograms', Factors::KILOGRAMS, 2],
        '_sqft' => ['_m2', Factors::SQUARE_METRES, 4],
        '_lb' => ['_N', Factors::NEWTONS, 1],
        '_in' => ['_mm', Length::MILLIMETRES_PER_INCH, 2],
    ];

    /**
     * @param  list<string>  $columns
     * @param  iterable<list<string|int|float|bool|null>>  $rows  in inches, square feet and pounds
     */
    public static function write(array $columns, iterable $rows, UnitSystem $units): string
    {
        if ($units !== UnitSystem::Metric) {
            return Csv::write($columns, $rows);
        }
        $turned = array_map(self::of(...), $columns);
        $told = [];
        foreach ($rows as $row) {
            $told[] = array_map(static fn (string|int|float|bool|null $cell, ?array $as): string|int|float|bool|null => $as === null ? $cell : self::told($cell, $as[1], $as[2]), $row, $turned);
        }

        return Csv::write(array_map(static fn (string $column, ?array $as): string => $as[0] ?? $column, $columns, $turned), $told);
    }

    /** @return array{string, float, int}|null the column's name on a metric job, what one is worth, digits; null where it has no unit */
    private static function of(string $column): ?array
    {
        foreach (self::METRIC as $end => [$name, $worth, $digits]) {
            if (str_ends_with($column, $end)) {
                return [substr($column, 0, -strlen($end)).$name, $worth, $digits];
            }
        }

        return null;
    }

    /** Several in one cell stand apart by spaces. */
    private static function told(string|int|float|bool|null $cell, float $worth, int $digits): string|float|bool|null
    {
        return match (true) {
            is_int($cell), is_float($cell) => round($cell * $worth, $digits),
            is_string($cell) => (string) preg_replace_callback('/-?\d+(?:\.\d+)?/', static fn (array $one): string => (string) round((float) $one[0] * $worth, $digits), $cell),
            default => $cell,
        };
    }
}
