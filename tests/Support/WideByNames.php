<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpParser\Node;
use PhpParser\Node\Arg;
use PhpParser\Node\Expr\New_;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * A rule of the house: what takes more than six things is made by their names; of eight in a row two are changed over unseen.
 *
 * @implements Rule<New_>
 */
final class WideByNames implements Rule
{
    private const IN_A_ROW = 6;

    public function getNodeType(): string
    {
        return New_::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        $unnamed = array_filter($node->args, static fn (Node $arg): bool => $arg instanceof Arg && $arg->name === null && ! $arg->unpack);

        return count($unnamed) <= self::IN_A_ROW ? [] : [RuleErrorBuilder::message(sprintf('%d things in a row: name them.', count($unnamed)))->identifier('imbrex.wide')->build()];
    }
}
