<?php

declare(strict_types=1);

namespace Lanai\Core\Wording;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;
use Symfony\Component\ExpressionLanguage\Node;

/** A formula as a person says it: the founder's own names, and words for signs. */
final readonly class InWords
{
    private const COMPARED = [
        '==' => 'is',
        '!=' => 'is not',
        '<' => 'is less than',
        '>' => 'is more than',
        '<=' => 'is at most',
        '>=' => 'is at least',
        'contains' => 'contains',
        'starts with' => 'starts with',
        'ends with' => 'ends with',
        'in' => 'is one of',
        'not in' => 'is none of',
        'matches' => 'matches',
    ];

    private const IN_TIME = ['<' => 'is before', '>' => 'is after', '<=' => 'is no later than', '>=' => 'is no earlier than'];

    private const CALLED = [
        'at' => '%s at %s',
        'now' => 'now',
        'today' => 'the start of today',
        'upper' => '%s in capitals',
        'lower' => '%s in small letters',
        'length' => 'the length of %s',
        'number' => 'the number in %s',
        'whole' => 'the whole number in %s',
        'text' => '%s as text',
        'round' => '%s rounded',
        'day' => 'the day of %s',
        'addDays' => '%2$s days after %1$s',
        'addHours' => '%2$s hours after %1$s',
        'addMonths' => '%2$s months after %1$s',
        'addMinutes' => '%2$s minutes after %1$s',
        'startOf' => 'the start of the %2$s of %1$s',
        'daysBetween' => 'the days from %s to %s',
        'distance' => 'the distance from %s to %s',
        'date' => 'the day of %s, written out',
        'time' => 'the time of %s',
        'relative' => 'how far away %s is',
        'minutes' => '%s minutes',
        'hours' => '%s hours',
        'money' => '%s as money',
        'percent' => '%s in percent',
        'plural' => '%s with %s or %s',
        'between' => '%s is from %s to %s',
        'coalesce' => '%s, or else %s',
        'if' => '%2$s where %1$s, else %3$s',
        'count' => 'how many %s',
        'sum' => 'the sum of %s',
        'average' => 'the mean of %s',
        'min' => 'the smallest of %s',
        'max' => 'the largest of %s',
        'first' => 'the first of %s',
        'last' => 'the last of %s',
        'any' => 'there are any %s',
        'every' => 'all %s',
        'join' => '%s one after another',
    ];

    private const OVER = [
        'count' => 'how many %s where %s',
        'sum' => 'the sum of %2$s over %1$s',
        'average' => 'the mean of %2$s over %1$s',
        'min' => 'the smallest %2$s of %1$s',
        'max' => 'the largest %2$s of %1$s',
        'first' => 'the first of %s where %s',
        'last' => 'the last of %s where %s',
        'any' => 'there are any %s where %s',
        'every' => 'for all %s, %s',
        'where' => '%s where %s',
        'sortBy' => '%s by %s',
        'join' => '%2$s of %1$s, one after another',
    ];

    /** Those that speak of all rows by themselves. */
    private const OF_ALL = ['any', 'count', 'every'];

    /** @param  self|null  $around  in a list: what stands around it */
    private function __construct(private Scope $scope, private ?self $around = null)
    {
    }

    public static function of(Formula $formula, Scope $scope): string
    {
        return (new self($scope))->write($formula->tree);
    }

    private function write(Node\Node $node): string
    {
        return match (true) {
            $node instanceof Node\ConstantNode => self::constant($node->attributes['value']),
            $node instanceof Node\NameNode => $this->name(Tree::name($node)),
            $node instanceof Node\GetAttrNode => $this->member($node),
            $node instanceof Node\FunctionNode => $this->call($node),
            $node instanceof Node\UnaryNode => Tree::operator($node) === '-'
                ? '-'.$this->write(Tree::child($node, 'node'))
                : $this->denied(Tree::child($node, 'node')),
            $node instanceof Node\BinaryNode => $this->binary(Tree::operator($node), Tree::child($node, 'left'), Tree::child($node, 'right')),
            $node instanceof Node\NullCoalesceNode => $this->write(Tree::child($node, 'expr1')).', or else '.$this->write(Tree::child($node, 'expr2')),
            $node instanceof Node\ConditionalNode => sprintf(
                '%s where %s, else %s',
                $this->write(Tree::child($node, 'expr2')),
                $this->write(Tree::child($node, 'expr1')),
                $this->write(Tree::child($node, 'expr3')),
            ),
            $node instanceof Node\ArrayNode => implode(', ', array_map($this->write(...), Tree::items($node))),
            default => '…',
        };
    }

    private function name(string $name): string
    {
        if ($name === 'this' || $name === 'me') {
            return $name === 'me' ? 'me' : 'this '.($this->scope->row?->one() ?? 'one');
        }
        $own = $this->scope->row === null ? null : $this->named(Type::row($this->scope->row->one()), $name);
        if ($own !== null) {
            return $own;
        }
        $outer = $this->around?->scope->row;
        $theirs = $this->around === null || $outer === null ? null : $this->around->named(Type::row($outer->one()), $name);
        if ($theirs !== null) {
            return "the {$outer->one()}’s $theirs";
        }
        $type = $this->scope->names[$name] ?? null;
        if ($type?->kind === Kind::Row) {
            return "the $type->one";
        }
        foreach (Blueprint::in($this->scope)->tables as $table) {
            if (Names::inFormula($table->name) === $name) {
                return "all $table->name";
            }
        }

        return $name;
    }

    private function member(Node\GetAttrNode $node): string
    {
        $owner = Tree::child($node, 'node');
        $member = Tree::member($node);
        $prefix = Prefix::of($node);
        if ($prefix !== null && (! $prefix->yields() || isset($this->scope->inputs[$prefix->key($member)]))) {
            return $prefix->inWords($member, $prefix === Prefix::Screen ? $this->scope->names[$member]->one ?? '' : '');
        }
        try {
            $type = Formula::fromTree($owner)->typeIn($this->scope);
        } catch (FormulaMistake) {
            return $this->write($owner)."’s $member";
        }
        $type = $type->kind === Kind::Several && $type->of !== null ? $type->of : $type;

        $whose = $this->write($owner);

        return ($whose === 'me' ? 'my ' : $whose.'’s ').($this->named($type, $member) ?? $member);
    }

    /** What a part of a row is called by the founder. */
    private function named(Type $row, string $member): ?string
    {
        $table = $row->kind === Kind::Row ? Blueprint::in($this->scope)->tableOfOne($row->one) : null;
        $field = $table?->fieldInFormula($member);
        $link = $table === null ? null : Blueprint::in($this->scope)->backLinks($table)[$member] ?? null;

        return $field->name ?? ($link === null ? null : $link->from->name.(str_contains($link->name, 'By') ? " by {$link->field->name}" : ''));
    }

    private function call(Node\FunctionNode $node): string
    {
        $name = Tree::name($node);
        $arguments = Tree::arguments($node);
        $words = [];
        foreach ($arguments as $i => $argument) {
            $within = $i > 0 && in_array($name, ListFunctions::NAMES, true) ? $this->inside($arguments[0]) : $this;
            $words[] = $within->write($argument);
        }
        if ($name === 'at' && array_filter($arguments, fn (Node\Node $a): bool => ! ($a instanceof Node\ConstantNode)) === []) {
            // A day and a time that are written down read as they are written.
            return implode(' ', $words);
        }
        if (in_array($name, self::OF_ALL, true) && isset($words[0])) {
            $words[0] = Pattern::replace('/^all /', '', $words[0]);
        }
        $pattern = count($words) > 1 && isset(self::OVER[$name]) ? self::OVER[$name] : self::CALLED[$name] ?? null;
        Pattern::matchAll('/%(?:(\d)\$)?s/', (string) $pattern, $places);

        return $pattern === null || count($words) < count($places[0]) ? "$name of ".implode(', ', $words) : vsprintf($pattern, $words);
    }

    private function inside(Node\Node $list): self
    {
        try {
            $type = Formula::fromTree($list)->typeIn($this->scope);
        } catch (FormulaMistake) {
            return $this;
        }

        return $type->of === null ? $this : new self($this->scope->inItem($type->of), $this);
    }

    private function denied(Node\Node $node): string
    {
        if ($node instanceof Node\FunctionNode && Tree::name($node) === 'any') {
            return str_replace('there are any', 'there are no', $this->write($node));
        }

        return $node instanceof Node\NameNode || $node instanceof Node\GetAttrNode
            ? $this->write($node).' is no'
            : 'it is not so that '.$this->write($node);
    }

    private function binary(string $operator, Node\Node $left, Node\Node $right): string
    {
        $a = $this->write($left);
        $b = $this->write($right);
        if (in_array($operator, ['and', '&&', 'or', '||'], true)) {
            return $a.(in_array($operator, ['and', '&&'], true) ? ' and ' : ' or ').$b;
        }
        if ($right instanceof Node\ConstantNode && $right->attributes['value'] === null && in_array($operator, ['==', '!='], true)) {
            return $a.($operator === '==' ? ' is empty' : ' is filled in');
        }
        if (isset(self::COMPARED[$operator])) {
            try {
                $kind = Formula::fromTree($left)->typeIn($this->scope)->kind;
            } catch (FormulaMistake) {
                $kind = Kind::Any;
            }

            return $a.
                ' '.
                (in_array($kind, [Kind::Moment, Kind::Date, Kind::Time], true)
                    ? self::IN_TIME[$operator] ?? self::COMPARED[$operator]
                    : self::COMPARED[$operator]).
                ' '.
                $b;
        }

        return $a.
            ' '.
            (['+' => 'plus', '-' => 'minus', '*' => 'times', '/' => 'divided by', '%' => 'modulo', '~' => 'and then', '**' => 'to the power'][$operator] ??
                $operator).
            ' '.
            $b;
    }

    private static function constant(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) => "“{$value}”",
            is_int($value) || is_float($value) => (string) $value,
            default => Literals::written($value) ?? '…',
        };
    }
}
