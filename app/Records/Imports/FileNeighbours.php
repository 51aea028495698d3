<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\Sql;
use Lanai\Core\Data\Neighbours;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use PDO;
use PDOStatement;

/** The rows of the table and those of the file before, looked up for some hundred rows together. */
final class FileNeighbours implements Neighbours
{
    /** @var array<string, array<string, FieldType>> set => column => type */
    private readonly array $sets;

    /** @var array<string, array<string, int>> set => values => the row that has them; negative for a staged one */
    private array $taken = [];

    /** @var array<string, array<int, string>> set => row => the values it has */
    private array $has = [];

    /** @var array<string, PDOStatement> by what is asked */
    private array $asked = [];

    private readonly bool $isEmpty;

    /**
     * @param  Field|null  $key  the field that rows are found by: a row that is like another in it changes that one
     * @param  bool  $changes  whether rows of the table can be changed by the file
     */
    public function __construct(private readonly Staging $staging, ?Field $key, private readonly bool $changes)
    {
        $sets = [];
        foreach (RowCheck::distinct($staging->table) as $fields) {
            if ($key === null || $fields !== [$key]) {
                $columns = array_map(fn (Field $f): string => $f->column(), $fields);
                $sets[self::name($fields)] = array_combine($columns, array_map(fn (Field $f): FieldType => $f->type, $fields));
                $staging->lookUpBy($columns);
            }
        }
        $this->sets = $sets;
        $this->isEmpty = $staging->database->selectOne('select 1 from main.'.Sql::name($staging->table->storedAs()).' limit 1') === null;
    }

    public function isThere(Table $table, int $id): bool
    {
        // Numbers of linked rows were looked up by what the file calls them.
        return true;
    }

    public function isTaken(Table $table, array $fields, Row $row): bool
    {
        $name = self::name($fields);
        $values = isset($this->sets[$name]) ? $this->values($this->sets[$name], $row->values) : null;
        $by = $values === null ? null : $this->taken[$name][self::key($values)] ?? null;

        return $by !== null && $by !== $row->id;
    }

    /**
     * Looks up what the rows could be like.
     *
     * @param  list<array<string, mixed>>  $rows  column => value
     */
    public function prepare(array $rows): void
    {
        foreach ($this->sets as $name => $types) {
            $wanted = [];
            foreach ($rows as $row) {
                $values = $this->values($types, $row);
                if ($values !== null) {
                    $wanted[self::key($values)] = $values;
                }
            }
            $this->taken[$name] = $this->has[$name] = [];
            foreach (array_chunk($wanted, max(1, intdiv(20000, count($types)))) as $some) {
                $this->ask($types, $name, $some);
            }
        }
    }

    /**
     * A row that comes in takes what it has.
     *
     * @param  array<string, mixed>  $values
     * @param  int  $row  its number; negative for one that is added
     */
    public function take(array $values, int $row): void
    {
        foreach ($this->sets as $name => $types) {
            $own = $this->values($types, $values);
            $had = $this->changes ? $this->has[$name][$row] ?? null : null;
            if ($had !== null) {
                unset($this->taken[$name][$had]);
            }
            if ($own !== null) {
                $this->note($name, self::key($own), $row);
            }
        }
    }

    private function note(string $set, string $values, int $row): void
    {
        $this->taken[$set][$values] = $row;
        $this->has[$set][$row] = $values;
    }

    /**
     * @param  array<string, FieldType>  $types
     * @param  list<list<string|int|float>>  $wanted
     */
    private function ask(array $types, string $name, array $wanted): void
    {
        $bindings = array_merge(...$wanted);
        foreach ($this->isEmpty ? [false] : [true, false] as $ofTable) {
            $statement = $this->asked[$name.' '.count($wanted).(int) $ofTable] ??= $this->question(array_keys($types), count($wanted), $ofTable);
            $statement->execute($bindings);
            foreach ($statement->fetchAll(PDO::FETCH_NUM) as $found) {
                $id = (int) array_shift($found);
                $key = self::key(array_values(array_filter($found, is_scalar(...))));
                if (! isset($this->taken[$name][$key])) {
                    $this->note($name, $key, $id);
                }
            }
        }
    }

    /** @param  list<string>  $columns */
    private function question(array $columns, int $wanted, bool $ofTable): PDOStatement
    {
        if (count($this->asked) > 12) {
            $this->asked = [];
        }
        $columns = array_map(Sql::name(...), $columns);
        $one = '('.implode(', ', array_fill(0, count($columns), '?')).')';
        $on = implode(' and ', array_map(fn (string $c, int $i): string => "t.$c = w.v$i", $columns, array_keys($columns)));
        // What a row of the table has does not count where the file gives it something else.
        $touched = $this->changes && array_intersect($columns, array_map(Sql::name(...), $this->staging->set)) !== [];
        [$id, $from, $where] = $ofTable
            ? [
                't."id"',
                'main.'.Sql::name($this->staging->table->storedAs()),
                $touched ? ' where not exists (select 1 from "staged" s where s."_id" = t."id" and s."_adds" = 0)' : '',
            ]
            : ['case when t."_adds" = 0 then t."_id" else -t."_n" end', 'temp."staged"', ''];

        return $this->staging->database
            ->getPdo()
            ->prepare(
                'with w('.
                    implode(', ', array_map(fn (int $i): string => "v$i", array_keys($columns))).
                    ') as (values '.
                    implode(', ', array_fill(0, $wanted, $one)).
                    ") select $id, ".
                    implode(', ', array_map(fn (string $c): string => "t.$c", $columns)).
                    " from w cross join $from t on $on$where",
            );
    }

    /**
     * @param  array<string, FieldType>  $types
     * @param  array<string, mixed>  $values
     * @return list<string|int|float>|null as they are stored; null where one is missing
     */
    private function values(array $types, array $values): ?array
    {
        $stored = [];
        foreach ($types as $column => $type) {
            $value = $values[$column] ?? null;
            $value = is_string($value) || $value === null ? $value : $type->store($value);
            if ($value === null) {
                return null;
            }
            $stored[] = $value;
        }

        return $stored;
    }

    /** @param  list<Field>  $fields */
    private static function name(array $fields): string
    {
        return count($fields) === 1 ? $fields[0]->column() : implode(' ', array_map(fn (Field $f): string => $f->column(), $fields));
    }

    /** @param  list<string|int|float|bool>  $values */
    private static function key(array $values): string
    {
        return count($values) === 1 && is_string($values[0])
            ? $values[0]
            : implode("\x1F", array_map(fn (string|int|float|bool $v): string => is_float($v) ? sprintf('%.17g', $v) : (string) $v, $values));
    }
}
