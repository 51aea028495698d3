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

    private function __construct(private readonly Table $table, private readonly Evaluation $outer) {}

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
        if ($node instanceof Node\BinaryNode && in_array($node->attributes['operator'], ['and', '&&'], true)) {
            return [...self::conjuncts($node->nodes['left']), ...self::conjuncts($node->nodes['right'])];
        }

        return [$node];
    }

    private function condition(Node\Node $node): ?Condition
    {
        if ($node instanceof Node\UnaryNode && in_array($node->attributes['operator'], ['not', '!'], true)) {
            $inner = $this->condition($node->nodes['node']);

            return $inner === null ? null : Condition::not($inner);
        }
        $own = $this->ownField($node);
        if ($own !== null) {
            return Condition::compare($own, '==', true);
        }
        if (! $node instanceof Node\BinaryNode) {
            return null;
        }
        $operator = (string) $node->attributes['operator'];
        $left = $node->nodes['left'];
        $right = $node->nodes['right'];
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
            return $this->table->fieldInFormula($node->attributes['name']);
        }
        if ($node instanceof Node\GetAttrNode && $node->nodes['node'] instanceof Node\NameNode && $node->nodes['node']->attributes['name'] === 'this') {
            return $this->table->fieldInFormula((string) $node->nodes['attribute']->attributes['value']);
        }

        return null;
    }

    private function touchesRow(Node\Node $node): bool
    {
        if ($node instanceof Node\NameNode && ($node->attributes['name'] === 'this' || $this->table->fieldInFormula($node->attributes['name']) !== null)) {
            return true;
        }
        if ($node instanceof Node\GetAttrNode && $node->nodes['node'] instanceof Node\NameNode && in_array($node->nodes['node']->attributes['name'], ['screen', 'input'], true)) {
            return false;
        }
        foreach ($node->nodes as $inner) {
            if ($inner instanceof Node\Node && $this->touchesRow($inner)) {
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
