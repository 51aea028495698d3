<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\Sql;
use Illuminate\Database\Connection;

/**
 * A second table in the shape of one, filled beside it in short steps and put in its place at the end. What is written to
 * the first one meanwhile is noted by triggers and carried over.
 */
final class Shadow
{
    private const PREFIX = '_in_';

    private const LOG = '_inlog_';

    private const OLD = '_was_';

    /** A table of so many rows is dropped within 100 ms: measured, 47 ms for a million with three indexes. */
    private const AT_ONCE = 2_000_000;

    public readonly string $name;

    private readonly string $log;

    private string $shape = '';

    /** @param  string  $key  the column that says which rows were written: "id", or "row" of links to many */
    public function __construct(private readonly Connection $database, public readonly string $table, private readonly string $key)
    {
        $this->name = self::PREFIX.$table;
        $this->log = self::LOG.$table;
    }

    /** Leaves nothing of shadows whose work has ended early. */
    public static function sweep(Connection $database): void
    {
        foreach (['trigger', 'table'] as $kind) {
            foreach (
                $database->select("select name from sqlite_master where type = ? and (name like '\\_in%' escape '\\' or name like '\\_was%' escape '\\')", [
                    $kind,
                ]) as $left
            ) {
                // The tables of a search index go with it.
                if ($database->selectOne('select 1 from sqlite_master where name = ?', [$left->name]) !== null) {
                    $database->transaction(fn () => $database->statement("drop $kind if exists ".Sql::name($left->name)));
                }
            }
        }
    }

    /** Makes it, empty, with the indexes of the table; from now on changes are noted. Within a transaction. */
    public function make(): void
    {
        $this->shape = $this->shapeOf($this->table);
        $sql = (string) $this->database->scalar("select sql from sqlite_master where type = 'table' and name = ?", [$this->table]);
        $this->database->statement('create table '.Sql::name($this->name).' '.substr($sql, (int) strpos($sql, '(')));
        foreach (
            $this->database->select("select name, sql from sqlite_master where type = 'index' and tbl_name = ? and sql is not null", [$this->table]) as $index
        ) {
            $this->database->statement(
                'create index '.
                    Sql::name(self::twin($index->name)).
                    ' on '.
                    Sql::name($this->name).
                    ' '.
                    substr($index->sql, (int) strpos($index->sql, '(')),
            );
        }
        $log = Sql::name($this->log);
        $this->database->statement("create table $log (\"id\" integer primary key)");
        $of = ['insert' => ['new'], 'update' => ['old', 'new'], 'delete' => ['old']];
        foreach ($of as $what => $rows) {
            $notes = implode(' ', array_map(fn (string $row): string => "insert or ignore into $log values ($row.".Sql::name($this->key).');', $rows));
            $this->database->statement(
                'create trigger '.Sql::name("{$this->log}_$what")." after $what on ".Sql::name($this->table)." begin $notes end",
            );
        }
    }

    /** @throws ShapeChanged where the table has no longer the shape that it had */
    public function inShape(): self
    {
        return $this->shapeOf($this->table) === $this->shape ? $this : throw new ShapeChanged();
    }

    /**
     * Copies rows of the table, in order, beginning after a key.
     *
     * @param  array<string, string>  $changes  column => what it gets, of "s", where a row of $from is its change
     * @param  string  $from  what "s" is; '' for nothing
     * @return int|null the last key; null where there are no more
     */
    public function copy(int $after, int $most, array $changes = [], string $from = ''): ?int
    {
        [$table, $key, $name] = [Sql::name($this->table), Sql::name($this->key), Sql::name($this->name)];
        $last = $this->database->scalar("select max(k) from (select $key as k from $table where $key > ? order by $key limit ?)", [$after, $most]);
        if ($last === null) {
            return null;
        }
        $values = '*';
        if ($from !== '') {
            $columns = array_column($this->database->select('select name from pragma_table_info(?)', [$this->table]), 'name');
            $values = implode(
                ', ',
                array_map(
                    fn (string $c): string => isset($changes[$c]) ? 'iif(s."_n" is null, t.'.Sql::name($c).", $changes[$c])" : 't.'.Sql::name($c),
                    $columns,
                ),
            );
        }
        $this->database->statement("insert into $name select $values from $table t $from where t.$key > ? and t.$key <= ? order by t.$key", [
            $after,
            (int) $last,
        ]);

        return (int) $last;
    }

    /** @return list<int> the keys of some rows that were written meanwhile; they are no longer noted */
    public function written(int $most): array
    {
        $log = Sql::name($this->log);
        $keys = array_map(intval(...), array_column($this->database->select("select \"id\" from $log limit ?", [$most]), 'id'));
        $this->database->delete("delete from $log where \"id\" in (".implode(', ', $keys).')');

        return $keys;
    }

    /**
     * Takes over rows as the table has them now.
     *
     * @param  list<int>  $keys
     */
    public function again(array $keys): void
    {
        [$table, $key, $name] = [Sql::name($this->table), Sql::name($this->key), Sql::name($this->name)];
        $in = implode(', ', $keys);
        $this->database->delete("delete from $name where $key in ($in)");
        $this->database->statement("insert into $name select * from $table where $key in ($in)");
    }

    /** Puts it in the place of the table. Within a transaction; what the table was is there until leave(). */
    public function swap(): void
    {
        foreach (['insert', 'update', 'delete'] as $what) {
            $this->database->statement('drop trigger '.Sql::name("{$this->log}_$what"));
        }
        $this->database->statement('drop table '.Sql::name($this->log));
        $next = (int) $this->database->scalar('select max(seq) from sqlite_sequence where name in (?, ?)', [$this->table, $this->name]);
        $this->database->statement('alter table '.Sql::name($this->table).' rename to '.Sql::name(self::OLD.$this->table));
        $this->database->statement('alter table '.Sql::name($this->name).' rename to '.Sql::name($this->table));
        $this->database->update('update sqlite_sequence set seq = ? where name = ?', [$next, $this->table]);
    }

    /**
     * Removes what the table was: at once where that takes a moment, else some rows of it at a time.
     *
     * @return bool whether there is more
     */
    public function leave(int $most): bool
    {
        [$old, $key] = [Sql::name(self::OLD.$this->table), Sql::name($this->key)];
        if ((int) $this->database->scalar("select max($key) - min($key) from $old") <= self::AT_ONCE) {
            $this->database->statement("drop table $old");

            return false;
        }
        $this->database->delete("delete from $old where $key <= (select max(k) from (select $key as k from $old order by $key limit ?))", [$most]);

        return true;
    }

    /** An index of the shadow has a name of its own, and the first name again the next time. */
    private static function twin(string $index): string
    {
        return str_ends_with($index, '~') ? substr($index, 0, -1) : "$index~";
    }

    private function shapeOf(string $table): string
    {
        return (string) json_encode(
            array_map(
                fn (object $o): array => (array) $o,
                $this->database->select("select name, sql from sqlite_master where tbl_name = ? and type in ('table', 'index') order by name", [$table]),
            ),
        );
    }
}
