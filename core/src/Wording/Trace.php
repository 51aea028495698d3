<?php

declare(strict_types=1);

namespace Lanai\Core\Wording;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Rows\Evaluation;
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
        foreach (
            match (true) {
                $node instanceof Node\FunctionNode => Tree::arguments($node),
                $node instanceof Node\GetAttrNode => [],
                default => Tree::nodes($node->nodes),
            } as $i => $inner
        ) {
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
        $shown = $value instanceof LongList ? '' : Formats::show($value, $evaluation->moment());
        $found[$words] = [
            'words' => $words,
            'value' => match (true) {
                $value instanceof LongList => 'very many',
                is_array($value) => count($value).' of them'.($value === [] ? '' : ': '.mb_strimwidth($shown, 0, 80, '…')),
                $value === null => 'nothing',
                default => $shown,
            },
        ];
    }
}
