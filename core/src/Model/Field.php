<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldTypes\Computed;
use Lanai\Core\Model\FieldTypes\LinksType;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Tongues;

/** One field of a table. Its column keeps its first name, so that a rename moves no data. */
final readonly class Field implements HasSentence
{
    /**
     * @param  string  $begins  a formula: what a new row gets where nothing is given
     * @param  string  $onlyWhile  a formula about the row: only while it is yes may there be a value
     * @param  string  $tongue  it says in this language, by its tag, what another field says; '' for a field of its own
     * @param  string  $of  the name of that other field
     */
    public function __construct(
        public string $name,
        public FieldType $type,
        public bool $required = false,
        public bool $unique = false,
        public string $begins = '',
        public string $onlyWhile = '',
        public string $stored = '',
        public string $tongue = '',
        public string $of = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('name', NameFit::seen('the name of the field')), new InlineNode('type', FieldTypes::family()))
            ->clauses(
                Clause::flag('required', 'required'),
                Clause::flag('unique', 'no two alike'),
                Clause::of('at first', 'what it is at first', new Blank('begins', FormulaFit::asWanted())),
                Clause::of('only while', 'only while', new Blank('onlyWhile', FormulaFit::giving(Kind::YesNo))),
                Clause::of(
                    'in',
                    'another field in another language',
                    new Blank('tongue', ChoiceFit::of('a language', Tongues::NAMES)),
                    new Words('for'),
                    new Blank('of', new FieldFit()),
                ),
                Clause::of('stored as', 'kept in a column called', new Blank('stored', NameFit::column()))->aside(),
            )
            ->within(['begins'], self::ownType(...));
    }

    public function column(): string
    {
        $column = $this->stored !== '' ? $this->stored : Names::inStorage($this->name);

        return $column === 'id' ? 'id_' : $column;
    }

    public function valueType(): Type
    {
        return $this->type->type();
    }

    /** False for what is computed, and for links to many rows, which are kept beside the table. */
    public function hasColumn(): bool
    {
        return $this->name !== '' && $this->type->column() !== '';
    }

    /** True where a person gives the value. */
    public function isAsked(): bool
    {
        return $this->type->control() !== '';
    }

    /** What one row of the table is called that it links to; '' where it is not a link to one row. */
    public function linksTo(): string
    {
        $type = $this->hasColumn() ? $this->valueType() : null;

        return $type?->kind === Kind::Row ? $type->one : '';
    }

    public function linksToMany(): string
    {
        return $this->type instanceof LinksType ? (string) $this->valueType()->of?->one : '';
    }

    /** What its value is called where a query computed it: apart from the same formula in a sentence, which sees less. */
    public function computedAs(): string
    {
        return '= '.$this->formula();
    }

    public function formula(): string
    {
        return $this->type instanceof Computed ? $this->type->formula() : '';
    }

    /** @param  array<string, mixed>  $data */
    private static function ownType(array $data, Scope $scope): Scope
    {
        $type = $data['type'] ?? null;
        try {
            return $scope->wanting(is_array($type) ? Shape::make(FieldType::class, Prose::node($type))->type() : null);
        } catch (\UnexpectedValueException) {
            return $scope;
        }
    }
}
