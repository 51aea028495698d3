<?php

declare(strict_types=1);

namespace Lanai\Core\Wording;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Fits\FormulaFit;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * Formulas made by pointing: a condition is one or more comparisons joined by "and" or "or", each a thing, a comparison and
 * a value. The words are for the founder, the formula behind them is written here.
 */
final class Picks
{
    private const SIGNS = [
        'is' => '==',
        'isNot' => '!=',
        'more' => '>',
        'less' => '<',
        'least' => '>=',
        'most' => '<=',
        'contains' => 'contains',
        'starts' => 'starts with',
    ];

    /** True where the comparison needs a value on its other side. */
    public static function needsValue(string $comparison): bool
    {
        return isset(self::SIGNS[$comparison]);
    }

    /**
     * The things that can be pointed at, those one step behind links included.
     *
     * @return list<array{text: string, words: string, type: string, comparisons: array<string, string>, values: list<array{text: string, words: string}>}>
     */
    public static function things(Scope $scope): array
    {
        $things = [];
        $paths = array_filter(FormulaFit::paths($scope), fn (Type $t): bool => $t->kind !== Kind::Nothing);
        foreach ($paths as $path => $type) {
            if ($type->kind === Kind::Several) {
                $paths["count($path)"] = Type::of(Kind::Whole);
            }
        }
        foreach (array_slice($paths, 0, 120) as $path => $type) {
            $values = [];
            foreach ($paths as $other => $otherType) {
                if (
                    $other !== $path &&
                    $otherType->kind !== Kind::Several &&
                    $otherType->comparesWith($type) &&
                    substr_count((string) $other, '.') < 2 &&
                    count($values) < 25
                ) {
                    $values[] = ['text' => (string) $other, 'words' => self::inWords((string) $other, $scope)];
                }
            }
            $kind = Kinds::of($type->kind);
            foreach (array_reverse($kind->constants($type)) as $text => $words) {
                array_unshift($values, ['text' => (string) $text, 'words' => $words]);
            }
            $things[] = [
                'text' => (string) $path,
                'words' => self::inWords((string) $path, $scope),
                'type' => $type->kind->name,
                'comparisons' => $kind->comparisons(),
                'values' => $values,
            ];
        }

        return $things;
    }

    /**
     * A condition taken apart; null where it is not made of comparisons of this kind.
     *
     * @return array{join: 'and'|'or', parts: list<array{thing: string, is: string, value: string}>}|null
     */
    public static function read(Formula $formula): ?array
    {
        $join = self::joins($formula->tree);
        $parts = [];
        foreach ($join === '' ? [$formula->tree] : self::split($formula->tree, $join) as $node) {
            $part = self::comparison($node);
            if ($part === null) {
                return null;
            }
            $parts[] = $part;
        }

        return ['join' => $join === 'or' ? 'or' : 'and', 'parts' => $parts];
    }

    /** @param  list<array{thing: string, is: string, value: string}>  $parts */
    public static function write(string $join, array $parts): string
    {
        return implode(
            $join === 'or' ? ' or ' : ' and ',
            array_map(
                fn (array $part): string => match ($part['is']) {
                    'yes' => $part['thing'],
                    'no' => "not {$part['thing']}",
                    'some' => "any({$part['thing']})",
                    'none' => "not any({$part['thing']})",
                    'filled' => "{$part['thing']} != null",
                    'empty' => "{$part['thing']} == null",
                    default => "{$part['thing']} ".(self::SIGNS[$part['is']] ?? '==').' '.($part['value'] === '' ? 'null' : $part['value']),
                },
                $parts,
            ),
        );
    }

    private static function inWords(string $text, Scope $scope): string
    {
        try {
            return InWords::of(Formula::of($text), $scope);
        } catch (FormulaMistake) {
            return $text;
        }
    }

    private static function joins(Node\Node $node): string
    {
        $operator = $node instanceof Node\BinaryNode ? Tree::operator($node) : '';

        return match ($operator) {
            'and', '&&' => 'and',
            'or', '||' => 'or',
            default => '',
        };
    }

    /** @return list<Node\Node> */
    private static function split(Node\Node $node, string $join): array
    {
        return self::joins($node) === $join
            ? [...self::split(Tree::child($node, 'left'), $join), ...self::split(Tree::child($node, 'right'), $join)]
            : [$node];
    }

    /** @return array{thing: string, is: string, value: string}|null */
    private static function comparison(Node\Node $node): ?array
    {
        $not = $node instanceof Node\UnaryNode && in_array(Tree::operator($node), ['not', '!'], true);
        $inner = $not ? Tree::child($node, 'node') : $node;
        if ($inner instanceof Node\FunctionNode && Tree::name($inner) === 'any' && count(Tree::arguments($inner)) === 1) {
            $thing = self::thing(Tree::arguments($inner)[0]);

            return $thing === null ? null : ['thing' => $thing, 'is' => $not ? 'none' : 'some', 'value' => ''];
        }
        if (! ($inner instanceof Node\BinaryNode)) {
            $thing = self::thing($inner);

            return $thing === null ? null : ['thing' => $thing, 'is' => $not ? 'no' : 'yes', 'value' => ''];
        }
        $is = array_search(Tree::operator($inner), self::SIGNS, true);
        $thing = self::thing(Tree::child($inner, 'left'));
        $right = Tree::child($inner, 'right');
        if ($not || $thing === null || $is === false) {
            return null;
        }
        if ($right instanceof Node\ConstantNode && $right->attributes['value'] === null) {
            return $is === 'is' || $is === 'isNot' ? ['thing' => $thing, 'is' => $is === 'is' ? 'empty' : 'filled', 'value' => ''] : null;
        }
        $value = self::value($right);

        return $value === null ? null : ['thing' => $thing, 'is' => $is, 'value' => $value];
    }

    private static function thing(Node\Node $node): ?string
    {
        if ($node instanceof Node\FunctionNode && Tree::name($node) === 'count' && count(Tree::arguments($node)) === 1) {
            $list = self::thing(Tree::arguments($node)[0]);

            return $list === null ? null : "count($list)";
        }
        if ($node instanceof Node\NameNode) {
            return Tree::name($node);
        }
        if (! ($node instanceof Node\GetAttrNode) || $node->attributes['type'] !== Node\GetAttrNode::PROPERTY_CALL) {
            return null;
        }
        $owner = self::thing(Tree::child($node, 'node'));

        return $owner === null ? null : $owner.'.'.Tree::member($node);
    }

    private static function value(Node\Node $node): ?string
    {
        if ($node instanceof Node\ConstantNode) {
            $value = $node->attributes['value'];

            return $value === null ? null : Literals::written($value);
        }
        if ($node instanceof Node\FunctionNode) {
            $arguments = array_map(self::value(...), Tree::arguments($node));

            return in_array(null, $arguments, true) ? null : Tree::name($node).'('.implode(', ', $arguments).')';
        }
        if ($node instanceof Node\BinaryNode && in_array(Tree::operator($node), ['+', '-'], true)) {
            [$a, $b] = [self::value(Tree::child($node, 'left')), self::value(Tree::child($node, 'right'))];

            return $a === null || $b === null ? null : "$a ".Tree::operator($node)." $b";
        }

        return self::thing($node);
    }
}
