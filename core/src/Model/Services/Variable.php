<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\Shape;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

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
        return Sentence::of('takes', new Blank('name', NameFit::of('the name of what is given')), new InlineNode('type', FieldTypes::asked()))
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
