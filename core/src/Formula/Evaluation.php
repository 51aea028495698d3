<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use Lanai\Core\Data\Row;
use Lanai\Core\Ports\Rows;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * Computes formulas. A null anywhere on a path gives null, comparing null with anything but null gives no, and
 * arithmetic with null gives null, as in SQL.
 */
final class Evaluation
{
    /** @var list<array{table: string, id: int, field: string}> every stored cell that was read */
    public array $reads = [];

    /**
     * @param  array<string, mixed>  $names
     * @param  array<string, mixed>  $inputs
     */
    public function __construct(private readonly Moment $moment, private readonly Rows $rows, private readonly array $names, private readonly array $inputs = [], private readonly ?Row $row = null)
    {
    }

    public function of(Formula $formula): mixed
    {
        return $this->value($formula->tree);
    }

    public function yes(Formula $formula): bool
    {
        return $this->value($formula->tree) === true;
    }

    /** @throws FormulaMistake where a part of the template is not a formula */
    public function text(Template $template): string
    {
        $text = '';
        foreach ($template->parts as $part) {
            $text .= is_string($part) ? $part : Formats::show($this->of($part), $this->moment);
        }

        return $text;
    }

    public function show(mixed $value): string
    {
        return Formats::show($value, $this->moment);
    }

    private function value(Node\Node $node): mixed
    {
        return match (true) {
            $node instanceof Node\ConstantNode => $node->attributes['value'],
            $node instanceof Node\NameNode => $this->name(Tree::name($node)),
            $node instanceof Node\GetAttrNode => $this->member($node),
            $node instanceof Node\FunctionNode => $this->call($node),
            $node instanceof Node\UnaryNode => $this->unary(Tree::operator($node), $this->value(Tree::child($node, 'node'))),
            $node instanceof Node\BinaryNode => $this->binary(Tree::operator($node), Tree::child($node, 'left'), Tree::child($node, 'right')),
            $node instanceof Node\ConditionalNode => $this->value(Tree::child($node, 'expr1')) === true ? $this->value(Tree::child($node, 'expr2')) : $this->value(Tree::child($node, 'expr3')),
            $node instanceof Node\NullCoalesceNode => $this->value(Tree::child($node, 'expr1')) ?? $this->value(Tree::child($node, 'expr2')),
            $node instanceof Node\ArrayNode => array_map($this->value(...), Tree::items($node)),
            default => throw new FormulaMistake('This kind of formula is not known here.'),
        };
    }

    private function name(string $name): mixed
    {
        if ($this->row !== null && $this->row->has($name)) {
            return $this->cell($this->row, $name);
        }

        return $this->names[$name] ?? null;
    }

    private function member(Node\GetAttrNode $node): mixed
    {
        $member = Tree::member($node);
        $owner = Tree::child($node, 'node');
        if ($owner instanceof Node\NameNode) {
            if (Tree::name($owner) === 'input') {
                return $this->inputs[$member] ?? null;
            }
            if (Tree::name($owner) === 'screen') {
                return $this->names[$member] ?? null;
            }
        }
        $of = $this->value($owner);

        return $of instanceof Row ? $this->cell($of, $member) : null;
    }

    private function cell(Row $row, string $member): mixed
    {
        if ($member === 'id') {
            return $row->id;
        }
        $field = $row->table->fieldInFormula($member);
        if ($field === null) {
            return null;
        }
        $value = $row->value($field);
        $this->reads[] = ['table' => $row->table->name, 'id' => $row->id, 'field' => $field->name];
        $link = $field->linksTo();

        return $link !== '' && is_int($value) ? $this->rows->row($link, $value) : $value;
    }

    private function call(Node\FunctionNode $node): mixed
    {
        $function = Functions::named(Tree::name($node));
        if ($function === null) {
            return null;
        }
        $given = array_map(fn (Node\Node $n): mixed => $this->value($n), Tree::arguments($node));
        if ($function->name !== 'text' && in_array(null, $given, true)) {
            return null;
        }

        return ($function->compute)($this->moment, ...$given);
    }

    private function unary(string $operator, mixed $value): mixed
    {
        return match ($operator) {
            'not', '!' => $value !== true,
            '-' => is_int($value) || is_float($value) ? -$value : null,
            default => $value,
        };
    }

    private function binary(string $operator, Node\Node $left, Node\Node $right): mixed
    {
        $a = $this->value($left);
        switch ($operator) {
            case 'and': case '&&':
                return $a === true && $this->value($right) === true;
            case 'or': case '||':
                return $a === true || $this->value($right) === true;
        }
        $b = $this->value($right);

        return match ($operator) {
            'xor' => ($a === true) !== ($b === true),
            '==' => self::alike($a, $b),
            '!=' => ! self::alike($a, $b),
            '<' => self::order($a, $b, fn (int $c): bool => $c < 0),
            '>' => self::order($a, $b, fn (int $c): bool => $c > 0),
            '<=' => self::order($a, $b, fn (int $c): bool => $c <= 0),
            '>=' => self::order($a, $b, fn (int $c): bool => $c >= 0),
            'in' => is_array($b) && self::among($a, $b),
            'not in' => ! (is_array($b) && self::among($a, $b)),
            'contains' => is_string($a) && is_string($b) && str_contains($a, $b),
            'starts with' => is_string($a) && is_string($b) && str_starts_with($a, $b),
            'ends with' => is_string($a) && is_string($b) && str_ends_with($a, $b),
            'matches' => is_string($a) && is_string($b) && @preg_match($b, $a) === 1,
            '~' => $this->show($a).$this->show($b),
            default => self::arithmetic($operator, $a, $b),
        };
    }

    public static function alike(mixed $a, mixed $b): bool
    {
        if ($a instanceof Row || $b instanceof Row) {
            return $a instanceof Row && $b instanceof Row && $a->id === $b->id && $a->table->name === $b->table->name;
        }

        return $a === null || $b === null ? $a === $b : self::compared($a, $b) === 0;
    }

    /** @param  array<mixed>  $all */
    private static function among(mixed $one, array $all): bool
    {
        foreach ($all as $each) {
            if (self::alike($one, $each)) {
                return true;
            }
        }

        return false;
    }

    /** @param  callable(int): bool  $test */
    private static function order(mixed $a, mixed $b, callable $test): bool
    {
        return $a !== null && $b !== null && $test(self::compared($a, $b));
    }

    private static function compared(mixed $a, mixed $b): int
    {
        return match (true) {
            $a instanceof DateTimeImmutable && $b instanceof DateTimeImmutable => $a <=> $b,
            is_string($a) && is_string($b) => strcmp($a, $b),
            is_bool($a) && is_bool($b), (is_int($a) || is_float($a)) && (is_int($b) || is_float($b)) => $a <=> $b,
            default => -1,
        };
    }

    private static function arithmetic(string $operator, mixed $a, mixed $b): int|float|null
    {
        if (! (is_int($a) || is_float($a)) || ! (is_int($b) || is_float($b))) {
            return null;
        }

        return match ($operator) {
            '+' => $a + $b,
            '-' => $a - $b,
            '*' => $a * $b,
            '**' => $a ** $b,
            '/' => $b == 0 ? null : $a / $b,
            '%' => (int) $b === 0 ? null : (is_int($a) && is_int($b) ? $a % $b : fmod($a, $b)),
            default => null,
        };
    }
}
