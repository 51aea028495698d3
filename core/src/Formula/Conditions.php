<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Condition;
use Lanai\Core\Data\Row;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * Splits a formula about a row into what a query can decide and what stays for PHP. Comparisons of the row's own fields
 * with values that do not depend on the row become conditions; parts joined to them by "and" that cannot, stay behind.
 */
final class Conditions
{
    private const FLIPPED = ['==' => '==', '!=' => '!=', '<' => '>', '>' => '<', '<=' => '>=', '>=' => '<='];

    private function __construct(private readonly Table $table, private readonly Evaluation $outer)
    {
    }

    /**
     * @param  Evaluation  $outer  evaluates names that do not depend on the row
     * @return array{Condition|null, bool} the condition, and whether the formula must still be evaluated on each row
     */
    public static function of(Formula $formula, Table $table, Evaluation $outer): array
    {
        $split = new self($table, $outer);
        $found = [];
        $whole = true;
        foreach (self::conjuncts($formula->tree) as $part) {
            $condition = $split->condition($part);
            if ($condition === null) {
                $whole = false;
            } else {
                $found[] = $condition;
            }
        }

        return [$found === [] ? null : Condition::all(...$found), ! $whole];
    }

    /** @return list<Node\Node> */
    private static function conjuncts(Node\Node $node): array
    {
        if ($node instanceof Node\BinaryNode && in_array(Tree::operator($node), ['and', '&&'], true)) {
            return [...self::conjuncts(Tree::child($node, 'left')), ...self::conjuncts(Tree::child($node, 'right'))];
        }

        return [$node];
    }

    private function condition(Node\Node $node): ?Condition
    {
        if (! $this->touchesRow($node)) {
            return $this->outer->yes(self::formula($node)) ? Condition::all() : Condition::any();
        }
        if ($node instanceof Node\UnaryNode && in_array(Tree::operator($node), ['not', '!'], true)) {
            $inner = $this->condition(Tree::child($node, 'node'));

            return $inner === null ? null : Condition::not($inner);
        }
        $own = $this->ownField($node);
        if ($own !== null) {
            return Condition::compare($own, '==', true);
        }
        if (! $node instanceof Node\BinaryNode) {
            return null;
        }
        $operator = Tree::operator($node);
        $left = Tree::child($node, 'left');
        $right = Tree::child($node, 'right');
        if (in_array($operator, ['and', '&&', 'or', '||'], true)) {
            $a = $this->condition($left);
            $b = $this->condition($right);
            if ($a === null || $b === null) {
                return null;
            }

            return in_array($operator, ['or', '||'], true) ? Condition::any($a, $b) : Condition::all($a, $b);
        }
        if (isset(self::FLIPPED[$operator])) {
            return $this->comparison($left, $operator, $right) ?? $this->comparison($right, self::FLIPPED[$operator], $left);
        }
        if ($operator === 'in' || $operator === 'not in') {
            $field = $this->ownField($left);
            if ($field === null || $this->touchesRow($right)) {
                return null;
            }
            $values = $this->outer->of(self::formula($right));
            $each = array_map(fn (mixed $v): Condition => Condition::compare($field, '==', self::plain($v)), is_array($values) ? array_values($values) : []);
            $among = Condition::any(...$each);

            return $operator === 'in' ? $among : Condition::not($among);
        }

        return null;
    }

    private function comparison(Node\Node $fieldSide, string $operator, Node\Node $valueSide): ?Condition
    {
        $field = $this->ownField($fieldSide);
        if ($field === null || $this->touchesRow($valueSide)) {
            return null;
        }

        return Condition::compare($field, $operator, self::plain($this->outer->of(self::formula($valueSide))));
    }

    private function ownField(Node\Node $node): ?Field
    {
        if ($node instanceof Node\NameNode) {
            return $this->table->fieldInFormula(Tree::name($node));
        }
        if ($node instanceof Node\GetAttrNode && Tree::child($node, 'node') instanceof Node\NameNode && Tree::name(Tree::child($node, 'node')) === 'this') {
            return $this->table->fieldInFormula(Tree::member($node));
        }

        return null;
    }

    private function touchesRow(Node\Node $node): bool
    {
        if ($node instanceof Node\NameNode && (Tree::name($node) === 'this' || $this->table->fieldInFormula(Tree::name($node)) !== null)) {
            return true;
        }
        if ($node instanceof Node\GetAttrNode && Tree::child($node, 'node') instanceof Node\NameNode && in_array(Tree::name(Tree::child($node, 'node')), ['screen', 'input'], true)) {
            return false;
        }
        foreach (Tree::nodes($node->nodes) as $inner) {
            if ($this->touchesRow($inner)) {
                return true;
            }
        }

        return false;
    }

    private static function formula(Node\Node $node): Formula
    {
        return Formula::fromTree($node);
    }

    private static function plain(mixed $value): mixed
    {
        return $value instanceof Row ? $value->id : $value;
    }
}
