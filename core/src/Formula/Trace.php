<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Script\Scope;
use Symfony\Component\ExpressionLanguage\Node;

/** A formula's value on one row with the value of each of its parts, for whoever writes it. */
final class Trace
{
    /**
     * @return list<array{words: string, value: string}> from the inside out, the whole formula last
     */
    public static function of(Formula $formula, Scope $scope, Evaluation $evaluation): array
    {
        $found = [];
        self::visit($formula->tree, $scope, $evaluation, $found);

        return array_values($found);
    }

    /** @param  array<string, array{words: string, value: string}>  $found */
    private static function visit(Node\Node $node, Scope $scope, Evaluation $evaluation, array &$found): void
    {
        $over = $node instanceof Node\FunctionNode && in_array(Tree::name($node), ListFunctions::NAMES, true);
        foreach ($node instanceof Node\FunctionNode ? Tree::arguments($node) : ($node instanceof Node\GetAttrNode ? [] : Tree::nodes($node->nodes)) as $i => $inner) {
            // A formula about each item has no one value.
            if (! $over || $i === 0) {
                self::visit($inner, $scope, $evaluation, $found);
            }
        }
        if ($node instanceof Node\ConstantNode || $node::class === Node\Node::class || $node instanceof Node\ArgumentsNode) {
            return;
        }
        $part = Formula::fromTree($node);
        $value = $evaluation->of($part);
        $words = InWords::of($part, $scope);
        $found[$words] = ['words' => $words, 'value' => $value instanceof LongList ? 'very many' : (is_array($value) ? count($value).' of them'.($value === [] ? '' : ': '.mb_strimwidth(Formats::show($value, $evaluation->moment()), 0, 80, '…')) : ($value === null ? 'nothing' : Formats::show($value, $evaluation->moment())))];
    }
}
