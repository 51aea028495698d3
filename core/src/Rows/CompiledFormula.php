<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Closure;
use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Comparison;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Functions;
use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\QueryCall;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Texts;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * A formula about a row's own fields as one PHP closure, for formulas that run over many rows. The source that is evaluated
 * is made of the parsed tree only: names are looked up among the fields, and constants are exported.
 */
final class CompiledFormula
{
    private const ORDERS = ['<', '>', '<=', '>='];

    /** @var list<mixed> what does not depend on the row */
    private array $fixed = [];

    private int $locals = 0;

    private function __construct(private readonly Table $table, private readonly Evaluation $outer)
    {
    }

    /**
     * @param  Evaluation  $outer  evaluates names that do not depend on the row
     * @return Closure(Row): mixed|null  null where the formula follows links or works over lists
     */
    public static function of(Formula $formula, Table $table, Evaluation $outer): ?Closure
    {
        $made = new self($table, $outer);
        $code = $made->code($formula->tree);
        if ($code === null) {
            return null;
        }
        $fixed = $made->fixed;
        $moment = $outer->moment();

        /** @var Closure(Row): mixed $closure */
        $closure = eval('return static function (\\'.Row::class.' $row) use ($fixed, $moment): mixed { $v = $row->values; return '.$code[0].'; };');

        return $closure;
    }

    /** @return array{string, Type}|null */
    private function code(Node\Node $node): ?array
    {
        if (! $this->touches($node)) {
            $value = $this->outer->of(Formula::fromTree($node));
            if (is_scalar($value)) {
                return [var_export($value, true), Kinds::typeOf($value)];
            }
            if ($value instanceof Row || Items::isList($value)) {
                return null;
            }
            $this->fixed[] = $value;

            return ['$fixed['.(count($this->fixed) - 1).']', Kinds::typeOf($value)];
        }

        return match (true) {
            $node instanceof Node\NameNode, $node instanceof Node\GetAttrNode => $this->column($node),
            $node instanceof Node\UnaryNode => $this->unary($node),
            $node instanceof Node\BinaryNode => $this->binary(Tree::operator($node), Tree::child($node, 'left'), Tree::child($node, 'right')),
            $node instanceof Node\ConditionalNode => $this->choice(Tree::child($node, 'expr1'), Tree::child($node, 'expr2'), Tree::child($node, 'expr3')),
            $node instanceof Node\FunctionNode => $this->call($node),
            default => null,
        };
    }

    /** @return array{string, Type}|null */
    private function column(Node\Node $node): ?array
    {
        $field = $this->own($node);

        return $field === null || ! $field->hasColumn() || $field->linksTo() !== ''
            ? null
            : ['$v['.var_export($field->column(), true).']', $field->valueType()];
    }

    /** @return array{string, Type}|null */
    private function unary(Node\UnaryNode $node): ?array
    {
        $inner = $this->code(Tree::child($node, 'node'));

        return $inner === null || ! in_array(Tree::operator($node), ['not', '!'], true) ? null : ["($inner[0] !== true)", Type::of(Kind::YesNo)];
    }

    /** @return array{string, Type}|null */
    private function binary(string $operator, Node\Node $left, Node\Node $right): ?array
    {
        if (($operator === '==' || $operator === '!=') && $this->outer->comparesNobody($left, $right)) {
            return [$operator === '!=' ? 'true' : 'false', Type::of(Kind::YesNo)];
        }
        $a = $this->code($left);
        $b = $a === null ? null : $this->code($right);
        if ($a === null || $b === null) {
            return null;
        }
        $yesNo = Type::of(Kind::YesNo);
        $numbers = $a[1]->isNumber() && $b[1]->isNumber();
        $texts = $a[1]->kind === Kind::Text && $b[1]->kind === Kind::Text;
        switch ($operator) {
            case 'and':
            case '&&':
                return ["(($a[0]) === true && ($b[0]) === true)", $yesNo];
            case 'or':
            case '||':
                return ["(($a[0]) === true || ($b[0]) === true)", $yesNo];
            case '==':
            case '!=':
                $not = $operator === '==' ? '' : '! ';

                return $texts || ($a[1]->kind === Kind::Whole && $b[1]->kind === Kind::Whole)
                    ? ["({$not}($a[0] === $b[0]))", $yesNo]
                    : ["({$not}\\".Evaluation::class."::alike($a[0], $b[0]))", $yesNo];
            case 'contains':
                return $texts ? $this->guarded($a, $b, '\\'.Texts::class.'::holds(%s, %s)', 'false', $yesNo) : null;
            case 'starts with':
                return $texts ? $this->guarded($a, $b, '\\'.Texts::class.'::begins(%s, %s)', 'false', $yesNo) : null;
        }
        if (in_array($operator, self::ORDERS, true)) {
            return match (true) {
                $numbers => $this->guarded($a, $b, "(%s $operator %s)", 'false', $yesNo),
                $a[1]->kind === Kind::Moment && $b[1]->kind === Kind::Moment => $this->guarded($a, $b, "(%s $operator %s)", 'false', $yesNo),
                default => $this->guarded($a, $b, '(\\'.Comparison::class."::of(%s, %s) $operator 0)", 'false', $yesNo),
            };
        }
        $type = in_array($operator, ['+', '-', '*', '/', '%', '**'], true) ? Arithmetic::type($operator, $a[1], $b[1]) : null;

        return match (true) {
            $type === null => null,
            $numbers && in_array($operator, ['+', '-', '*'], true) => $this->guarded($a, $b, "(%s $operator %s)", 'null', $type),
            default => ['\\'.Arithmetic::class."::of('$operator', $a[0], $b[0])", $type],
        };
    }

    /**
     * Code for two values that must be there, each computed once.
     *
     * @param  array{string, Type}  $a
     * @param  array{string, Type}  $b
     * @return array{string, Type}
     */
    private function guarded(array $a, array $b, string $code, string $otherwise, Type $type): array
    {
        $tests = [];
        $names = [];
        foreach ([$a, $b] as [$source]) {
            if (Pattern::match('/^(-?\d+(\.\d+)?|\'(?:[^\'\\\\]|\\\\.)*\')$/', $source)) {
                $names[] = $source;

                continue;
            }
            $local = '$x'.$this->locals++;
            $tests[] = "($local = $source) !== null";
            $names[] = $local;
        }

        return [$tests === [] ? sprintf($code, ...$names) : '('.implode(' && ', $tests).' ? '.sprintf($code, ...$names)." : $otherwise)", $type];
    }

    /** @return array{string, Type}|null */
    private function choice(Node\Node $condition, Node\Node $then, Node\Node $otherwise): ?array
    {
        $parts = [$this->code($condition), $this->code($then), $this->code($otherwise)];

        return $parts[0] === null || $parts[1] === null || $parts[2] === null
            ? null
            : ["(({$parts[0][0]}) === true ? {$parts[1][0]} : {$parts[2][0]})", $parts[1][1]->joined($parts[2][1])];
    }

    /** @return array{string, Type}|null */
    private function call(Node\FunctionNode $node): ?array
    {
        $name = Tree::name($node);
        $function = Functions::named($name);
        $codes = [];
        $types = [];
        foreach (Tree::arguments($node) as $argument) {
            $part = $this->code($argument);
            if ($part === null || $part[1]->kind === Kind::Several) {
                return null;
            }
            [$codes[], $types[]] = $part;
        }
        if ($function?->compute === null) {
            return null;
        }

        return ['\\'.QueryCall::class.'::of('.var_export($name, true).', ['.implode(', ', $codes).'], $moment)', $function->gives($types)];
    }

    private function own(Node\Node $node): ?Field
    {
        if ($node instanceof Node\NameNode) {
            return $this->table->fieldInFormula(Tree::name($node));
        }
        if (! ($node instanceof Node\GetAttrNode)) {
            return null;
        }
        $owner = Tree::child($node, 'node');

        return $owner instanceof Node\NameNode && Tree::name($owner) === 'this' ? $this->table->fieldInFormula(Tree::member($node)) : null;
    }

    private function touches(Node\Node $node): bool
    {
        if ($node instanceof Node\NameNode) {
            $name = Tree::name($node);

            return $name === 'this' || $this->table->fieldInFormula($name) !== null || ! $this->outer->knows($name);
        }
        if ($node instanceof Node\GetAttrNode && Prefix::of($node) !== null) {
            return false;
        }

        return array_filter(Tree::nodes($node->nodes), $this->touches(...)) !== [];
    }
}
