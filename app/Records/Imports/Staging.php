<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\Sql;
use DateTimeInterface;
use Illuminate\Database\Connection;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use PDOStatement;

/** Rows of a file that were found right, in a temporary table, until they are brought in together. */
final class Staging
{
    /** What stands before the values: the number of the staged row, that in the file, that in the table, and whether it adds. */
    private const OWN = ['"_n"', '"_row"', '"_id"', '"_adds"'];

    /** @var array<int, PDOStatement> */
    private array $inserts = [];

    /** @var list<list<string|int|float|null>> */
    private array $pending = [];

    /** @var list<array{string, int, int}> field, staged row, linked row */
    private array $pendingLinks = [];

    /** @var array<string, FieldType> column => type */
    private readonly array $types;

    private int $last = 0;

    /** The moment that was stored last, which the rows of a file share, and how. */
    private ?DateTimeInterface $moment = null;

    private string $written = '';

    public int $adds = 0;

    public int $changes = 0;

    /**
     * @param  list<Field>  $fields  those whose values are kept in a column
     * @param  list<string>  $set  the columns of these that a change sets; the others are there to be compared
     * @param  list<Field>  $many  those that link to several rows
     */
    public function __construct(
        public readonly Connection $database,
        public readonly Table $table,
        public readonly array $fields,
        public readonly array $set,
        public readonly array $many,
    ) {
        $this->types = array_combine(array_map(fn (Field $f): string => $f->column(), $fields), array_map(fn (Field $f): FieldType => $f->type, $fields));
        $columns = array_map(fn (Field $f): string => Sql::name($f->column()).' '.$f->type->column(), $fields);
        $database->statement(
            'create temp table "staged" ("_n" integer primary key, "_row" integer, "_id" integer, "_adds" integer not null'.
                implode('', array_map(fn (string $c): string => ", $c", $columns)).
                ')',
        );
        $database->statement(
            'create temp table "staged_links" ("field" text not null, "n" integer not null, "other" integer not null, primary key ("field", "n", '
                .'"other")) without rowid',
        );
    }

    /**
     * An index for what rows are looked up by.
     *
     * @param  list<string>  $columns
     */
    public function lookUpBy(array $columns): void
    {
        $this->database->statement(
            'create index if not exists temp.'.
                Sql::name('by_'.implode('_', $columns)).
                ' on "staged" ('.
                implode(', ', array_map(Sql::name(...), $columns)).
                ')',
        );
    }

    /**
     * @param  int|null  $id  the row it changes, or the number it is to have
     * @param  array<string, mixed>  $values  column => value
     * @return int its number among the staged
     */
    public function put(int $row, ?int $id, bool $adds, array $values): int
    {
        $stored = [++$this->last, $row, $id, (int) $adds];
        foreach ($this->types as $column => $type) {
            $value = $values[$column] ?? null;
            $stored[] = match (true) {
                $value === null, is_string($value), is_int($value) => $value,
                $value === $this->moment => $this->written,
                default => $this->stored($type, $value),
            };
        }
        $this->pending[] = $stored;
        if ($this->many !== []) {
            $this->link($this->last, $values);
        }
        $adds ? $this->adds++ : $this->changes++;

        return $this->last;
    }

    /**
     * A row of the file that changes one that came before it.
     *
     * @param  array<string, mixed>  $values
     */
    public function putAgain(int $n, array $values): void
    {
        $sets = [];
        foreach ($this->fields as $field) {
            if (array_key_exists($field->column(), $values)) {
                $value = $values[$field->column()];
                $sets[Sql::name($field->column())] = $value === null ? null : $field->type->store($value);
            }
        }
        if ($sets !== []) {
            $this->database->update(
                'update "staged" set '.implode(', ', array_map(fn (string $c): string => "$c = ?", array_keys($sets))).' where "_n" = ?',
                [...array_values($sets), $n],
            );
        }
        foreach ($this->many as $field) {
            if (array_key_exists($field->column(), $values)) {
                $this->database->delete('delete from "staged_links" where "field" = ? and "n" = ?', [$field->column(), $n]);
            }
        }
        $this->link($n, $values);
        $this->flush();
    }

    /** @return Row a staged row as it stands, with what it had before; its number is negative where it is to be added */
    public function row(int $n, ?Row $before): Row
    {
        $raw = $this->database->selectOne('select * from "staged" where "_n" = ?', [$n]);
        $values = $before->values ?? [];
        foreach ($this->fields as $field) {
            if ($before === null || in_array($field->column(), $this->set, true)) {
                $values[$field->column()] = $field->type->load($raw->{$field->column()} ?? null);
            }
        }

        return new Row($this->table, $before->id ?? -$n, $values);
    }

    public function flush(): void
    {
        foreach (array_chunk($this->pending, max(1, intdiv(30000, count(self::OWN) + count($this->fields)))) as $rows) {
            $this->insert(count($rows))->execute(array_merge(...$rows));
        }
        $this->pending = [];
        foreach (array_chunk($this->pendingLinks, 5000) as $links) {
            $this->database->insert(
                'insert or ignore into "staged_links" values '.implode(', ', array_fill(0, count($links), '(?, ?, ?)')),
                array_merge(...$links),
            );
        }
        $this->pendingLinks = [];
    }

    /** @param  list<int>  $numbers */
    public function drop(array $numbers): void
    {
        foreach (array_chunk($numbers, 10000) as $some) {
            $in = implode(', ', $some);
            $added = (int) $this->database->scalar("select count(*) from \"staged\" where \"_adds\" = 1 and \"_n\" in ($in)");
            $this->adds -= $added;
            $this->changes -= count($some) - $added;
            $this->database->delete("delete from \"staged\" where \"_n\" in ($in)");
            $this->database->delete("delete from \"staged_links\" where \"n\" in ($in)");
        }
    }

    public function last(): int
    {
        return $this->last;
    }

    /** @param  array<string, mixed>  $values */
    private function link(int $n, array $values): void
    {
        foreach ($this->many as $field) {
            $others = $values[$field->column()] ?? null;
            foreach (is_array($others) ? array_filter($others, is_int(...)) : [] as $other) {
                $this->pendingLinks[] = [$field->column(), $n, $other];
            }
        }
    }

    private function stored(FieldType $type, mixed $value): string|int|float|null
    {
        $stored = $type->store($value);
        if ($value instanceof DateTimeInterface && is_string($stored)) {
            [$this->moment, $this->written] = [$value, $stored];
        }

        return $stored;
    }

    private function insert(int $rows): PDOStatement
    {
        if (count($this->inserts) > 8) {
            $this->inserts = [];
        }
        $one = '('.implode(', ', array_fill(0, count(self::OWN) + count($this->fields), '?')).')';

        return $this->inserts[$rows] ??= $this->database->getPdo()->prepare('insert into "staged" values '.implode(', ', array_fill(0, $rows, $one)));
    }
}
