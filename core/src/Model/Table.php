<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\TableType;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Access\Permission;
use Lanai\Core\Model\FieldTypes\RoleType;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Text\Names;

/** What the app stores one kind of. */
final readonly class Table implements HasSentence, TableType
{
    /** @var array<string, Field> */
    private array $byFormulaName;

    /** @var array<string, array<string, Field>> tag of a language => name of a field, in small letters => what says the same in it */
    private array $spoken;

    /**
     * @param  string  $singular  what one row is called
     * @param  bool  $people  its rows are the people who sign in: "me" is one of them
     * @param  list<string>  $alike  names of fields: no two rows have the same in all of them
     * @param  list<Field>  $fields
     * @param  list<Permission>  $access  who may do what with its rows
     */
    public function __construct(
        public string $name,
        public string $singular,
        public bool $people = false,
        public array $alike = [],
        public string $stored = '',
        #[ListOf(Field::class)] public array $fields = [],
        #[ListOf(Permission::class)] public array $access = [],
    ) {
        $named = $spoken = [];
        foreach ($fields as $field) {
            $named[Names::inFormula($field->name)] = $field;
            if ($field->tongue !== '' && $field->of !== '') {
                $spoken[$field->tongue][mb_strtolower($field->of)] = $field;
            }
        }
        $this->byFormulaName = $named;
        $this->spoken = $spoken;
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'table',
            new Blank('name', NameFit::of('the name of the table')),
            ', each',
            new \Lanai\Core\Language\Words('a', 'an'),
            new Blank('singular', NameFit::of('what one row is called')),
        )
            ->clauses(
                Clause::flag('people', 'who sign in'),
                Clause::of('no two alike in', 'no two alike in several fields', new Series('alike', 'and', new FieldFit())),
                Clause::of('stored as', 'kept in a table called', new Blank('stored', NameFit::column()))->aside(),
            )
            ->below(
                new Children('access', Family::only('“may be”', Permission::class), 'who may see, add, change or remove'),
                new Children('fields', Family::only('a field such as “Title is a text”', Field::class), 'a field'),
            )
            ->within(['fields', 'alike'], self::inside(...))
            ->within(['access'], function (array $data, Scope $scope): Scope {
                $table = Blueprint::in($scope)->table(is_string($data['name'] ?? null) ? $data['name'] : '');

                return $scope->inRow($table)->target($table);
            });
    }

    /** @param  array<string, mixed>  $data */
    private static function inside(array $data, Scope $scope): Scope
    {
        return $scope->inRow(Blueprint::in($scope)->table(is_string($data['name'] ?? null) ? $data['name'] : ''));
    }

    /** In the table of the people: the field that keeps their role. */
    public function roleField(): ?Field
    {
        foreach ($this->fields as $field) {
            if ($field->type instanceof RoleType) {
                return $field;
            }
        }

        return null;
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

    /** The field that says in a language what this one says; null for none. */
    public function spoken(Field $field, string $tongue): ?Field
    {
        return $this->spoken[$tongue][mb_strtolower($field->name)] ?? null;
    }

    /** @return list<string> names in formulas of the fields that are said otherwise in a language */
    public function saidOtherwise(string $tongue): array
    {
        return array_values(array_map(fn (Field $field): string => Names::inFormula($field->of), $this->spoken[$tongue] ?? []));
    }

    public function called(): string
    {
        return $this->name;
    }

    public function one(): string
    {
        return $this->singular;
    }

    public function hasField(string $name): bool
    {
        return isset($this->byFormulaName[$name]);
    }

    /** The table that a scope knows, where it is one of a blueprint. */
    public static function known(?TableType $table): ?self
    {
        return $table instanceof self ? $table : null;
    }

    public function storedAs(): string
    {
        return $this->stored !== '' ? $this->stored : Names::inStorage($this->name);
    }

    /** @return list<Field> those with a column of their own */
    public function stored(): array
    {
        return array_values(array_filter($this->fields, fn (Field $f): bool => $f->hasColumn()));
    }

    public function labelField(): ?Field
    {
        foreach ($this->fields as $field) {
            if ($field->hasColumn() && $field->valueType()->kind === Kind::Text) {
                return $field;
            }
        }

        return null;
    }
}
