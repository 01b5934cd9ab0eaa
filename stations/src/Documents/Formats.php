<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use stdClass;

/**
 * Documents of earlier formats as they are written today. Nothing kept is ever rewritten: a document is turned whenever
 * it is read. What is not as its own format has it is left as it stands, for the schema to name.
 */
final class Formats
{
    public const NEWEST = 'imbrex-job/2';

    public static function newest(stdClass $document): stdClass
    {
        return ($document->format ?? null) === 'imbrex-job/1' ? self::fromFirst($document) : $document;
    }

    /** @throws \JsonException */
    public static function decode(string $json): stdClass
    {
        $document = json_decode($json, false, 512, JSON_THROW_ON_ERROR);

        return $document instanceof stdClass ? self::newest($document) : new stdClass;
    }

    /** The second format calls a layout's beginning its start, and the rake it begins at where it starts from. */
    private static function fromFirst(stdClass $first): stdClass
    {
        $second = (object) ['format' => 'imbrex-job/2', ...array_diff_key((array) $first, ['format' => true])];
        if (($second->layout ?? null) instanceof stdClass) {
            $second->layout = (object) array_map(static fn (mixed $choice): mixed => $choice instanceof stdClass ? self::renamed($choice, ['school' => 'start', 'start' => 'from']) : $choice, (array) $second->layout);
        }

        return $second;
    }

    /** @param  array<string, string>  $names  new ones by old */
    private static function renamed(stdClass $object, array $names): stdClass
    {
        $fields = [];
        foreach ((array) $object as $name => $value) {
            $fields[$names[$name] ?? $name] = $value;
        }

        return (object) $fields;
    }
}
