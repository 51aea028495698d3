<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Closure;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\AddedAtType;
use Lanai\Core\Model\FieldTypes\AddedByType;
use Lanai\Core\Model\FieldTypes\ChangedAtType;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Rows\CompiledFormula;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\Names;

/** Turns what was given for a row into values of its fields, by the rules of its table, or says what is wrong with each. */
final class RowCheck
{
    private const MISSING = 'Please fill this in.';

    private readonly Reader $reader;

    private readonly Neighbours $neighbours;

    /** @var array<string, RowRules> by stored table */
    private array $rules = [];

    /** The table that was asked for last, and its rules. */
    private ?Table $last = null;

    private ?RowRules $lastRules = null;

    private bool $many = false;

    /** @param  Row|null  $me  the person who gives it */
    public function __construct(
        private readonly RecordStore $store,
        private readonly Moment $moment,
        private readonly ?Row $me = null,
        ?Neighbours $neighbours = null,
    ) {
        $this->reader = new Reader($store);
        $this->neighbours = $neighbours ?? new StoredNeighbours($store);
    }

    /** For very many rows of which none is there for the others: what formulas ask of the whole app is asked once. */
    public static function ofMany(RecordStore $store, Moment $moment, Neighbours $neighbours): self
    {
        $check = new self($store, $moment, null, $neighbours);
        $check->many = true;

        return $check;
    }

    /**
     * @param  array<string, mixed>  $given  column => input
     * @param  Row|null  $before  the row as it is; null for a new one, of which every rule must hold
     * @param  list<string>  $seen  columns that a person has seen as they are at first: left empty, they stay so
     */
    public function of(Table $table, array $given, ?Row $before = null, array $seen = []): CheckResult
    {
        return $this->among($table, $this->byItself($table, $given, $before, $seen), $before);
    }

    /**
     * What can be told without other rows: each value by its type, what is missing, and the conditions of fields.
     *
     * @param  array<string, mixed>  $given  column => input
     * @param  list<string>  $seen
     */
    public function byItself(Table $table, array $given, ?Row $before = null, array $seen = []): CheckResult
    {
        $rules = $this->rules($table);
        $values = [];
        $errors = [];
        $something = false;
        foreach ($rules->asked as $rule) {
            $input = $given[$rule->column] ?? null;
            if ($input === null || $input === '') {
                if ($before === null || array_key_exists($rule->column, $given)) {
                    $values[$rule->column] = null;
                }

                continue;
            }
            try {
                $value = $rule->type->read($input);
                $values[$rule->column] = $value;
                $something = $something || $value !== null;
            } catch (UnreadableValue $unreadable) {
                $errors[$rule->key] = $unreadable->getMessage();
            }
        }
        if ($before === null) {
            if (! $something && $errors === []) {
                return new CheckResult([], [Names::inFormula($table->fields[0]->name ?? 'row') => 'Please fill in something first.']);
            }
            $values = $this->begun($table, $values, $seen);
        }
        foreach ($rules->required as $rule) {
            if (! isset($values[$rule->column]) && array_key_exists($rule->column, $values) && ! isset($errors[$rule->key])) {
                $errors[$rule->key] = self::MISSING;
            }
        }
        if ($rules->conditional !== []) {
            $row = new Row($table, $before->id ?? 0, $before === null ? $values : $values + $before->values);
            foreach ($rules->conditional as $rule) {
                $wrong =
                    isset($errors[$rule->key]) || ! array_key_exists($rule->column, $values) ? '' : $this->underCondition($rule, $values[$rule->column], $row);
                $errors += $wrong === '' ? [] : [$rule->key => $wrong];
            }
        }

        return new CheckResult($values + $this->automatic($rules, $before === null), $rules->inOrder($errors));
    }

    /** What other rows have to do with it: rows that it links to, and rows that it may not be like. */
    public function among(Table $table, CheckResult $checked, ?Row $before = null): CheckResult
    {
        $rules = $this->rules($table);
        if ($rules->among === [] && $rules->alike === []) {
            return $checked;
        }
        $row = new Row($table, $before->id ?? 0, $before === null ? $checked->values : $checked->values + $before->values);
        $errors = $checked->errors;
        foreach ($rules->among as $rule) {
            $value = $checked->values[$rule->column] ?? null;
            $wrong = $value === null || isset($errors[$rule->key]) ? '' : $this->beside($rule, $value, $row);
            $errors += $wrong === '' ? [] : [$rule->key => $wrong];
        }
        $errors += $errors === [] ? $this->alike($rules->alike, $row, $checked->values) : [];

        return $errors === [] ? $checked : new CheckResult($checked->values, $rules->inOrder($errors));
    }

    /**
     * Which fields no two rows may have alike: each unique field by itself, and those of the table's own rule together.
     *
     * @return list<non-empty-list<Field>>
     */
    public static function distinct(Table $table): array
    {
        $sets = array_map(fn (Field $f): array => [$f], array_values(array_filter($table->stored(), fn (Field $f): bool => $f->unique)));
        $alike = self::fieldsAlike($table);

        return $alike === [] ? $sets : [...$sets, $alike];
    }

    /**
     * A new row gets what its fields are at first, where nothing was given.
     *
     * @param  array<string, mixed>  $values
     * @param  list<string>  $seen  columns that stay as they were given
     * @return array<string, mixed>
     */
    public function begun(Table $table, array $values, array $seen = []): array
    {
        foreach ($this->rules($table)->begun as $rule) {
            if ($rule->begins !== null && ! isset($values[$rule->column]) && ! in_array($rule->column, $seen, true)) {
                try {
                    $values[$rule->column] = $rule->type->read($this->scalar(($rule->begins)(new Row($table, 0, $values))));
                } catch (FormulaMistake|UnreadableValue) {
                    $values[$rule->column] = null;
                }
            }
        }

        return $values;
    }

    private function underCondition(RowRule $rule, mixed $value, Row $row): string
    {
        $holds = $rule->onlyWhile === null || $this->holds($rule->onlyWhile, $row);

        return match (true) {
            $value === null => $rule->required && $holds ? self::MISSING : '',
            default => $holds ? '' : "This can be filled in only while {$rule->field->onlyWhile}.",
        };
    }

    private function beside(RowRule $rule, mixed $value, Row $row): string
    {
        foreach (match (true) {
            $rule->linked === null => [],
            is_array($value) => $value,
            default => [$value],
        } as $id) {
            if ($rule->linked !== null && is_int($id) && ! $this->neighbours->isThere($rule->linked, $id)) {
                return "This {$rule->linked->singular} is no longer there.";
            }
        }

        return $rule->unique && $this->neighbours->isTaken($row->table, [$rule->field], $row)
            ? 'There is already '.Article::with($row->table->singular)." with this {$rule->field->name}."
            : '';
    }

    /**
     * @param  list<Field>  $fields
     * @param  array<string, mixed>  $values
     * @return array<string, string>
     */
    private function alike(array $fields, Row $row, array $values): array
    {
        if ($fields === []) {
            return [];
        }
        $given = array_filter($fields, fn (Field $f): bool => array_key_exists($f->column(), $values));
        $whole = array_filter($fields, fn (Field $f): bool => $row->value($f) === null) === [];
        if ($given === [] || ! $whole || ! $this->neighbours->isTaken($row->table, $fields, $row)) {
            return [];
        }
        $names = implode(' and ', array_map(fn (Field $f): string => $f->name, $fields));

        return [Names::inFormula(array_values($given)[0]->name) => 'There is already '.Article::with($row->table->singular)." with the same $names."];
    }

    /** @return list<Field> */
    private static function fieldsAlike(Table $table): array
    {
        return array_values(
            array_filter(array_map(fn (string $name): ?Field => $table->field($name), $table->alike), fn (?Field $f): bool => $f?->hasColumn() === true),
        );
    }

    /** @return array<string, mixed> what Lanai sets itself */
    private function automatic(RowRules $rules, bool $new): array
    {
        $set = [];
        foreach ($rules->automatic as $rule) {
            if ($rule->type instanceof ChangedAtType || ($new && $rule->type instanceof AddedAtType)) {
                $set[$rule->column] = $this->moment->now;
            } elseif ($new && $rule->type instanceof AddedByType) {
                $set[$rule->column] = $this->me?->id;
            }
        }

        return $set;
    }

    private function rules(Table $table): RowRules
    {
        if ($table !== $this->last) {
            $this->last = $table;
            $this->lastRules = $this->rules[$table->storedAs()] ??= new RowRules(
                RowRule::of($table, $this->store->blueprint(), fn (string $formula): Closure => $this->formula($formula, $table)),
                self::fieldsAlike($table),
            );
        }

        return $this->lastRules ?? throw new \LogicException('There are rules for every table.');
    }

    /** @return Closure(Row): mixed throws a FormulaMistake where it cannot be computed */
    private function formula(string $formula, Table $table): Closure
    {
        try {
            $about = new Evaluation($this->moment, $this->reader, ['me' => $this->me]);
            $compiled = $this->many ? CompiledFormula::of(Formula::of($formula), $table, $about) : null;
        } catch (FormulaMistake) {
            $compiled = null;
        }

        return $compiled ??
            fn (Row $row): mixed => (new Evaluation($this->moment, $this->reader, ['this' => $row, 'me' => $this->me], [], $row))->of(Formula::of($formula));
    }

    /** @param  Closure(Row): mixed  $formula */
    private function holds(Closure $formula, Row $row): bool
    {
        try {
            return $formula($row) === true;
        } catch (FormulaMistake) {
            return true;
        }
    }

    /** Numbers are read from their text; all other values are read as they are. */
    private function scalar(mixed $value): mixed
    {
        return is_int($value) || is_float($value) ? (string) $value : $value;
    }
}
