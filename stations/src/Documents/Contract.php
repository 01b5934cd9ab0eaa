<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use LogicException;
use stdClass;

/** The schemas of contracts/, put together from the part of each station: `job` is what a document holds, `plan` what is shown of its plan. */
final class Contract
{
    /** @var array<string, stdClass> */
    private static array $schemas = [];

    /** @param  string  $name  of a folder of contracts/, or of a schema that is one file */
    public static function schema(string $name): stdClass
    {
        return self::$schemas[$name] ??= is_dir(Root::at("contracts/$name")) ? self::together($name) : self::read("contracts/$name.schema.json");
    }

    private static function together(string $name): stdClass
    {
        $parts = array_diff(array_map(static fn (string $file): string => basename($file, '.json'), glob(Root::at("contracts/$name/*.json")) ?: []), [$name]);
        $schema = new stdClass;
        foreach ([$name, ...$parts] as $part) {
            $schema = self::merged($schema, self::read("contracts/$name/$part.json"), '');
        }

        return $schema;
    }

    private static function read(string $file): stdClass
    {
        $schema = json_decode((string) file_get_contents(Root::at($file)), flags: JSON_THROW_ON_ERROR);

        return $schema instanceof stdClass ? $schema : throw new LogicException("$file holds no schema");
    }

    /** Objects field by field, lists one after the other; a field of two parts is an object or a list in both, and a definition stands in one. */
    private static function merged(stdClass $into, stdClass $from, string $path): stdClass
    {
        $merged = clone $into;
        foreach (get_object_vars($from) as $key => $value) {
            $was = $merged->{$key} ?? null;
            $merged->{$key} = match (true) {
                $was === null => $value,
                is_array($was) && is_array($value) => [...$was, ...$value],
                $was instanceof stdClass && $value instanceof stdClass && $path !== '/$defs' => self::merged($was, $value, "$path/$key"),
                default => throw new LogicException("two parts define $path/$key"),
            };
        }

        return $merged;
    }
}
