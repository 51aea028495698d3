<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\EloquentRecordStore;
use App\Records\Sql;
use Illuminate\Database\Connection;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Names;

/** The rows that the file may mean, by its key: those of the table, and those that came before in the file. */
final class KnownRows
{
    private readonly Connection $database;

    private readonly ?Field $field;

    /** The table that numbers are looked up in, by "key": the app's own where it has an index, else a temporary copy. */
    private string $from;

    private string $column;

    /** @var array<array-key, Row> */
    private array $there = [];

    /** @var array<array-key, int> key => how many rows of the table have it */
    private array $count = [];

    /** @var array<array-key, int> key => its number among the staged */
    private array $staged = [];

    /** @var array<array-key, true> keys of rows that are read and not staged yet */
    private array $expected = [];

    /**
     * @param  string  $key  a field's name in formulas, or Mapping::ID
     * @param  bool  $whole  whether all of a row must be known, or only what no two rows may have alike
     */
    public function __construct(private readonly Staging $staging, private readonly EloquentRecordStore $store, string $key, private readonly bool $whole)
    {
        $this->database = $staging->database;
        $this->field = $key === Mapping::ID ? null : $staging->table->fieldInFormula($key);
        $this->column = $this->field?->column() ?? 'id';
        $this->from = 'main.'.Sql::name($staging->table->storedAs());
        $staging->lookUpBy([$this->field === null ? '_id' : $this->column]);
        if ($this->field !== null && ! $this->hasIndex()) {
            $column = Sql::name($this->column);
            $this->database->statement("create temp table \"keyed\" as select \"id\", $column from $this->from where $column is not null");
            $this->database->statement("create index temp.\"by_key\" on \"keyed\" ($column)");
            $this->from = 'temp."keyed"';
        }
    }

    /** @param  list<string>  $keys  as they are stored */
    public function prepare(array $keys): void
    {
        $this->there = $this->count = $this->staged = $this->expected = [];
        foreach (array_chunk(array_values(array_unique($keys)), 5000) as $some) {
            $marks = implode(', ', array_fill(0, count($some), '?'));
            $column = Sql::name($this->column);
            $ids = [];
            foreach (
                $this->database->select(
                    "select min(\"id\") as \"id\", $column as \"key\", count(*) as \"n\" from $this->from where $column in ($marks) group by $column",
                    $some,
                ) as $found
            ) {
                $ids[(int) $found->id] = (string) $found->key;
                $this->count[(string) $found->key] = (int) $found->n;
            }
            foreach ($this->rows(array_keys($ids)) as $id => $row) {
                $this->there[$ids[$id]] = $row;
            }
            $own = $this->field === null ? '"_id"' : $column;
            foreach ($this->database->select("select \"_n\", $own as \"key\" from \"staged\" where $own in ($marks)", $some) as $found) {
                $this->staged[(string) $found->key] = (int) $found->_n;
            }
        }
    }

    /** @throws UnreadableValue where more than one is meant */
    public function row(string $key): ?Row
    {
        $row = $this->there[$key] ?? null;
        if (($this->count[$key] ?? 0) > 1) {
            throw new UnreadableValue(
                "There are {$this->count[$key]} rows with this ".($this->field->name ?? 'number').', so it is not clear which one to change.',
            );
        }
        $n = $this->staged[$key] ?? 0;

        return $n === 0 ? $row : $this->staging->row($n, $row);
    }

    /** The number of the staged row with this key; 0 where there is none. */
    public function staged(string $key): int
    {
        return $this->staged[$key] ?? 0;
    }

    public function isExpected(string $key): bool
    {
        return isset($this->expected[$key]);
    }

    public function expect(string $key): void
    {
        $this->expected[$key] = true;
    }

    public function arrived(string $key, int $n): void
    {
        unset($this->expected[$key]);
        $this->staged[$key] = $n;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Row>
     */
    private function rows(array $ids): array
    {
        $table = $this->staging->table;
        if ($this->whole) {
            return $this->store->byIds($table, $ids);
        }
        $needed = array_filter(
            array_merge([], ...RowCheck::distinct($table)),
            fn (Field $f): bool => $f !== $this->field && ! in_array($f->column(), $this->staging->set, true),
        );
        $rows = [];
        foreach ($ids as $id) {
            $rows[$id] = new Row($table, $id, []);
        }
        foreach (
            $needed === []
                ? []
                : $this->database->select(
                    'select "id", '.
                        implode(', ', array_unique(array_map(fn (Field $f): string => Sql::name($f->column()), $needed))).
                        ' from main.'.
                        Sql::name($table->storedAs()).
                        ' where "id" in ('.
                        implode(', ', [0, ...$ids]).
                        ')',
                ) as $raw
        ) {
            $values = [];
            foreach ($needed as $field) {
                $values[$field->column()] = $field->type->load($raw->{$field->column()});
            }
            $rows[(int) $raw->id] = new Row($table, (int) $raw->id, $values);
        }

        return $rows;
    }

    /** The field that the key is, as mistakes name it. */
    public function name(): string
    {
        return $this->field === null ? Mapping::ID : Names::inFormula($this->field->name);
    }

    private function hasIndex(): bool
    {
        return $this->database->selectOne('select 1 from pragma_index_list(?) l, pragma_index_info(l.name) i where i.seqno = 0 and i.name = ?', [
            $this->staging->table->storedAs(),
            $this->column,
        ]) !== null;
    }
}
