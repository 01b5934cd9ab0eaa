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
    public const NEWEST = 'imbrex-job/3';

    /** The description of a job, without what happened. */
    public static function newest(stdClass $document): stdClass
    {
        $described = clone self::today($document);
        unset($described->facts);

        return $described;
    }

    /**
     * What happened, where a document tells it: a file made to be taken along does, and documents of the first two formats do.
     *
     * @return mixed facts by contracts/facts, as far as the document is sound
     */
    public static function facts(stdClass $document): mixed
    {
        return self::today($document)->facts ?? [];
    }

    /** @throws \JsonException */
    public static function decode(string $json): stdClass
    {
        $document = json_decode($json, false, 512, JSON_THROW_ON_ERROR);

        return $document instanceof stdClass ? self::newest($document) : new stdClass;
    }

    private static function today(stdClass $document): stdClass
    {
        $document = ($document->format ?? null) === 'imbrex-job/1' ? self::fromFirst($document) : $document;

        return ($document->format ?? null) === 'imbrex-job/2' ? self::fromSecond($document) : $document;
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

    /** The third format describes, and no more: what was taped and cut are facts. */
    private static function fromSecond(stdClass $second): stdClass
    {
        $third = (object) ['format' => 'imbrex-job/3', ...array_diff_key((array) $second, ['format' => true])];
        $facts = [];
        foreach (['cutting' => OlderFacts::panels(...), 'trims' => OlderFacts::trims(...)] as $part => $told) {
            $of = $third->{$part} ?? null;
            $cut = $of instanceof stdClass && isset($of->cut) ? $told($of->cut) : null;
            if ($cut !== null) {
                array_push($facts, ...$cut);
                $without = array_diff_key((array) $of, ['cut' => true]);
                $third->{$part} = (object) $without;
                if ($without === []) {
                    unset($third->{$part});
                }
            }
        }
        $taped = isset($third->observations) ? OlderFacts::marks($third->observations) : null;
        if ($taped !== null) {
            array_push($facts, ...$taped);
            unset($third->observations);
        }
        if ($facts !== []) {
            $third->facts = $facts;
        }

        return $third;
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
