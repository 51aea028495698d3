<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * Fields by which formulas look up the rows of a table for each row of another, as in count(where(others, code == kind)):
 * without an index each row of the one would be compared with each of the other.
 */
final class JoinFields
{
    /** @return list<array{Table, list<IndexKey>}> */
    public static function of(Blueprint $blueprint): array
    {
        $tables = [];
        foreach ($blueprint->tables as $table) {
            $tables[Names::inFormula($table->name)] = $table;
        }
        $found = [];
        foreach (self::texts($blueprint->data()) as $text) {
            foreach (self::formulas($text) as $formula) {
                self::look($formula->tree, $tables, $found);
            }
        }

        return array_values($found);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return iterable<string> texts in which rows could be looked up
     */
    private static function texts(array $data): iterable
    {
        foreach ($data as $value) {
            if (is_array($value)) {
                yield from self::texts($value);
            } elseif (is_string($value) && str_contains($value, '==') && str_contains($value, '(') && strlen($value) < 10_000) {
                yield $value;
            }
        }
    }

    /** @return list<Formula> the text as a formula, or those in its braces */
    private static function formulas(string $text): array
    {
        try {
            return [Formula::of($text)];
        } catch (FormulaMistake) {
        }
        try {
            return Template::of($text)->formulas();
        } catch (FormulaMistake) {
            return [];
        }
    }

    /**
     * @param  array<string, Table>  $tables
     * @param  array<string, array{Table, list<IndexKey>}>  $found
     */
    private static function look(Node\Node $node, array $tables, array &$found): void
    {
        if ($node instanceof Node\FunctionNode && in_array(Tree::name($node), ListFunctions::NAMES, true)) {
            [$list, $condition] = [...Tree::arguments($node), null, null];
            $table = $list instanceof Node\NameNode ? $tables[Tree::name($list)] ?? null : null;
            if ($table !== null && $condition !== null) {
                foreach (self::equal($condition, $table) as $field) {
                    $found[$table->storedAs().' '.$field->column()] = [$table, [IndexKey::alike($field)]];
                }
            }
        }
        foreach (Tree::nodes($node->nodes) as $inner) {
            self::look($inner, $tables, $found);
        }
    }

    /** @return list<Field> fields that must be like a value which is not written there */
    private static function equal(Node\Node $condition, Table $table): array
    {
        if (! $condition instanceof Node\BinaryNode) {
            return [];
        }
        [$left, $right] = [Tree::child($condition, 'left'), Tree::child($condition, 'right')];
        if (in_array(Tree::operator($condition), ['and', '&&'], true)) {
            return [...self::equal($left, $table), ...self::equal($right, $table)];
        }
        $fields = [];
        foreach (Tree::operator($condition) === '==' ? [[$left, $right], [$right, $left]] : [] as [$side, $other]) {
            $field = $side instanceof Node\NameNode ? $table->fieldInFormula(Tree::name($side)) : null;
            if ($field !== null && $field->hasColumn() && ! $other instanceof Node\ConstantNode) {
                $fields[] = $field;
            }
        }

        return $fields;
    }
}
