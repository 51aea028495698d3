<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Comparison;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Functions;
use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\TextTooLong;
use Lanai\Core\Formula\TheNumber;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Texts;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * Computes formulas. A null anywhere on a path gives null, comparing null with anything but null gives no, and
 * arithmetic with null gives null, as in SQL.
 */
final class Evaluation
{
    private const DEEPEST = 40;

    /** As many cells are remembered as read: enough to say where a value comes from. */
    private const READS = 500;

    /** @var list<array{table: string, id: int, field: string}> every stored cell that was read */
    public array $reads = [];

    private string $asked = '';

    /**
     * @param  array<string, mixed>  $names
     * @param  array<string, mixed>  $inputs
     * @param  list<string>  $otherwise  names of fields that say something else in the language of whoever looks, for what is shown and nothing else
     * @param  self|null  $around  that of the row around this one, inside a formula about the items of a list
     */
    public function __construct(
        private readonly Moment $moment,
        private readonly Rows $rows,
        private readonly array $names,
        private readonly array $inputs = [],
        private readonly ?Row $row = null,
        private readonly ?self $around = null,
        private readonly int $depth = 0,
        private array $otherwise = [],
    ) {
    }

    public function of(Formula $formula): mixed
    {
        if ($this->row !== null && array_key_exists($formula->text, $this->row->computed) && $formula->text !== '' && ! $this->saysOtherwise($formula->text)) {
            return $this->row->computed[$formula->text];
        }
        $this->asked = $formula->text;

        return $this->value($formula->tree);
    }

    /** Whether a formula may show what is said otherwise in the language: the query computed what the fields themselves say. */
    private function saysOtherwise(string $formula): bool
    {
        foreach ($this->otherwise as $name) {
            if (str_contains($formula, $name)) {
                return true;
            }
        }

        return false;
    }

    /** What it was asked for, as it is written. */
    private function words(): string
    {
        return $this->asked !== '' ? $this->asked : $this->around?->words() ?? '';
    }

    public function yes(Formula $formula): bool
    {
        $this->asked = $formula->text;

        return $this->value($formula->tree) === true;
    }

    /** @throws FormulaMistake where a part of the template is not a formula */
    public function text(Template $template): string
    {
        return $this->worded($template->parts, null);
    }

    /**
     * @param  list<string|Formula|Choosing|TheNumber>  $parts
     * @param  int|float|null  $number  what # shows
     */
    private function worded(array $parts, int|float|null $number): string
    {
        $text = '';
        foreach ($parts as $part) {
            if (is_string($part)) {
                $text .= $part;
            } elseif ($part instanceof Formula) {
                $text .= $this->show($this->of($part));
            } elseif ($part instanceof TheNumber) {
                $text .= Formats::show($number, $this->moment);
            } else {
                $value = $this->of($part->of);
                $text .= $this->worded($part->wording($value, $this->moment), $part->by === Choosing::SELECT ? $number : $part->number($value));
            }
        }

        return $text;
    }

    /** The row at hand, or around it, that formulas can ask for the rows that this name stands for; null where none can be. */
    public function ownerOf(string $name): ?Row
    {
        if ($this->row !== null && $this->rows->has($this->row, $name)) {
            return $this->row;
        }
        if (array_key_exists($name, $this->names) && ($name === 'this' || $this->around === null)) {
            return null;
        }

        return $this->around?->ownerOf($name);
    }

    /** True for a name that stands for something other than a table. */
    public function knows(string $name): bool
    {
        return array_key_exists($name, $this->names) || ($this->row !== null && $this->rows->has($this->row, $name));
    }

    /** Whose rights limit the rows; null where nobody's do. */
    public function rights(): ?Sight
    {
        return $this->rows->rights();
    }

    public function moment(): Moment
    {
        return $this->moment;
    }

    public function show(mixed $value): string
    {
        return $value instanceof Row && $this->otherwise !== [] ? $value->label($this->moment->tongue()) : Formats::show($value, $this->moment);
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
            $node instanceof Node\ConditionalNode => $this->itself(Tree::child($node, 'expr1')) === true
                ? $this->value(Tree::child($node, 'expr2'))
                : $this->value(Tree::child($node, 'expr3')),
            $node instanceof Node\NullCoalesceNode => $this->value(Tree::child($node, 'expr1')) ?? $this->value(Tree::child($node, 'expr2')),
            $node instanceof Node\ArrayNode => array_map($this->value(...), Tree::items($node)),
            default => throw new FormulaMistake('This kind of formula is not known here.'),
        };
    }

    /** A value as it is itself, in whatever language it is shown. */
    private function itself(Node\Node $node): mixed
    {
        $otherwise = $this->otherwise;
        $this->otherwise = [];
        try {
            return $this->value($node);
        } finally {
            $this->otherwise = $otherwise;
        }
    }

    private function name(string $name): mixed
    {
        if ($this->row !== null && $this->rows->has($this->row, $name)) {
            return $this->cell($this->row, $name);
        }
        if (array_key_exists($name, $this->names) && ($name === 'this' || $this->around === null)) {
            return $this->names[$name];
        }

        if ($this->around !== null) {
            return $this->around->name($name);
        }

        // Nothing else is called so: then these words mean what they say.
        return $this->rows->all($name) ??
            match ($name) {
                'yes' => true,
                'no' => false,
                default => null,
            };
    }

    private function member(Node\GetAttrNode $node): mixed
    {
        $member = Tree::member($node);
        $owner = Tree::child($node, 'node');
        $prefix = Prefix::of($node);
        if ($prefix === Prefix::Screen) {
            return $this->around === null ? $this->names[$member] ?? null : $this->around->member($node);
        }
        if ($prefix !== null && (! $prefix->yields() || array_key_exists($prefix->key($member), $this->inputs))) {
            return $this->inputs[$prefix->key($member)] ?? null;
        }
        $of = $this->value($owner);
        if (Items::isList($of)) {
            $parts = function () use ($of, $member): iterable {
                foreach (Items::each($of) as $item) {
                    $part = $item instanceof Row ? $this->cell($item, $member) : null;
                    if (Items::isList($part)) {
                        yield from Items::each($part);
                    } elseif ($part !== null) {
                        yield $part;
                    }
                }
            };

            return is_array($of) ? iterator_to_array($parts(), false) : new LongList($parts);
        }

        return $of instanceof Row ? $this->cell($of, $member) : null;
    }

    private function cell(Row $row, string $member): mixed
    {
        $field = $row->table->fieldInFormula($member);
        if ($member === 'id' && $field === null) {
            return $row->id;
        }
        if ($field === null || $field->linksToMany() !== '') {
            return $this->rows->linked($row, $member);
        }
        if (count($this->reads) < self::READS) {
            $this->reads[] = ['table' => $row->table->name, 'id' => $row->id, 'field' => $field->name];
        }
        if ($field->formula() !== '') {
            // What a field computes is worked out over every row; who may see the field is a matter of its own.
            $known = $field->computedAs();
            $rights = $this->rows->rights();
            if ($rights !== null && ! $rights->mayField(Verb::See, $row, $field)) {
                return null;
            }

            return array_key_exists($known, $row->computed) ? $row->computed[$known] : $this->computed($row, $field->formula());
        }
        $value = $this->otherwise === [] ? $row->value($field) : $row->spoken($field, $this->moment->tongue());

        return is_int($value) && $field->linksTo() !== '' ? $this->rows->row($field->linksTo(), $value) : $value;
    }

    /** A formula field that the query did not compute; one that leads back to itself gives nothing. */
    private function computed(Row $row, string $formula): mixed
    {
        if ($this->depth > self::DEEPEST) {
            return null;
        }
        $me = $this->named('me');
        $rows = $this->rows->whole();
        $for = $me instanceof Row ? $me->id : '';
        try {
            return $rows->remembered($row, "{$this->moment->now->getTimestamp()}/$for/$formula", fn (): mixed => (new self(
                $this->moment,
                $rows,
                ['this' => $row, 'me' => $me],
                [],
                $row,
                null,
                $this->depth + 1,
            ))->of(Formula::of($formula)));
        } catch (FormulaMistake) {
            return null;
        }
    }

    private function named(string $name): mixed
    {
        return $this->around === null ? $this->names[$name] ?? null : $this->around->named($name);
    }

    private function call(Node\FunctionNode $node): mixed
    {
        $name = Tree::name($node);
        $function = Functions::named($name);
        if ($function === null) {
            return null;
        }
        $arguments = Tree::arguments($node);
        if ($name === 'if' && isset($arguments[1])) {
            return match (true) {
                $this->itself($arguments[0]) === true => $this->value($arguments[1]),
                isset($arguments[2]) => $this->value($arguments[2]),
                default => null,
            };
        }
        $first = $arguments === [] ? null : $this->value($arguments[0]);
        if (Items::isList($first) || ($function->compute === null && $arguments !== [])) {
            return $this->overList($node, $first instanceof LongList ? $first : array_values(is_array($first) ? $first : []), $arguments);
        }
        $given = $arguments === [] ? [] : [$first, ...array_map(fn (Node\Node $n): mixed => $this->value($n), array_slice($arguments, 1))];
        if ($function->compute === null || (! $function->withNothing && in_array(null, $given, true))) {
            return null;
        }
        try {
            return ($function->compute)($this->moment, ...$given);
        } catch (TextTooLong) {
            $this->rows->tooLong($this->words(...));
        } catch (\TypeError) {
            // Only a formula that does not fit its types comes here, and a finding says so.
            return null;
        }
    }

    /**
     * @param  list<mixed>|LongList  $items
     * @param  list<Node\Node>  $arguments
     */
    private function overList(Node\FunctionNode $node, array|LongList $items, array $arguments): mixed
    {
        $name = Tree::name($node);
        $blueprint = $items instanceof LongList ? $this->rows->blueprint() : null;
        $term = $blueprint === null ? null : Terms::overRows($node, $blueprint, $this);
        if ($term !== null) {
            return $this->rows->compute($term);
        }
        $second = $arguments[1] ?? null;
        $third = $arguments[2] ?? null;
        if ($name === 'join' && $second instanceof Node\ConstantNode) {
            [$second, $third] = [null, $second];
        }
        $each =
            $second === null
                ? null
                : function (mixed $item) use ($second, $name): mixed {
                    $this->rows->step($this->words(...));
                    $inner = new self(
                        $this->moment,
                        $this->rows,
                        ['this' => $item] + $this->names,
                        $this->inputs,
                        $item instanceof Row ? $item : null,
                        $this,
                        $this->depth,
                        // What is asked of each item is asked of what it says itself.
                        $name === 'join' ? $this->otherwise : [],
                    );
                    $value = $inner->value($second);
                    array_push($this->reads, ...array_slice($inner->reads, 0, self::READS - count($this->reads)));

                    return $value;
                };

        try {
            $result = ListFunctions::compute($name, $items, $each, $third === null ? null : $this->value($third), $this->moment);
        } catch (TextTooLong) {
            $this->rows->tooLong($this->words(...));
        }

        return $name === 'sum' && $result === null ? $this->zero($node) : $result;
    }

    /** The sum over nothing is nothing in the currency or measure that the formula would give. */
    private function zero(Node\FunctionNode $node): mixed
    {
        $blueprint = $this->rows->blueprint();
        try {
            // Worked out each time: the same words may add up another currency in another app, or about another row.
            return $blueprint === null ? 0 : (Formula::fromTree($node)->typeIn($this->scope($blueprint))->zero() ?? 0);
        } catch (FormulaMistake) {
            return 0;
        }
    }

    private function scope(Blueprint $blueprint): Scope
    {
        $scope = $this->around === null ? Scope::of($blueprint) : $this->around->scope($blueprint);
        $scope = $scope->with(array_map(Kinds::typeOf(...), $this->names));

        return $this->row === null ? $scope : $scope->inRow($this->row->table);
    }

    private function unary(string $operator, mixed $value): mixed
    {
        return match ($operator) {
            'not', '!' => $value !== true,
            '-' => Arithmetic::of('*', $value, -1),
            default => $value,
        };
    }

    /**
     * Whether two sides are compared of which one is somebody who is not there, or something of theirs: nobody is like nobody
     * else, an empty link neither. Only the question whether there is somebody at all is answered.
     */
    public function comparesNobody(Node\Node $left, Node\Node $right): bool
    {
        $nothing = fn (Node\Node $node): bool => $node instanceof Node\ConstantNode && $node->attributes['value'] === null;

        return ! $nothing($left) && ! $nothing($right) && $this->named('me') === null && (Tree::beginsWith($left, 'me') || Tree::beginsWith($right, 'me'));
    }

    private function binary(string $operator, Node\Node $left, Node\Node $right): mixed
    {
        if (($operator === '==' || $operator === '!=') && $this->comparesNobody($left, $right)) {
            return $operator === '!=';
        }
        // What is shown is joined and reckoned with; all else is a question, which has the same answer in every language.
        if ($this->otherwise !== [] && ! in_array($operator, ['~', '+', '-', '*', '/', '%', '**'], true)) {
            $otherwise = $this->otherwise;
            $this->otherwise = [];
            try {
                return $this->binary($operator, $left, $right);
            } finally {
                $this->otherwise = $otherwise;
            }
        }
        $a = $this->value($left);
        switch ($operator) {
            case 'and':
            case '&&':
                return $a === true && $this->value($right) === true;
            case 'or':
            case '||':
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
            'in' => self::among($a, Items::each($b)),
            'not in' => ! self::among($a, Items::each($b)),
            'contains' => is_string($a) && is_string($b) && Texts::holds($a, $b),
            'starts with' => is_string($a) && is_string($b) && Texts::begins($a, $b),
            'ends with' => is_string($a) && is_string($b) && Texts::ends($a, $b),
            'matches' => is_string($a) && is_string($b) && Pattern::tries($b, $a),
            '~' => $this->joined($this->show($a), $this->show($b)),
            default => Arithmetic::of($operator, $a, $b),
        };
    }

    private function joined(string $a, string $b): string
    {
        return strlen($a) + strlen($b) > TextTooLong::MOST ? $this->rows->tooLong($this->words(...)) : $a.$b;
    }

    public static function alike(mixed $a, mixed $b): bool
    {
        if ($a instanceof Row || $b instanceof Row) {
            return $a instanceof Row && $b instanceof Row && $a->id === $b->id && $a->table->name === $b->table->name;
        }

        return $a === null || $b === null || (is_string($a) && is_string($b)) ? $a === $b : Comparison::of($a, $b) === 0;
    }

    /** @param  iterable<mixed>  $all */
    private static function among(mixed $one, iterable $all): bool
    {
        foreach ($one === null ? [] : $all as $each) {
            if (self::alike($one, $each)) {
                return true;
            }
        }

        return false;
    }

    /** @param  callable(int): bool  $test */
    private static function order(mixed $a, mixed $b, callable $test): bool
    {
        return $a !== null && $b !== null && $test(Comparison::of($a, $b));
    }
}
