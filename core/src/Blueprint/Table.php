<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Sentence;

/** What the app stores one kind of. */
final readonly class Table implements HasSentence
{
    /** @var array<string, Field> */
    private array $byFormulaName;

    /**
     * @param  string  $singular  what one row is called
     * @param  bool  $people  its rows are the people who sign in: "me" is one of them
     * @param  list<Field>  $fields
     */
    public function __construct(
        public string $name,
        public string $singular,
        public bool $people = false,
        public string $stored = '',
        #[ListOf(Field::class)] public array $fields = [],
    ) {
        $named = [];
        foreach ($fields as $field) {
            $named[Names::inFormula($field->name)] = $field;
        }
        $this->byFormulaName = $named;
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('table', new Blank('name', NameFit::of('the name of the table')), ', each', new \Lanai\Core\Script\Words('a', 'an'), new Blank('singular', NameFit::of('what one row is called')))
            ->clauses(Clause::flag('people', 'who sign in'), Clause::of('stored as', 'kept in a table called', new Blank('stored', NameFit::column())))
            ->below(new Children('fields', Family::only('a field such as “Title is a text”', Field::class), 'a field'));
    }

    public function field(string $name): ?Field
    {
        foreach ($this->fields as $field) {
            if (mb_strtolower($field->name) === mb_strtolower($name)) {
                return $field;
            }
        }

        return null;
    }

    public function fieldInFormula(string $name): ?Field
    {
        return $this->byFormulaName[$name] ?? null;
    }

    public function storedAs(): string
    {
        return $this->stored !== '' ? $this->stored : Names::inStorage($this->name);
    }

    public function labelField(): ?Field
    {
        foreach ($this->fields as $field) {
            if ($field->valueType()->kind === Kind::Text) {
                return $field;
            }
        }

        return null;
    }
}
