<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Functions;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Among;
use Lanai\Core\Query\Term;
use Lanai\Core\Text\Names;
use Symfony\Component\ExpressionLanguage\Node;

/** Turns a formula about a row into a term, wherever a query can say the same; what does not depend on the row is computed first. */
final class Terms
{
    public const OVER_ROWS = ['count', 'any', 'every', 'sum', 'average', 'min', 'max'];

    private const ORDERS = ['<', '>', '<=', '>='];

    private int $rows = 0;

    /**
     * @param  list<array{Table, int}>  $levels  the rows at hand, the innermost last, each with its number
     */
    private function __construct(
        private readonly Blueprint $blueprint,
        private readonly Evaluation $outer,
        private array $levels,
        private int $depth = 0,
        private readonly ?Sight $rights = null,
    ) {
    }

    /** Null where a query cannot say it. */
    public static function of(Formula $formula, Table $table, Blueprint $blueprint, Evaluation $outer): ?Term
    {
        return self::ofNode($formula->tree, $table, $blueprint, $outer);
    }

    /** What a function over rows says where no row is at hand, such as count(swims); null where a query cannot say it. */
    public static function overRows(Node\FunctionNode $node, Blueprint $blueprint, Evaluation $outer): ?Term
    {
        return in_array(Tree::name($node), self::OVER_ROWS, true) ? (new self($blueprint, $outer, [], 0, $outer->rights()))->call($node) : null;
    }

    public static function ofNode(Node\Node $node, Table $table, Blueprint $blueprint, Evaluation $outer): ?Term
    {
        return (new self($blueprint, $outer, [[$table, 0]], 0, $outer->rights()))->term($node);
    }

    private function term(Node\Node $node): ?Term
    {
        if (! $this->touches($node)) {
            $value = $this->outer->of(Formula::fromTree($node));

            return $value !== null && StoredValue::plain($value) === null ? null : Term::value($value, Kinds::typeOf($value));
        }

        return match (true) {
            $node instanceof Node\NameNode => $this->name(Tree::name($node)),
            $node instanceof Node\GetAttrNode => $this->member($node),
            $node instanceof Node\FunctionNode => $this->call($node),
            $node instanceof Node\UnaryNode => $this->unary($node),
            $node instanceof Node\BinaryNode => $this->binary(Tree::operator($node), Tree::child($node, 'left'), Tree::child($node, 'right')),
            $node instanceof Node\ConditionalNode => $this->choice(Tree::child($node, 'expr1'), Tree::child($node, 'expr2'), Tree::child($node, 'expr3')),
            $node instanceof Node\NullCoalesceNode => $this->together('coalesce', [Tree::child($node, 'expr1'), Tree::child($node, 'expr2')]),
            default => null,
        };
    }

    private function name(string $name): ?Term
    {
        foreach (array_reverse($this->levels) as $depth => [$table, $row]) {
            if ($name === 'this') {
                return Term::id($row, $table);
            }
            $field = $table->fieldInFormula($name);
            if ($field !== null) {
                return $this->cell(Term::id($row, $table), $table, $row, $name);
            }
        }

        return null;
    }

    private function member(Node\GetAttrNode $node): ?Term
    {
        $owner = $this->term(Tree::child($node, 'node'));
        $table = $owner?->type->kind === Kind::Row ? $this->blueprint->tableOfOne($owner->type->one) : null;
        if ($owner === null || $table === null) {
            return null;
        }
        if (Tree::member($node) === 'id' && $table->fieldInFormula('id') === null) {
            return $owner->asNumber();
        }
        if ($owner->kind === 'id') {
            return $this->cell($owner, $table, $owner->row, Tree::member($node));
        }
        $row = ++$this->rows;
        $part = $this->cell(Term::id($row, $table), $table, $row, Tree::member($node));

        return $part === null ? null : Term::lookup($owner, $table, $row, $part);
    }

    /** A field of the row with this number; a formula field is what its formula says about that row. */
    private function cell(Term $id, Table $table, int $row, string $name): ?Term
    {
        $field = $table->fieldInFormula($name);
        if ($field === null || $field->linksToMany() !== '') {
            return null;
        }
        if ($field->formula() === '') {
            $column = $field->hasColumn() ? $this->unless($this->limit($table, $row, $field), Term::column($row, $field)) : null;
            $linked = $column === null || $field->linksTo() === '' ? null : $this->blueprint->tableOfOne($field->linksTo());
            if ($column === null || $linked === null || $this->rights === null) {
                return $column;
            }
            $there = ++$this->rows;
            $limit = $this->limit($linked, $there);

            // A link to a row that this person may not see leads nowhere.
            return match (true) {
                $limit === null => $column,
                $limit === false => null,
                default => Term::lookup($column, $linked, $there, Term::choice($limit, Term::id($there, $linked), Term::value(null, Type::of(Kind::Nothing)))),
            };
        }
        if ($this->depth > 8) {
            return null;
        }
        try {
            return $this->unless($this->limit($table, $row, $field), $this->about($table, $row, Formula::of($field->formula()), $this->outer));
        } catch (FormulaMistake) {
            return null;
        }
    }

    /** A formula about a row of its own, over every row there is. */
    private function about(Table $table, int $row, Formula $formula, Evaluation $outer): ?Term
    {
        $within = new self($this->blueprint, $outer, [[$table, $row]], $this->depth + 1);
        $within->rows = max($this->rows, $row);
        $term = $within->term($formula->tree);
        $this->rows = $within->rows;

        return $term;
    }

    /** The condition under which a row, or a field of it, may be seen; null for none, false where a query cannot say it. */
    private function limit(Table $table, int $row, ?Field $field = null): Term|false|null
    {
        return $this->rights?->condition(
            $table,
            $field,
            fn (Formula $formula, Evaluation $outer): ?Term => $this->depth > 8 ? null : $this->about($table, $row, $formula, $outer),
        );
    }

    private function unless(Term|false|null $limit, ?Term $term): ?Term
    {
        return match (true) {
            $limit === null || $term === null => $term,
            $limit === false => null,
            default => Term::choice($limit, $term, Term::value(null, Type::of(Kind::Nothing))),
        };
    }

    /** The rows of a list that may be seen; null where a query cannot tell. */
    private function seen(Among $list): ?Among
    {
        $limit = $this->limit($list->table, $list->row);

        return match (true) {
            $limit === null => $list,
            $limit === false => null,
            default => $list->where($limit),
        };
    }

    private function unary(Node\UnaryNode $node): ?Term
    {
        $inner = $this->term(Tree::child($node, 'node'));
        if ($inner === null) {
            return null;
        }

        return match (Tree::operator($node)) {
            'not', '!' => Term::operator('not', Type::of(Kind::YesNo), $inner),
            '-' => $this->arithmetic('*', $inner, Term::value(-1, Type::of(Kind::Whole))),
            default => $inner,
        };
    }

    private function binary(string $operator, Node\Node $left, Node\Node $right): ?Term
    {
        if ($operator === 'in' || $operator === 'not in') {
            $found = $this->in($left, $right);

            return $found === null || $operator === 'in' ? $found : Term::operator('not', Type::of(Kind::YesNo), $found);
        }
        if (($operator === '==' || $operator === '!=') && $this->outer->comparesNobody($left, $right)) {
            return Term::value($operator === '!=', Type::of(Kind::YesNo));
        }
        $a = $this->term($left);
        $b = $a === null ? null : $this->term($right);
        $vague = [Kind::Any, Kind::Several];
        if ($a === null || $b === null || in_array($a->type->kind, $vague, true) || in_array($b->type->kind, $vague, true)) {
            return null;
        }
        $yesNo = Type::of(Kind::YesNo);

        return match (true) {
            in_array($operator, ['and', '&&'], true) => Term::operator('and', $yesNo, $a, $b),
            in_array($operator, ['or', '||'], true) => Term::operator('or', $yesNo, $a, $b),
            $operator === 'xor' => null,
            $operator === '==' || $operator === '!=' => ! $a->type->comparesWith($b->type) ? null : Term::operator($operator, $yesNo, $a, $b),
            in_array($operator, self::ORDERS, true) => ! $a->type->comparesWith($b->type) ? null : Term::operator($operator, $yesNo, $a, $b),
            $operator === 'contains' => Term::operator('contains', $yesNo, $a, $b),
            in_array($operator, ['starts with', 'ends with', 'matches'], true) => Term::call("operator $operator", $yesNo, $this->outer->moment(), $a, $b),
            $operator === '~' => $this->joined($a, $b),
            default => $this->arithmetic($operator, $a, $b),
        };
    }

    private function joined(Term $a, Term $b): ?Term
    {
        $text = fn (Term $t): ?Term => match ($t->type->kind) {
            Kind::Text, Kind::Nothing => $t,
            Kind::Row, Kind::Any, Kind::Several => null,
            default => Term::call('text', Type::of(Kind::Text), $this->outer->moment(), $t),
        };
        [$a, $b] = [$text($a), $text($b)];

        return $a === null || $b === null ? null : Term::operator('~', Type::of(Kind::Text), $a, $b);
    }

    private function arithmetic(string $operator, Term $a, Term $b): ?Term
    {
        $type = Arithmetic::type($operator, $a->type, $b->type);
        if ($type === null) {
            return null;
        }
        $numbers = $a->type->isNumber() && $b->type->isNumber();
        $measures = $a->type->isMeasure() && $a->type->fits($b->type);
        $native = ($numbers && in_array($operator, ['+', '-', '*', '/'], true)) || ($measures && in_array($operator, ['+', '-', '/'], true));

        return $native ? Term::operator($operator, $type, $a, $b) : Term::call("operator $operator", $type, $this->outer->moment(), $a, $b);
    }

    private function choice(Node\Node $condition, Node\Node $then, ?Node\Node $otherwise): ?Term
    {
        $parts = [$this->term($condition), $this->term($then), $otherwise === null ? Term::value(null, Type::of(Kind::Nothing)) : $this->term($otherwise)];

        return $parts[0] === null || $parts[1] === null || $parts[2] === null ? null : Term::choice($parts[0], $parts[1], $parts[2]);
    }

    /** @param  list<Node\Node>  $nodes */
    private function together(string $operator, array $nodes): ?Term
    {
        $type = Type::of(Kind::Nothing);
        $parts = [];
        foreach ($nodes as $node) {
            $part = $this->term($node);
            if ($part === null) {
                return null;
            }
            $type = $type->joined($part->type);
            $parts[] = $part;
        }

        return $type->kind === Kind::Any ? null : Term::operator($operator, $type, ...$parts);
    }

    private function call(Node\FunctionNode $node): ?Term
    {
        $name = Tree::name($node);
        $arguments = Tree::arguments($node);
        if ($name === 'if' && isset($arguments[1])) {
            return $this->choice($arguments[0], $arguments[1], $arguments[2] ?? null);
        }
        if ($name === 'coalesce') {
            return $this->together('coalesce', $arguments);
        }
        $list = $arguments === [] || ! in_array($name, ListFunctions::NAMES, true) ? null : $this->list($arguments[0]);
        if ($list !== null) {
            return $this->aggregate($name, $list, array_slice($arguments, 1));
        }
        $function = Functions::named($name);
        $parts = [];
        foreach ($arguments as $argument) {
            $part = $this->term($argument);
            if ($part === null || in_array($part->type->kind, [Kind::Row, Kind::Any, Kind::Several], true)) {
                return null;
            }
            $parts[] = $part;
        }
        if ($function?->compute === null) {
            return null;
        }

        return Term::call($name, $function->gives(array_map(fn (Term $t): Type => $t->type, $parts)), $this->outer->moment(), ...$parts);
    }

    /** @param  list<Node\Node>  $rest */
    private function aggregate(string $name, Among $list, array $rest): ?Term
    {
        $each = null;
        if ($rest !== []) {
            $each = $this->inside($list, $rest[0]);
            if ($each === null || count($rest) > 1) {
                return null;
            }
        }
        $yesNo = Type::of(Kind::YesNo);
        if (ListFunctions::wants($name) === Kind::YesNo) {
            if ($each !== null) {
                $list = $list->where($name === 'every' ? Term::operator('not', $yesNo, $each) : $each);
            } elseif ($list->of !== null) {
                // Counting the parts of linked rows leaves out those that are not there.
                $list = $list->where(
                    $name === 'every'
                        ? Term::operator(
                            'and',
                            $yesNo,
                            Term::operator('!=', $yesNo, $list->of, Term::value(null, Type::of(Kind::Nothing))),
                            Term::operator('not', $yesNo, $list->of),
                        )
                        : Term::operator('!=', $yesNo, $list->of, Term::value(null, Type::of(Kind::Nothing))),
                );
            }

            return match ($name) {
                'count' => Term::among('count', Type::of(Kind::Whole), $list),
                'any' => Term::among('any', $yesNo, $list),
                'every' => Term::operator('not', $yesNo, Term::among('any', $yesNo, $list)),
                default => null,
            };
        }
        $of = $each ?? $list->of;
        if (
            $of === null ||
            ($list->of !== null && $each !== null) ||
            ! in_array($name, ['sum', 'average', 'min', 'max'], true) ||
            in_array($of->type->kind, [Kind::Row, Kind::Any, Kind::Several], true)
        ) {
            return null;
        }
        $type = ListFunctions::type($name, $of->type, null);
        if ($type === null) {
            return null;
        }
        if ($name === 'average' && ! $of->type->isNumber()) {
            $counted = $list->where(Term::operator('!=', $yesNo, $of, Term::value(null, Type::of(Kind::Nothing))));
            $count = Term::among('count', Type::of(Kind::Whole), $counted);

            return Term::choice(
                Term::operator('>', $yesNo, $count, Term::value(0, Type::of(Kind::Whole))),
                Term::call('operator /', $type, $this->outer->moment(), Term::among('sum', $type, $list->of($of)), $count),
                Term::value(null, Type::of(Kind::Nothing)),
            );
        }

        return Term::among($name, $type, $list->of($of));
    }

    private function inside(Among $list, Node\Node $node): ?Term
    {
        if ($list->of !== null) {
            return null;
        }
        $this->levels[] = [$list->table, $list->row];
        try {
            return $this->term($node);
        } finally {
            array_pop($this->levels);
        }
    }

    private function in(Node\Node $left, Node\Node $right): ?Term
    {
        $a = $this->term($left);
        if ($a === null) {
            return null;
        }
        $yesNo = Type::of(Kind::YesNo);
        $list = $this->list($right);
        if ($list !== null) {
            $item = $list->of ?? Term::id($list->row, $list->table);

            return ! $item->type->comparesWith($a->type)
                ? null
                : Term::among(
                    'any',
                    $yesNo,
                    $list->where(
                        Term::operator(
                            'and',
                            $yesNo,
                            Term::operator('!=', $yesNo, $item, Term::value(null, Type::of(Kind::Nothing))),
                            Term::operator('==', $yesNo, $item, $a),
                        ),
                    ),
                );
        }
        if ($this->touches($right)) {
            return null;
        }
        $values = $this->outer->of(Formula::fromTree($right));
        if (! is_array($values) || count($values) > 500) {
            return is_array($values) ? null : Term::value(false, $yesNo);
        }
        $parts = array_map(
            fn (mixed $v): Term => Term::operator('==', $yesNo, $a, Term::value($v, Kinds::typeOf($v))),
            array_values(array_filter($values, fn (mixed $v): bool => $v !== null)),
        );

        return match (true) {
            $parts === [] => Term::value(false, $yesNo),
            count($parts) === 1 => $parts[0],
            default => Term::operator('or', $yesNo, ...$parts),
        };
    }

    /** The rows that a formula names, or what one of their fields holds; null where they are not the rows of links. */
    private function list(Node\Node $node): ?Among
    {
        if ($node instanceof Node\NameNode) {
            $name = Tree::name($node);
            foreach (array_reverse($this->levels) as [$table, $row]) {
                if ($table->fieldInFormula($name) !== null || isset($this->blueprint->everyBackLink($table)[$name])) {
                    return $this->links(Term::id($row, $table), $table, $name);
                }
            }
            $owner = $this->outer->ownerOf($name);
            if ($owner !== null) {
                return $this->links(Term::value($owner, Type::row($owner->table->singular)), $owner->table, $name);
            }
            foreach ($this->outer->knows($name) ? [] : $this->blueprint->tables as $table) {
                if (Names::inFormula($table->name) === $name && ! $this->blueprint->isServiceTable($table)) {
                    return $this->seen(new Among($table, ++$this->rows));
                }
            }

            return null;
        }
        if ($node instanceof Node\FunctionNode && Tree::name($node) === 'where' && count(Tree::arguments($node)) === 2) {
            $list = $this->list(Tree::arguments($node)[0]);
            $where = $list === null ? null : $this->inside($list, Tree::arguments($node)[1]);

            return $list === null || $where === null ? null : $list->where($where);
        }
        if (! ($node instanceof Node\GetAttrNode)) {
            return null;
        }
        $of = $this->list(Tree::child($node, 'node'));
        if ($of !== null) {
            $part = $of->of === null ? $this->cell(Term::id($of->row, $of->table), $of->table, $of->row, Tree::member($node)) : null;

            return $part === null || $part->type->kind === Kind::Several ? null : $of->of($part);
        }
        $owner = $this->touches(Tree::child($node, 'node'))
            ? $this->term(Tree::child($node, 'node'))
            : $this->row($this->outer->of(Formula::fromTree(Tree::child($node, 'node'))));
        $table = $owner?->type->kind === Kind::Row ? $this->blueprint->tableOfOne($owner->type->one) : null;

        return $owner === null || $table === null ? null : $this->links($owner, $table, Tree::member($node));
    }

    private function row(mixed $value): ?Term
    {
        return $value instanceof Row ? Term::value($value, Type::row($value->table->singular)) : null;
    }

    private function links(Term $owner, Table $table, string $name): ?Among
    {
        $field = $table->fieldInFormula($name);
        if ($field !== null) {
            $to = $field->linksToMany() === '' ? null : $this->blueprint->tableOfOne($field->linksToMany());

            return $to === null || $this->blueprint->isServiceTable($to) || $this->blueprint->isServiceTable($table)
                ? null
                : $this->seen(new Among($to, ++$this->rows, $field, $table, false, $owner));
        }
        $link = $this->blueprint->everyBackLink($table)[$name] ?? null;

        return $link === null || $this->blueprint->isServiceTable($link->from)
            ? null
            : $this->seen(new Among($link->from, ++$this->rows, $link->field, $link->from, true, $owner));
    }

    /** True where the value depends on the row at hand, or on rows that only a query should count. */
    private function touches(Node\Node $node): bool
    {
        if ($node instanceof Node\NameNode) {
            $name = Tree::name($node);
            foreach ($this->levels as [$table]) {
                if ($name === 'this' || $table->fieldInFormula($name) !== null || isset($this->blueprint->everyBackLink($table)[$name])) {
                    return true;
                }
            }

            return false;
        }
        if ($node instanceof Node\GetAttrNode && Prefix::of($node) !== null) {
            return false;
        }
        foreach (Tree::nodes($node->nodes) as $inner) {
            if ($this->touches($inner)) {
                return true;
            }
        }

        return false;
    }
}
