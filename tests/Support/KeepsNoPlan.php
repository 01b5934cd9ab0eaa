<?php

declare(strict_types=1);

namespace Tests\Support;

use Imbrex\Core\Plan;
use PhpParser\Node;
use PHPStan\Analyser\Scope;
use PHPStan\Node\ClassPropertyNode;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\ObjectType;

/**
 * A rule of the house: helpers of the core take results. One that keeps a whole plan may read what its stage does not say it needs,
 * and what is kept by stage is then kept for too long.
 *
 * @implements Rule<ClassPropertyNode>
 */
final class KeepsNoPlan implements Rule
{
    public function getNodeType(): string
    {
        return ClassPropertyNode::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        $type = $node->getNativeType();
        $isPlan = $type !== null && (new ObjectType(Plan::class))->isSuperTypeOf($type)->yes();

        return ! $isPlan ? [] : [RuleErrorBuilder::message("\${$node->getName()} keeps a plan: take the results it needs.")->identifier('imbrex.plan')->build()];
    }
}
