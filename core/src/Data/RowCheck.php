<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\FieldTypes\AddedAtType;
use Lanai\Core\Data\FieldTypes\AddedByType;
use Lanai\Core\Data\FieldTypes\ChangedAtType;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Runtime\Reader;
use Lanai\Core\Script\Names;

/** Turns what was given for a row into values of its fields, by the rules of its table, or says what is wrong with each. */
final readonly class RowCheck
{
    private Reader $reader;

    private Neighbours $neighbours;

    /** @param  Row|null  $me  the person who gives it */
    public function __construct(private RecordStore $store, private Moment $moment, private ?Row $me = null)
    {
        $this->reader = new Reader($store);
        $this->neighbours = new Neighbours($store);
    }

    /**
     * @param  array<string, mixed>  $given  column => input
     * @param  Row|null  $before  the row as it is; null for a new one, of which every rule must hold
     * @param  list<string>  $seen  columns that a person has seen as they are at first: left empty, they stay so
     */
    public function of(Table $table, array $given, ?Row $before = null, array $seen = []): Checked
    {
        $values = [];
        $unread = [];
        foreach ($table->fields as $field) {
            if (! $field->isAsked() || ($before !== null && ! array_key_exists($field->column(), $given))) {
                continue;
            }
            try {
                $values[$field->column()] = $field->type->read($given[$field->column()] ?? null);
            } catch (UnreadableValue $unreadable) {
                $unread[Names::inFormula($field->name)] = $unreadable->getMessage();
            }
        }
        if ($before === null && $unread === [] && array_filter($values, fn (mixed $v): bool => $v !== null) === []) {
            return new Checked([], [Names::inFormula($table->fields[0]->name ?? 'row') => 'Please fill in something first.']);
        }
        if ($before === null) {
            $values = $this->begun($table, $values, $seen);
        }
        $row = new Row($table, $before->id ?? 0, $values + ($before->values ?? []));
        $errors = [];
        foreach ($table->fields as $field) {
            $key = Names::inFormula($field->name);
            $wrong = $unread[$key] ?? (array_key_exists($field->column(), $values) ? $this->wrong($field, $values[$field->column()], $row) : '');
            if ($wrong !== '') {
                $errors[$key] = $wrong;
            }
        }
        $errors += $errors === [] ? $this->alike($table, $row, $values) : [];

        return new Checked($values + $this->automatic($table, $before === null), $errors);
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
        foreach ($table->fields as $field) {
            if ($field->begins !== '' && ! in_array($field->column(), $seen, true) && ($values[$field->column()] ?? null) === null && $field->isAsked()) {
                try {
                    $values[$field->column()] = $field->type->read($this->scalar($this->evaluation(new Row($table, 0, $values))->of(Formula::of($field->begins))));
                } catch (FormulaMistake|UnreadableValue) {
                    $values[$field->column()] = null;
                }
            }
        }

        return $values;
    }

    private function wrong(Field $field, mixed $value, Row $row): string
    {
        if ($value === null) {
            return $field->required && ($field->onlyWhile === '' || $this->holds($field->onlyWhile, $row)) ? 'Please fill this in.' : '';
        }
        if ($field->onlyWhile !== '' && ! $this->holds($field->onlyWhile, $row)) {
            return "This can be filled in only while $field->onlyWhile.";
        }
        $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
        $linked = $to === '' ? null : $this->store->blueprint()->tableOfOne($to);
        foreach (is_array($value) ? $value : [$value] as $id) {
            if ($linked !== null && is_int($id) && ! $this->neighbours->isThere($linked, $id)) {
                return "This $linked->singular is no longer there.";
            }
        }

        return $field->unique && $field->hasColumn() && $this->neighbours->isTaken($row->table, [$field], $row) ? "There is already a {$row->table->singular} with this $field->name." : '';
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string>
     */
    private function alike(Table $table, Row $row, array $values): array
    {
        $fields = array_values(array_filter(array_map(fn (string $name): ?Field => $table->field($name), $table->alike), fn (?Field $f): bool => $f?->hasColumn() === true));
        $given = array_filter($fields, fn (Field $f): bool => array_key_exists($f->column(), $values));
        $whole = array_filter($fields, fn (Field $f): bool => $row->value($f) === null) === [];
        if ($given === [] || ! $whole || ! $this->neighbours->isTaken($table, $fields, $row)) {
            return [];
        }
        $names = implode(' and ', array_map(fn (Field $f): string => $f->name, $fields));

        return [Names::inFormula(array_values($given)[0]->name) => "There is already a $table->singular with the same $names."];
    }

    /** @return array<string, mixed> what Lanai sets itself */
    private function automatic(Table $table, bool $new): array
    {
        $set = [];
        foreach ($table->fields as $field) {
            if ($field->type instanceof ChangedAtType || ($new && $field->type instanceof AddedAtType)) {
                $set[$field->column()] = $this->moment->now;
            } elseif ($new && $field->type instanceof AddedByType) {
                $set[$field->column()] = $this->me?->id;
            }
        }

        return $set;
    }

    private function holds(string $formula, Row $row): bool
    {
        try {
            return $this->evaluation($row)->yes(Formula::of($formula));
        } catch (FormulaMistake) {
            return true;
        }
    }

    private function evaluation(Row $row): Evaluation
    {
        return new Evaluation($this->moment, $this->reader, ['this' => $row, 'me' => $this->me], [], $row);
    }

    /** Numbers are read from their text; all other values are read as they are. */
    private function scalar(mixed $value): mixed
    {
        return is_int($value) || is_float($value) ? (string) $value : $value;
    }
}
