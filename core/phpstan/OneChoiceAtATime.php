<?php

declare(strict_types=1);

namespace Lanai\Core\PhpStan;

use PhpParser\Node;
use PhpParser\Node\Expr\Ternary;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * A choice within a choice is written as match, or as a function of its own: nobody reads it right at first.
 *
 * @implements Rule<Ternary>
 */
final class OneChoiceAtATime implements Rule
{
    public function getNodeType(): string
    {
        return Ternary::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        foreach ([$node->cond, $node->if, $node->else] as $part) {
            if ($part instanceof Ternary) {
                return [RuleErrorBuilder::message('A choice stands within a choice: write match, or a function.')->identifier('lanai.nestedChoice')->build()];
            }
        }

        return [];
    }
}
