<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\FieldTypes;
use Lanai\Core\Blueprint\Shape;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Prose;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;

/** Something that a request must be told, with what it is when nothing is said, and a value to try it with. */
final readonly class Variable implements HasSentence
{
    /**
     * @param  string  $begins  a formula; '' for nothing
     * @param  string  $tried  as written in a grid
     */
    public function __construct(public string $name, public FieldType $type, public string $begins = '', public string $tried = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('takes', new Blank('name', NameFit::of('the name of what is given')), new Nested('type', FieldTypes::asked()))
            ->clauses(
                Clause::of('at first', 'what it is when nothing is said', new Blank('begins', FormulaFit::asWanted())),
                Clause::of('tried with', 'a value to try it with', new Blank('tried', TextFit::plain())),
            )
            ->within(['begins'], fn (array $data, Scope $scope): Scope => $scope->wanting(self::typeOf($data)));
    }

    public function key(): string
    {
        return Names::inFormula($this->name);
    }

    /** @param  array<string, mixed>  $data */
    private static function typeOf(array $data): ?Type
    {
        try {
            return is_array($data['type'] ?? null) ? Shape::make(FieldType::class, Prose::node($data['type']))->type() : null;
        } catch (\UnexpectedValueException) {
            return null;
        }
    }

    /**
     * Variables as the fields of a table, so that they can be filled like a row.
     *
     * @param  list<self>  $taken
     */
    public static function asTable(string $name, array $taken): Table
    {
        return new Table($name, $name, fields: array_map(fn (self $v): Field => new Field($v->name, $v->type), $taken));
    }

    /** @return array<string, Type> as formulas call them */
    public static function types(mixed $nodes): array
    {
        $types = [];
        foreach (Prose::nodes($nodes) as $node) {
            $type = self::typeOf($node);
            if (is_string($node['name'] ?? null) && $type !== null) {
                $types[Names::inFormula($node['name'])] = $type;
            }
        }

        return $types;
    }
}
