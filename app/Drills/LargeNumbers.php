<?php

declare(strict_types=1);

namespace App\Drills;

use Generator;
use Imbrex\Core\HouseRules;
use stdClass;

/** A small document with one large (or small) number in it: every number that can stand where the document has something, by the contract of a job and that of what happens, one after the other, at the least and at the most it may be; what hangs on a part the document lacks is not reached. */
final class LargeNumbers
{
    /** Above a least that is itself excluded, and where the contract sets no bound. */
    private const LITTLE = 1e-4;

    private const FAR = 1e6;

    /** @var array<string, true> places that have been changed, whichever of several like ones */
    private array $seen = [];

    private stdClass $schema;

    /** @var list<stdClass> */
    private readonly array $schemas;

    /** @param  stdClass  ...$schemas  of a job, and of what else its file tells */
    public function __construct(stdClass ...$schemas)
    {
        $this->schemas = array_values($schemas);
        $this->schema = $this->schemas[0];
    }

    /** @return Generator<string, stdClass> documents by what was put where */
    public function of(stdClass $document): Generator
    {
        $this->seen = [];
        foreach ($this->schemas as $schema) {
            $this->schema = $schema;
            foreach ($this->places($document, $schema, '') as $name => [$least, $most, $put]) {
                foreach (array_unique([$least, $most]) as $value) {
                    $changed = self::copy($document);
                    $put($changed, $value);
                    yield "$name = $value" => $changed;
                }
            }
        }
        foreach (HouseRules::all() as $rule) {
            foreach ($rule->choices === [] ? [$rule->least, $rule->most] : [] as $value) {
                $changed = self::copy($document);
                $changed->rules = (object) [...(array) ($changed->rules ?? []), $rule->key => $value];
                yield "rules.$rule->key = $value" => $changed;
            }
        }
    }

    /**
     * @param  list<string|int>  $way  to here
     * @return Generator<string, array{float, float, callable(stdClass, float): void}>
     */
    private function places(mixed $value, stdClass $schema, string $name, array $way = []): Generator
    {
        $schema = $this->resolved($schema);
        foreach ($schema->anyOf ?? [] as $one) {
            $type = $this->resolved($one)->type ?? '';
            if ($type === 'number' || ($type === 'object' && $value instanceof stdClass)) {
                yield from $this->places($value, $one, $name, $way);
            }
        }
        $type = $schema->type ?? '';
        if (($type === 'number' || $type === 'integer') && $name !== '' && ! isset($this->seen[$name])) {
            $this->seen[$name] = true;
            yield $name => [...self::bounds($schema), static fn (stdClass $document, float $number) => self::put($document, $way, $type === 'integer' ? (int) $number : $number)];
        } elseif ($value instanceof stdClass) {
            foreach (get_object_vars($schema->properties ?? new stdClass) as $key => $own) {
                yield from $this->places($value->{$key} ?? null, $own, "$name.$key", [...$way, $key]);
            }
            $rest = $schema->additionalProperties ?? false;
            foreach ($rest instanceof stdClass ? get_object_vars($value) : [] as $key => $own) {
                if (! isset($schema->properties->{$key})) {
                    yield from $this->places($own, $rest, "$name.*", [...$way, (string) $key]);
                }
            }
        } elseif (is_array($value)) {
            foreach ($value as $i => $own) {
                // Corners are told apart: the first and the rest.
                yield from $this->places($own, $schema->items ?? new stdClass, "$name.".(is_array($own) || is_scalar($own) ? min($i, 1) : '#'), [...$way, $i]);
            }
        }
    }

    private function resolved(stdClass $schema): stdClass
    {
        while (isset($schema->{'$ref'})) {
            $schema = $this->schema->{'$defs'}->{basename((string) $schema->{'$ref'})};
        }

        return $schema;
    }

    /** @return array{float, float} */
    private static function bounds(stdClass $schema): array
    {
        $least = isset($schema->exclusiveMinimum) ? $schema->exclusiveMinimum + self::LITTLE : $schema->minimum ?? -self::FAR;
        $most = isset($schema->exclusiveMaximum) ? $schema->exclusiveMaximum - self::LITTLE : $schema->maximum ?? self::FAR;

        return [(float) $least, (float) $most];
    }

    /** @param  list<string|int>  $way */
    private static function put(stdClass $document, array $way, float|int $number): void
    {
        $at = &$document;
        foreach ($way as $step) {
            if (is_array($at)) {
                $at = &$at[$step];
            } else {
                $at = &$at->{$step};
            }
        }
        $at = $number;
    }

    private static function copy(stdClass $document): stdClass
    {
        /** @var stdClass */
        return json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }
}
