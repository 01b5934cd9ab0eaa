<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Imbrex\Core\Facts\FactKind;
use stdClass;

/**
 * What documents of the first two formats told of cutting and taping, as facts. When is not known of most of it: it was
 * before all else that is told. One tick has one id, however often it is read.
 */
final class OlderFacts
{
    private const LONG_AGO = '1970-01-01T00:00:00.000Z';

    /** @return list<stdClass>|null null where it is not as the format has it */
    public static function panels(mixed $cut): ?array
    {
        return self::each($cut, static fn (mixed $one): ?stdClass => $one instanceof stdClass && is_string($one->panel ?? null)
            ? self::fact(FactKind::Cut, $one->panel, self::without($one, 'panel')) : null);
    }

    /** @return list<stdClass>|null null where it is not as the format has it */
    public static function trims(mixed $cut): ?array
    {
        $pieces = $cut instanceof stdClass ? (array) $cut : null;

        return $pieces === null ? null : self::each(array_keys($pieces), static function (mixed $piece) use ($pieces): ?stdClass {
            $said = $pieces[$piece];

            return match (true) {
                $said instanceof stdClass => self::fact(FactKind::Cut, (string) $piece, (array) $said),
                is_int($said), is_float($said) => self::fact(FactKind::Cut, (string) $piece, ['length' => $said, 'as' => '']),
                default => null,
            };
        });
    }

    /** @return list<stdClass>|null null where it is not as the format has it */
    public static function marks(mixed $taped): ?array
    {
        return self::each($taped, static fn (mixed $one): ?stdClass => $one instanceof stdClass && is_string($one->edge ?? null)
            ? self::fact(FactKind::Taped, $one->edge, self::without($one, 'edge', 'id', 'time'), is_string($one->time ?? null) ? $one->time : '', is_string($one->id ?? null) ? $one->id : '') : null);
    }

    /**
     * @param  callable(mixed): (stdClass|null)  $fact
     * @return list<stdClass>|null
     */
    private static function each(mixed $all, callable $fact): ?array
    {
        $facts = is_array($all) ? array_map($fact, array_values($all)) : [null];
        $sound = array_values(array_filter($facts, static fn (?stdClass $one): bool => $one !== null));

        return count($sound) === count($facts) ? $sound : null;
    }

    /** @return array<string, mixed> */
    private static function without(stdClass $said, string ...$names): array
    {
        return array_diff_key((array) $said, array_flip($names));
    }

    /** @param  array<string, mixed>  $said */
    private static function fact(FactKind $kind, string $subject, array $said, string $time = '', string $name = ''): stdClass
    {
        $at = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,3})?Z$/', $time) === 1 ? $time : self::LONG_AGO;

        return (object) ['id' => self::id([$kind->value, $subject, $said, $time, $name]), 'kind' => $kind->value, 'subject' => $subject, 'said' => (object) $said, 'at' => $at];
    }

    private static function id(mixed $of): string
    {
        $hash = hash('xxh128', (string) json_encode($of));

        // A name-made id of its own kind (version 8).
        return implode('-', [substr($hash, 0, 8), substr($hash, 8, 4), '8'.substr($hash, 13, 3), '8'.substr($hash, 17, 3), substr($hash, 20)]);
    }
}
