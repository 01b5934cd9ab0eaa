<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use stdClass;

/** Says in a few words what was found in a field. */
final class Understood
{
    public const NOTHING = '—';

    public static function inWords(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => $value ? 'true' : 'false',
            is_string($value) => '"'.mb_strimwidth($value, 0, 60, '…', 'UTF-8').'"',
            is_float($value) => is_finite($value) ? (string) json_encode($value) : 'a number too large to hold',
            is_int($value) => (string) $value,
            is_array($value) => 'a list of '.count($value),
            $value instanceof stdClass => 'an object with '.count((array) $value).' fields',
            default => get_debug_type($value),
        };
    }
}
