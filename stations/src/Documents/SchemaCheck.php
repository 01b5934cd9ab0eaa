<?php

declare(strict_types=1);

namespace Imbrex\Stations\Documents;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** Holds a decoded document against a schema of contracts/ and puts what is wrong into faults. */
final class SchemaCheck
{
    private const MOST_FAULTS = 20;

    /** @var array<string, stdClass> */
    private array $schemas = [];

    /**
     * @param  string  $contract  `job` or `circumstances`
     * @return list<Fault>
     */
    public function faults(mixed $document, string $contract = 'job'): array
    {
        $schema = Contract::schema($contract);
        $validator = new Validator;
        $validator->setMaxErrors(self::MOST_FAULTS);
        $error = $validator->validate($document, $schema)->error();
        if ($error === null) {
            return [];
        }

        return $this->leaves($error);
    }

    /** @return list<Fault> */
    private function leaves(ValidationError $error): array
    {
        if ($error->subErrors() === []) {
            return $this->fault($error);
        }
        $faults = [];
        foreach ($error->subErrors() as $sub) {
            array_push($faults, ...$this->leaves($sub));
        }

        return array_slice($faults, 0, self::MOST_FAULTS);
    }

    /** @return list<Fault> */
    private function fault(ValidationError $error): array
    {
        $field = FieldPath::of(array_values($error->data()->fullPath()));
        $arguments = $error->args();
        $value = Understood::inWords($error->data()->value());
        $schema = $error->schema()->info()->data();

        return match ($error->keyword()) {
            'additionalProperties' => array_map(
                fn (mixed $name): Fault => new Fault(FieldPath::within($field, (string) $name), 'unknown-field', Understood::inWords($this->property($error, (string) $name)), ['known' => $this->known($schema)]),
                array_values((array) ($arguments['properties'] ?? [])),
            ),
            'required' => array_map(
                static fn (mixed $name): Fault => new Fault(FieldPath::within($field, (string) $name), 'missing', Understood::NOTHING),
                array_values((array) ($arguments['missing'] ?? [])),
            ),
            'enum' => [new Fault($field, 'one-of', $value, ['values' => implode(', ', (array) ($schema->enum ?? []))])],
            'const' => [new Fault($field, 'one-of', $value, ['values' => (string) ($schema->const ?? '')])],
            'minimum', 'maximum', 'exclusiveMinimum', 'exclusiveMaximum' => [new Fault($field, 'range', $value, [
                'least' => $schema->minimum ?? $schema->exclusiveMinimum ?? '',
                'most' => $schema->maximum ?? '',
            ])],
            'type' => [new Fault($field, 'type', $value, ['type' => implode(' or ', (array) ($schema->type ?? ''))])],
            'minItems', 'maxItems' => [new Fault($field, 'items', $value, ['least' => $schema->minItems ?? 0, 'most' => $schema->maxItems ?? ''])],
            'maxProperties' => [new Fault($field, 'items', $value, ['least' => 0, 'most' => $schema->maxProperties ?? ''])],
            'minLength', 'maxLength' => [new Fault($field, 'text-length', $value, ['least' => $schema->minLength ?? 0, 'most' => $schema->maxLength ?? ''])],
            'pattern' => [new Fault($field, 'pattern', $value, ['pattern' => (string) ($schema->pattern ?? '')])],
            default => [new Fault($field, 'not-accepted', $value)],
        };
    }

    private function property(ValidationError $error, string $name): mixed
    {
        $value = $error->data()->value();

        return $value instanceof stdClass ? ($value->{$name} ?? null) : null;
    }

    private function known(mixed $schema): string
    {
        $properties = $schema instanceof stdClass && isset($schema->properties) ? (array) $schema->properties : [];

        return implode(', ', array_keys($properties));
    }
}
