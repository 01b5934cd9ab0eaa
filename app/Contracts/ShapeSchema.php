<?php

declare(strict_types=1);

namespace App\Contracts;

use LogicException;
use PHPStan\PhpDocParser\Ast\Attribute;
use PHPStan\PhpDocParser\Ast\Comment;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprFalseNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprIntegerNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprTrueNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeItemNode;
use PHPStan\PhpDocParser\Ast\Type\ArrayShapeNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;

/** Says a shape in JSON Schema: what PHP calls a float is a number on the wire, a map is an object, a shape of no keys a list of so many. */
final readonly class ShapeSchema
{
    private const PLAIN = ['float' => 'number', 'int' => 'integer', 'string' => 'string', 'bool' => 'boolean', 'null' => 'null'];

    /** @param  array<string, Shape>  $known  by their names */
    public function __construct(private array $known)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws LogicException where a shape says something the wire does not carry
     */
    public function of(TypeNode $type): array
    {
        return match (true) {
            $type instanceof NullableTypeNode => $this->union([$type->type, new IdentifierTypeNode('null')]),
            $type instanceof UnionTypeNode => $this->union($type->types),
            $type instanceof ConstTypeNode => ['const' => self::value($type->constExpr)],
            $type instanceof GenericTypeNode => $this->generic($type),
            $type instanceof ArrayShapeNode => $this->shape($type->items),
            $type instanceof IdentifierTypeNode => $this->named($type->name),
            default => throw new LogicException("the wire does not carry $type"),
        };
    }

    /** @return array<string, mixed> */
    private function named(string $name): array
    {
        $shape = lcfirst((string) preg_replace('/Shape$/', '', $name));

        return match (true) {
            isset(self::PLAIN[$name]) => ['type' => self::PLAIN[$name]],
            isset($this->known[$shape]) => ['$ref' => "#/\$defs/$shape"],
            default => throw new LogicException("the wire does not carry $name"),
        };
    }

    /** @return array<string, mixed> */
    private function generic(GenericTypeNode $type): array
    {
        $of = array_map(strval(...), $type->genericTypes);
        $last = $type->genericTypes[count($of) - 1];

        return match ([(string) $type->type, ...array_slice($of, 0, -1)]) {
            ['list'] => ['type' => 'array', 'items' => $this->of($last)],
            ['array', 'string'] => ['type' => 'object', ...((string) $last === 'mixed' ? [] : ['additionalProperties' => $this->of($last)])],
            default => throw new LogicException("the wire does not carry $type"),
        };
    }

    /**
     * @param  array<TypeNode>  $types
     * @return array<string, mixed>
     */
    private function union(array $types): array
    {
        // A map that may be empty is written as an object.
        $types = array_values(array_filter($types, static fn (TypeNode $type): bool => ! ($type instanceof IdentifierTypeNode && ltrim($type->name, '\\') === 'stdClass')));
        $said = array_map($this->of(...), $types);

        return match (true) {
            count($said) === 1 => $said[0],
            array_filter($said, self::isPlain(...)) === $said => ['type' => array_column($said, 'type')],
            array_filter($said, self::isWord(...)) === $said => ['enum' => array_map(static fn (array $one): mixed => $one['const'] ?? null, $said)],
            default => ['anyOf' => $said],
        };
    }

    /** @param  array<string, mixed>  $said */
    private static function isPlain(array $said): bool
    {
        return array_keys($said) === ['type'] && $said['type'] !== 'array' && $said['type'] !== 'object';
    }

    /** @param  array<string, mixed>  $said */
    private static function isWord(array $said): bool
    {
        return isset($said['const']) || $said === ['type' => 'null'];
    }

    /**
     * @param  array<ArrayShapeItemNode>  $items
     * @return array<string, mixed>
     */
    private function shape(array $items): array
    {
        $items = array_values($items);
        if ($items[0]->keyName === null) {
            $said = array_map(fn (ArrayShapeItemNode $item): array => $this->of($item->valueType), $items);
            foreach ($said as $one) {
                if ($one != $said[0]) {
                    throw new LogicException('the wire carries no list of unlike things');
                }
            }

            return ['type' => 'array', 'minItems' => count($said), 'maxItems' => count($said), 'items' => $said[0]];
        }
        $fields = [];
        $needed = [];
        foreach ($items as $item) {
            $name = self::key($item);
            $remark = self::remark($item);
            $fields[$name] = [...$this->of($item->valueType), ...($remark === null ? [] : ['description' => $remark])];
            $needed = $item->optional ? $needed : [...$needed, $name];
        }

        return ['type' => 'object', 'additionalProperties' => false, 'required' => $needed, 'properties' => $fields];
    }

    private static function key(ArrayShapeItemNode $item): string
    {
        return match (true) {
            $item->keyName instanceof IdentifierTypeNode => $item->keyName->name,
            $item->keyName instanceof ConstExprStringNode => $item->keyName->value,
            default => throw new LogicException("the wire carries no field $item"),
        };
    }

    private static function remark(ArrayShapeItemNode $item): ?string
    {
        /** @var list<Comment> $comments */
        $comments = $item->keyName?->getAttribute(Attribute::COMMENTS) ?? [];

        return $comments === [] ? null : implode(' ', array_map(static fn (Comment $one): string => trim(ltrim($one->text, '/')), $comments));
    }

    private static function value(ConstExprNode $node): string|int|bool
    {
        return match (true) {
            $node instanceof ConstExprStringNode => $node->value,
            $node instanceof ConstExprIntegerNode => (int) $node->value,
            $node instanceof ConstExprTrueNode => true,
            $node instanceof ConstExprFalseNode => false,
            default => throw new LogicException("the wire does not carry $node"),
        };
    }
}
