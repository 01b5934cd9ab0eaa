<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Contracts\PlanContract;
use App\Contracts\Shape;
use App\Contracts\ShapeReader;
use App\Contracts\ShapeSchema;
use Imbrex\Stations\Documents\Root;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shapes beside writers, and the schema that is made of them. */
final class PlanContractTest extends TestCase
{
    public function test_shapes_are_read_with_what_is_remarked(): void
    {
        $shapes = self::shapes(<<<'PHP'
            /**
             * What a hem is, told by whoever writes it.
             *
             * @phpstan-import-type StateShape from Wire
             *
             * A hem on one day.
             *
             * @phpstan-type HemShape array{
             *     // Of the metal, not of the air.
             *     metalF: float,
             *     closed?: bool,
             *     at: list<array{float, float}>,
             * }
             * @phpstan-type Inner array{not: string}
             * @phpstan-type OtherShape 'a'|'b'
             */
            final class HemWriter {}
            PHP);

        self::assertSame(['hem', 'other'], array_map(static fn (Shape $shape): string => $shape->name, $shapes));
        self::assertSame(['A hem on one day.', null], array_map(static fn (Shape $shape): ?string => $shape->remark, $shapes));
        self::assertSame([
            'type' => 'object', 'additionalProperties' => false, 'required' => ['metalF', 'at'],
            'properties' => [
                'metalF' => ['type' => 'number', 'description' => 'Of the metal, not of the air.'],
                'closed' => ['type' => 'boolean'],
                'at' => ['type' => 'array', 'items' => ['type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => ['type' => 'number']]],
            ],
        ], (new ShapeSchema([]))->of($shapes[0]->type));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function types(): iterable
    {
        yield 'a number or nothing' => ['float|null', ['type' => ['number', 'null']]];
        yield 'the same, said shorter' => ['?float', ['type' => ['number', 'null']]];
        yield 'one of some words' => ["'on'|'out'|null", ['enum' => ['on', 'out', null]]];
        yield 'one word' => ["'on'", ['const' => 'on']];
        yield 'a map that may be empty' => ['array<string, int>|stdClass', ['type' => 'object', 'additionalProperties' => ['type' => 'integer']]];
        yield 'a map of anything' => ['array<string, mixed>|stdClass|null', ['anyOf' => [['type' => 'object'], ['type' => 'null']]]];
        yield 'another shape or nothing' => ['HemShape|null', ['anyOf' => [['$ref' => '#/$defs/hem'], ['type' => 'null']]]];
        yield 'words or a number' => ["'many'|int", ['anyOf' => [['const' => 'many'], ['type' => 'integer']]]];
        yield 'a list or nothing' => ['list<string>|null', ['anyOf' => [['type' => 'array', 'items' => ['type' => 'string']], ['type' => 'null']]]];
    }

    /** @param  array<string, mixed>  $schema */
    #[DataProvider('types')]
    public function test_types_become_schemas(string $type, array $schema): void
    {
        [$hem, $other] = self::shapes("/** @phpstan-type HemShape array{at: float}\n * @phpstan-type OtherShape $type\n */");

        self::assertSame($schema, (new ShapeSchema(['hem' => $hem]))->of($other->type));
    }

    /** @return iterable<string, array{string}> */
    public static function strangers(): iterable
    {
        yield 'anything' => ['mixed'];
        yield 'an object of PHP' => ['\DateTime'];
        yield 'a shape nobody defines' => ['GhostShape'];
        yield 'keys that are numbers' => ['array<int, string>'];
        yield 'a list of unlike things' => ['array{string, float}'];
        yield 'a function' => ['callable(): int'];
    }

    #[DataProvider('strangers')]
    public function test_what_the_wire_does_not_carry_is_refused(string $type): void
    {
        [$shape] = self::shapes("/** @phpstan-type HemShape array{at: $type} */");
        $this->expectException(LogicException::class);
        $this->expectExceptionMessageMatches('/^the wire (does not carry|carries no) /');

        (new ShapeSchema([]))->of($shape->type);
    }

    public function test_every_definition_says_where_it_stands_and_what_it_names_is_there(): void
    {
        $schema = PlanContract::schema();
        $named = [];
        foreach (get_object_vars($schema->{'$defs'}) as $name => $definition) {
            self::assertFileExists(Root::at($definition->{'$comment'}), $name);
            preg_match_all('~"#\\\\/\$defs\\\\/(\w+)"~', (string) json_encode($definition), $found);
            $named = [...$named, ...$found[1]];
        }
        self::assertSame([], array_diff($named, array_keys(get_object_vars($schema->{'$defs'}))));
        self::assertContains('planPoint', $named);
        self::assertSame([], array_filter(array_keys(get_object_vars($schema->{'$defs'})), static fn (string $name): bool => str_starts_with($name, 'whole')));
        self::assertSame(array_keys(get_object_vars($schema->properties)), array_values(array_unique($schema->required)));
    }

    /** @return list<Shape> */
    private static function shapes(string $code): array
    {
        return (new ShapeReader)->in($code, 'stations/src/Hems/HemWriter.php');
    }
}
