<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Text\Pattern;
use Symfony\Component\ExpressionLanguage\Node;

/** Finds the type of a formula, or says what is wrong with it. */
final readonly class Inference
{
    private const UNWRITTEN = "\0";

    public function __construct(private Formula $formula, private Scope $scope)
    {
    }

    /** @throws FormulaMistake */
    public function type(): Type
    {
        return $this->of($this->formula->tree);
    }

    private function of(Node\Node $node): Type
    {
        return match (true) {
            $node instanceof Node\ConstantNode => Kinds\Kinds::typeOf($node->attributes['value']),
            $node instanceof Node\NameNode => $this->name(Tree::name($node)),
            $node instanceof Node\GetAttrNode => $this->member($node),
            $node instanceof Node\FunctionNode => $this->call($node),
            $node instanceof Node\UnaryNode => $this->unary($node),
            $node instanceof Node\BinaryNode => $this->binary(Tree::operator($node), Tree::child($node, 'left'), Tree::child($node, 'right')),
            $node instanceof Node\ConditionalNode => $this->choice(Tree::child($node, 'expr1'), Tree::child($node, 'expr2'), Tree::child($node, 'expr3')),
            $node instanceof Node\NullCoalesceNode => $this->of(Tree::child($node, 'expr1'))->joined($this->of(Tree::child($node, 'expr2'))),
            $node instanceof Node\ArrayNode => $this->several($node),
            default => throw new FormulaMistake('This kind of formula is not known here.'),
        };
    }

    private function name(string $name): Type
    {
        $type = $this->scope->typeOf($name);
        if ($type !== null) {
            return $type;
        }
        if (Prefix::tryFrom($name) !== null) {
            throw $this->wrong("“{$name}” needs a name after it, as in {$name}.something.", $name);
        }
        if ($name === 'yes' || $name === 'no') {
            return Type::of(Kind::YesNo);
        }
        $near = Nearest::to($name, array_keys($this->scope->all()));
        $also = match (true) {
            Functions::named($name) !== null => " Write $name() to call the function.",
            $near === null => '',
            default => " Did you mean “{$near}”?",
        };

        throw $this->wrong("There is nothing called “{$name}” here.$also", $name, Functions::named($name) !== null ? $name.'()' : $near);
    }

    private function member(Node\GetAttrNode $node): Type
    {
        if ($node->attributes['type'] !== Node\GetAttrNode::PROPERTY_CALL) {
            throw new FormulaMistake('Only a dot leads to a part of a row, as in swim.title.');
        }
        $member = Tree::member($node);
        $owner = Tree::child($node, 'node');
        $prefix = Prefix::of($node);
        if ($prefix !== null && ! ($prefix->yields() && $this->scope->typeOf($prefix->value) !== null)) {
            return $this->behind($prefix, $member);
        }
        $type = $this->of($owner);
        if ($type->kind === Kind::Several && $type->of?->kind === Kind::Row) {
            $each = $this->part($type->of, $member);

            return $each->kind === Kind::Several ? $each : Type::several($each);
        }
        if ($type->kind !== Kind::Row) {
            throw $this->wrong('“'.$member.'” is asked of '.$type->inWords().', but only a row has parts.', $member);
        }

        return $this->part($type, $member);
    }

    /** What a prefix leads to. */
    private function behind(Prefix $prefix, string $member): Type
    {
        if ($prefix === Prefix::Screen) {
            return $this->scope->names[$member] ?? throw $this->unknown($member, $prefix->unknown(), array_keys($this->scope->names));
        }
        $found = $this->scope->inputs[$prefix->key($member)] ?? null;
        if ($found !== null) {
            return $found;
        }
        $begin = $prefix->key('');
        $known = $begin === '' ? array_keys($this->scope->inputs)
            : array_filter(array_keys($this->scope->inputs), fn (string $key): bool => str_starts_with($key, $begin));

        throw $this->unknown($member, $prefix->unknown(), array_values(array_map(fn (string $key): string => substr($key, strlen($begin)), $known)));
    }

    private function part(Type $row, string $member): Type
    {
        $table = $this->scope->schema->tableOfOne($row->one);
        if ($table === null || ($member === 'id' && ! $table->hasField('id'))) {
            return Type::of($table === null ? Kind::Any : Kind::Whole);
        }
        $parts = $this->scope->schema->partsOf($table);

        return $parts[$member] ?? throw $this->unknown($member, "{$table->called()} has no field called", array_keys($parts));
    }

    private function call(Node\FunctionNode $node): Type
    {
        $name = Tree::name($node);
        $function =
            Functions::named($name) ??
            throw $this->unknown($name, 'There is no function called', array_keys(Functions::all()), Functions::ALSO_CALLED[strtolower($name)] ?? null);
        $given = Tree::arguments($node);
        $most = count($function->takes);
        $first = $given === [] ? null : $this->of($given[0]);
        if ($first !== null && ListFunctions::means($name, $first)) {
            return $this->overList($name, $first, $given);
        }
        if (count($given) > $most || count($given) < $most - $function->optional) {
            throw $this->wrong(
                "$name() takes ".match (true) {
                    $most === 1 => 'one value',
                    $most === 0 => 'no values',
                    default => "$most values",
                }.', not '.count($given).'.',
                $name,
            );
        }
        $types = [];
        foreach ($given as $i => $argument) {
            $type = $this->of($argument);
            if (! $function->accepts($i, $type)) {
                throw $this->wrong(
                    "$name() needs {$function->wants($i)->inWords()} here, but this is {$type->inWords()}.",
                    $name,
                    $this->wrapped($argument, $type, $function->wants($i)),
                );
            }
            $types[] = $type;
        }
        if (in_array($name, ['between', 'min', 'max'], true)) {
            foreach ($types as $type) {
                if (! $type->comparesWith($types[0]) || ! $type->kind->isOrdered()) {
                    throw $this->wrong("$name() compares {$types[0]->inWords()} with {$type->inWords()}; these have no order.", $name);
                }
            }
        }

        return $function->gives($types);
    }

    /** @param  list<Node\Node>  $given */
    private function overList(string $name, Type $list, array $given): Type
    {
        if ($list->kind !== Kind::Several && $list->kind !== Kind::Any && $list->kind !== Kind::Nothing) {
            throw $this->wrong("$name() works over several values, but this is {$list->inWords()}.", $name);
        }
        $item = $list->of ?? Type::of(Kind::Any);
        $second = $given[1] ?? null;
        if ($second instanceof Node\ConstantNode && $name === 'join') {
            $second = null;
        }
        if (
            count($given) > ($name === 'join' || $name === 'sortBy' ? 3 : 2) ||
            ($second === null && in_array($name, ['every', 'where', 'sortBy'], true) && $item->kind === Kind::Row)
        ) {
            throw $this->wrong($second === null ? "$name() needs a formula about each of them, after a comma." : "$name() is given too much.", $name);
        }
        $each = $second === null ? null : (new self($this->formula, $this->scope->inItem($item)))->of($second);
        if ($each !== null && ListFunctions::wants($name) === Kind::YesNo && ! $each->fits(Type::of(Kind::YesNo))) {
            throw $this->wrong("$name() needs something that is true or not of each, but this is {$each->inWords()}.", $name);
        }

        return ListFunctions::type($name, $item, $each) ?? throw $this->wrong("$name() cannot be made of ".($each ?? $item)->inWords().'.', $name);
    }

    private function unary(Node\UnaryNode $node): Type
    {
        $operator = Tree::operator($node);
        $type = $this->of(Tree::child($node, 'node'));
        if ($operator === '-' || $operator === '+') {
            if (! $type->isMeasure()) {
                $this->want(Tree::child($node, 'node'), $type, Type::of(Kind::Decimal), $operator);
            }

            return $type;
        }
        $this->want(Tree::child($node, 'node'), $type, Type::of(Kind::YesNo), $operator);

        return Type::of(Kind::YesNo);
    }

    private function binary(string $operator, Node\Node $left, Node\Node $right): Type
    {
        $a = $this->of($left);
        $b = $this->of($right);
        switch ($operator) {
            case 'and':
            case 'or':
            case '&&':
            case '||':
            case 'xor':
                $this->want($left, $a, Type::of(Kind::YesNo), $operator);
                $this->want($right, $b, Type::of(Kind::YesNo), $operator);

                return Type::of(Kind::YesNo);
            case '==':
            case '!=':
            case '<':
            case '>':
            case '<=':
            case '>=':
                if (! $a->comparesWith($b)) {
                    throw $this->wrong(
                        "“{$operator}” compares {$a->inWords()} with {$b->inWords()}; these are never alike.",
                        $operator,
                        $b->isNumber() || $a->kind === Kind::Several ? $this->wrapped($left, $a, $b) : $this->wrapped($right, $b, $a),
                    );
                }
                if (strlen($operator) === 1 || $operator[0] === '<' || $operator[0] === '>') {
                    foreach ([$a, $b] as $side) {
                        if (! $side->kind->isOrdered()) {
                            throw $this->wrong("“{$operator}” needs numbers, texts or dates, not {$side->inWords()}.", $operator);
                        }
                    }
                }

                return Type::of(Kind::YesNo);
            case 'in':
            case 'not in':
                if ($b->kind !== Kind::Several && $b->kind !== Kind::Any) {
                    throw $this->wrong("“{$operator}” needs several values on its right, as in [1, 2], but this is {$b->inWords()}.", $operator);
                }

                return Type::of(Kind::YesNo);
            case 'contains':
            case 'starts with':
            case 'ends with':
            case 'matches':
                $this->want($left, $a, Type::of(Kind::Text), $operator);
                $this->want($right, $b, Type::of(Kind::Text), $operator);

                return Type::of(Kind::YesNo);
            case '~':
                return Type::of(Kind::Text);
            case '+':
            case '-':
            case '*':
            case '/':
            case '%':
            case '**':
                $type = Arithmetic::type($operator, $a, $b);
                if ($type === null) {
                    // Beside a text that stands there as such, or another text, joining is meant; beside a number, the number in it.
                    $typed =
                        ($left instanceof Node\ConstantNode && $a->kind === Kind::Text) || ($right instanceof Node\ConstantNode && $b->kind === Kind::Text);
                    if ($operator === '+' && ($typed || ($a->kind === Kind::Text && $b->kind === Kind::Text))) {
                        throw $this->wrong('“+” adds numbers; texts are put together with “~”.', $operator, $this->joined($left, $right));
                    }
                    foreach ([[$left, $a], [$right, $b]] as [$side, $is]) {
                        if (in_array($is->kind, [Kind::Text, Kind::Several, Kind::YesNo, Kind::Row, Kind::Picture, Kind::File], true)) {
                            $this->want($side, $is, Type::of(Kind::Decimal), $operator);
                        }
                    }
                    throw $this->wrong("“{$operator}” does not go with {$a->inWords()} and {$b->inWords()}.", $operator);
                }

                return $type;
        }
        throw $this->wrong("“{$operator}” cannot be used here.", $operator);
    }

    private function choice(Node\Node $condition, Node\Node $then, Node\Node $otherwise): Type
    {
        $this->want($condition, $this->of($condition), Type::of(Kind::YesNo), '?');

        return $this->of($then)->joined($this->of($otherwise));
    }

    private function several(Node\ArrayNode $node): Type
    {
        $type = Type::of(Kind::Nothing);
        foreach (Tree::items($node) as $item) {
            $type = $type->joined($this->of($item));
        }

        return Type::several($type->kind === Kind::Nothing ? Type::of(Kind::Any) : $type);
    }

    private function want(Node\Node $node, Type $is, Type $wanted, string $operator): void
    {
        if (! $is->fits($wanted)) {
            throw $this->wrong(
                "“{$operator}” needs {$wanted->inWords()}, but “{$this->write($node)}” is {$is->inWords()}.",
                $operator,
                $this->wrapped($node, $is, $wanted),
            );
        }
    }

    /** The formula with its texts put together instead of added up; null where the sign cannot be told among others. */
    private function joined(Node\Node $left, Node\Node $right): ?string
    {
        $text = $this->formula->text;
        $added = $this->write($left).' + '.$this->write($right);
        $at = strpos($text, $added);
        if ($at !== false && substr_count($text, $added) === 1) {
            return substr_replace($text, $this->write($left).' ~ '.$this->write($right), $at, strlen($added));
        }
        $bare = Pattern::replaceEach('/"(?:[^"\\\\]|\\\\.)*+"|\'(?:[^\'\\\\]|\\\\.)*+\'/', fn (array $m): string => str_repeat('_', strlen($m[0])), $text);

        return substr_count($bare, '+') === 1 ? substr_replace($text, '~', (int) strpos($bare, '+'), 1) : null;
    }

    private function wrapped(Node\Node $node, Type $is, Type $wanted): ?string
    {
        $text = $this->write($node);
        $wrap = match (true) {
            $is->kind === Kind::Several && $wanted->kind !== Kind::Several && $is->of?->fits($wanted) === true => "first($text)",
            $is->kind === Kind::Text && $wanted->isNumber() => "number($text)",
            $is->kind === Kind::Moment && $wanted->kind === Kind::Date => "day($text)",
            $wanted->kind === Kind::Text && $is->kind !== Kind::Several => "text($text)",
            default => null,
        };
        $at = $wrap === null ? false : strpos($this->formula->text, $text);

        return $wrap === null || $at === false ? null : substr_replace($this->formula->text, $wrap, $at, strlen($text));
    }

    private function write(Node\Node $node): string
    {
        return match (true) {
            $node instanceof Node\NameNode => Tree::name($node),
            $node instanceof Node\GetAttrNode => $this->write(Tree::child($node, 'node')).'.'.Tree::member($node),
            $node instanceof Node\FunctionNode => Tree::name($node).'('.implode(', ', array_map($this->write(...), Tree::arguments($node))).')',
            $node instanceof Node\BinaryNode => $this->write(Tree::child($node, 'left')).
                ' '.
                Tree::operator($node).
                ' '.
                $this->write(Tree::child($node, 'right')),
            $node instanceof Node\ConstantNode => Literals::written($node->attributes['value']) ?? self::UNWRITTEN,
            // Such a part is not found in the formula, and so nothing is put around it.
            default => self::UNWRITTEN,
        };
    }

    /** @param  list<string>  $known */
    private function unknown(string $word, string $opening, array $known, ?string $meant = null): FormulaMistake
    {
        $near = $meant ?? Nearest::to($word, $known);

        return $this->wrong("$opening “{$word}”.".($near === null ? '' : " Did you mean “{$near}”?"), $word, $near);
    }

    /** @param  string|null  $instead a new spelling of the word, or a whole mended formula */
    private function wrong(string $sentence, string $word, ?string $instead = null): FormulaMistake
    {
        $position = $this->formula->positionOf($word);
        if ($instead !== null && Pattern::match('/^\w+(\(\))?$/', $instead) && Pattern::match('/^\w+$/', $word)) {
            $instead = substr_replace($this->formula->text, $instead, $position, strlen($word));
        }

        return new FormulaMistake($sentence, $position, $instead);
    }
}
