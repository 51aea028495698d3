<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\Happenings;
use App\Records\NothingWritten;
use App\Records\SearchIndex;
use App\Records\Sql;
use Closure;
use Illuminate\Database\Connection;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Storage\Plan;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\Names;

/**
 * Staged rows come into their table, all at once: a few of them in one short transaction, many through a shadow of the table.
 * Nobody waits longer than a moment, and nobody sees a part of them.
 */
final class Arrival
{
    /** So many rows are written while others wait. */
    private const FEW = 1500;

    /** How long a step may hold the lock, in nanoseconds; its size follows. */
    private const STEP = 16_000_000;

    /** Rows that were written meanwhile and are taken over in the last step. */
    private const LAST = 200;

    /** Routines can begin for so many rows of one file. */
    private const ANNOUNCED = 10_000;

    /** A table that changes its shape while rows come in is begun with again, so often. */
    private const AGAIN = 3;

    private readonly Connection $database;

    private readonly Table $table;

    /** The numbers of new rows begin after this one. */
    private int $base = 0;

    private int $size = 400;

    /** Whether the file gives numbers to new rows. */
    private bool $numbered = false;

    /** @param  Closure(): void  $tell  what it throws ends the work, and nothing of it stays */
    public function __construct(
        private readonly Workplace $place,
        private readonly Staging $staging,
        private readonly Blueprint $blueprint,
        private readonly ImportReport $report,
        private readonly bool $onlyRight,
        private readonly Closure $tell,
        private readonly bool $announced,
        private readonly int $import,
    ) {
        $this->database = $place->database;
        $this->table = $staging->table;
    }

    /** @throws NothingWritten where a row has become wrong meanwhile and all are wanted */
    public function all(): void
    {
        if ($this->announced && $this->staging->adds + $this->staging->changes > self::ANNOUNCED) {
            throw new UnreadableFile(
                'Routines can begin for at most '.
                    number_format(self::ANNOUNCED).
                    ' rows of one file, and this one brings more. Bring them in without routines, or in several files. Nothing was kept.',
            );
        }
        $this->numbered = $this->database->scalar('select 1 from "staged" where "_adds" = 1 and "_id" is not null limit 1') !== null;
        if ($this->staging->adds + $this->staging->changes <= self::FEW) {
            $this->place->shortly($this->few(...));

            return;
        }
        for ($i = 0; $i < self::AGAIN; $i++) {
            try {
                $this->many();

                return;
            } catch (ShapeChanged) {
                // With the shape that it has now, once more.
            } finally {
                Shadow::sweep($this->database);
            }
        }
        throw new UnreadableFile('The fields of this table were changed while the rows came in. Nothing of them was kept; please try again.');
    }

    private function few(): void
    {
        $this->verify();
        $this->base = $this->next();
        $this->add($this->table->storedAs(), 0, PHP_INT_MAX);
        $this->change($this->table->storedAs(), 0, PHP_INT_MAX);
        foreach ($this->staging->many as $field) {
            $this->join($field, Plan::join($this->table, $field), 0, PHP_INT_MAX);
        }
        $this->announce();
    }

    /** @throws ShapeChanged where the table has got another shape meanwhile */
    private function many(): void
    {
        $shadow = new Shadow($this->database, $this->table->storedAs(), 'id');
        $joins = array_map(fn (Field $f): Shadow => new Shadow($this->database, Plan::join($this->table, $f), 'row'), $this->staging->many);
        $search = new SearchIndex($this->database);
        $searched = false;
        $this->place->shortly(function () use ($shadow, $joins, $search, &$searched): void {
            // The numbers of the new rows are set aside, so that others added meanwhile come after them.
            $this->base = $this->next();
            $this->database->update('update sqlite_sequence set seq = ? where name = ?', [$this->base + $this->staging->last(), $this->table->storedAs()]) ?:
            $this->database->insert('insert into sqlite_sequence (name, seq) values (?, ?)', [
                $this->table->storedAs(),
                $this->base + $this->staging->last(),
            ]);
            foreach ([$shadow, ...$joins] as $each) {
                $each->make();
            }
            $searched = $search->isThere($this->table);
            if ($searched) {
                $search->make($this->table, self::beside($this->table));
                $search->follow($this->table, self::beside($this->table), $shadow->name);
            }
        });
        $this->verify();
        [$changes, $from] = $this->staging->changes === 0 ? [[], ''] : [$this->changes(), 'left join temp."staged" s on s."_id" = t."id" and s."_adds" = 0'];
        foreach ([$shadow, ...$joins] as $i => $each) {
            for (
                $last = 0;
                $last !== null;
                $last = $this->step(fn (): ?int => $each->inShape()->copy($last, $this->size, $i === 0 ? $changes : [], $i === 0 ? $from : ''))
            ) {
                ($this->tell)();
            }
        }
        $this->staged($shadow, $joins);
        do {
            ($this->tell)();
            $left = $this->step(fn (): int => $this->catchUp($shadow, $joins, self::LAST));
        } while ($left >= self::LAST);
        $this->place->shortly(function () use ($shadow, $joins, $search, $searched): void {
            while ($this->catchUp($shadow, $joins, self::LAST) > 0) {
                continue;
            }
            if ($search->isThere($this->table) !== $searched) {
                throw new ShapeChanged();
            }
            $this->swap($shadow, $joins, $search, $searched);
            $this->announce();
        });
        foreach ([$shadow, ...$joins] as $each) {
            while ($this->step(fn (): bool => $each->leave($this->size))) {
                continue;
            }
        }
    }

    /** @param  list<Shadow>  $joins */
    private function staged(Shadow $shadow, array $joins): void
    {
        for ($n = 0; $n < $this->staging->last(); $n = $to) {
            $to = $n + $this->size;
            ($this->tell)();
            $this->step(function () use ($shadow, $joins, $n, $to): void {
                $this->add($shadow->name, $n, $to);
                foreach ($this->staging->many as $i => $field) {
                    $this->join($field, $joins[$i]->name, $n, $to);
                }
            });
        }
    }

    /** @param  list<Shadow>  $joins */
    private function swap(Shadow $shadow, array $joins, SearchIndex $search, bool $searched): void
    {
        [$find, $beside] = [SearchIndex::nameOf($this->table), self::beside($this->table)];
        if ($searched) {
            $search->leave($find);
            $search->leave($beside);
        }
        foreach ([$shadow, ...$joins] as $each) {
            $each->swap();
        }
        if ($searched) {
            $this->database->statement('alter table '.Sql::name($find).' rename to '.Sql::name("_was$find"));
            $this->database->statement('alter table '.Sql::name($beside).' rename to '.Sql::name($find));
            $search->follow($this->table, $find, $this->table->storedAs());
        }
    }

    private static function beside(Table $table): string
    {
        return '_in'.SearchIndex::nameOf($table);
    }

    /**
     * A step with the lock, as large as takes a moment.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private function step(Closure $work): mixed
    {
        $took = 0;
        $done = $this->place->shortly(function () use ($work, &$took): mixed {
            $from = hrtime(true);
            $done = $work();
            $took = hrtime(true) - $from;

            return $done;
        });
        $this->size = max(50, min(20000, (int) ($this->size * max(0.5, min(1.5, self::STEP / max(1, $took))))));

        return $done;
    }

    /** The number of the last row there ever was, and of those that the file brings. */
    private function next(): int
    {
        return max(
            (int) $this->database->scalar('select seq from sqlite_sequence where name = ?', [$this->table->storedAs()]),
            $this->numbered ? (int) $this->database->scalar('select max("_id") from "staged" where "_adds" = 1') : 0,
        );
    }

    private function add(string $into, int $after, int $to): void
    {
        $columns = array_map(fn (Field $f): string => Sql::name($f->column()), $this->staging->fields);
        $values = array_map(fn (Field $f): string => $this->linked($f), $this->staging->fields);
        $this->database->insert(
            'insert into '.
                Sql::name($into).
                ' ("id"'.
                implode('', array_map(fn (string $c): string => ", $c", $columns)).
                ") select coalesce(s.\"_id\", $this->base + s.\"_n\")".
                implode('', array_map(fn (string $v): string => ", $v", $values)).
                ' from temp."staged" s where s."_n" > ? and s."_n" <= ? and s."_adds" = 1 order by s."_n"',
            [$after, $to],
        );
    }

    /** @return array<string, string> column => what a change sets it to */
    private function changes(): array
    {
        $set = [];
        foreach ($this->staging->fields as $field) {
            if (in_array($field->column(), $this->staging->set, true)) {
                $set[$field->column()] = $this->linked($field);
            }
        }

        return $set;
    }

    /** @param  string  $only  a condition about the staged row */
    private function change(string $in, int $after, int $to, string $only = ''): void
    {
        $set = $this->changes();
        if ($set === [] || $this->staging->changes === 0) {
            return;
        }
        $sets = implode(', ', array_map(fn (string $value, string $column): string => Sql::name($column)." = $value", $set, array_keys($set)));
        $this->database->update(
            'update '.
                Sql::name($in).
                " set $sets from temp.\"staged\" s where s.\"_id\" = ".
                Sql::name($in).
                ".\"id\" and s.\"_adds\" = 0 and s.\"_n\" > ? and s.\"_n\" <= ?$only",
            [$after, $to],
        );
    }

    /** @param  string  $only  a condition about the staged row */
    private function join(Field $field, string $into, int $after, int $to, string $only = ''): void
    {
        $linked = $this->blueprint->tableOfOne($field->linksToMany());
        $join = Sql::name($into);
        if ($this->staging->changes > 0) {
            $this->database->delete(
                "delete from $join where \"row\" in (select s.\"_id\" from temp.\"staged\" s where s.\"_adds\" = 0 and s.\"_n\" > ? and s.\"_n\" <= ?$only)",
                [$after, $to],
            );
        }
        $there =
            $this->staging->changes > 0
                ? ' and (s."_adds" = 1 or exists (select 1 from main.'.Sql::name($this->table->storedAs()).' t where t."id" = s."_id"))'
                : '';
        $this->database->insert(
            "insert or ignore into $join select coalesce(s.\"_id\", $this->base + s.\"_n\"), l.\"other\" from temp.\"staged_links\" l join "
                ."temp.\"staged\" s on s.\"_n\" = l.\"n\" where l.\"field\" = ? and l.\"n\" > ? and l.\"n\" <= ?$only$there".
                ($linked === null ? '' : ' and exists (select 1 from main.'.Sql::name($linked->storedAs()).' o where o."id" = l."other")'),
            [$field->column(), $after, $to],
        );
    }

    /** A value as it is staged; a link to a row that is gone meanwhile is none. */
    private function linked(Field $field): string
    {
        $linked = $field->linksTo() === '' ? null : $this->blueprint->tableOfOne($field->linksTo());
        $value = 's.'.Sql::name($field->column());

        return $linked === null ? $value : '(select p."id" from main.'.Sql::name($linked->storedAs())." p where p.\"id\" = $value)";
    }

    /** Rows that others have written since the file was checked may stand against staged ones: these are left out. */
    private function verify(): void
    {
        $table = 'main.'.Sql::name($this->table->storedAs());
        foreach (
            $this->staging->changes === 0
                ? []
                : $this->database->select(
                    "select s.\"_n\", s.\"_row\" from \"staged\" s where s.\"_adds\" = 0 and not exists (select 1 from $table t where t.\"id\" = s.\"_id\")",
                ) as $found
        ) {
            $this->refuse((int) $found->_n, (int) $found->_row, false, ['' => 'This row was removed meanwhile.']);
        }
        foreach (
            ! $this->numbered
                ? []
                : $this->database->select(
                    'select s."_n", s."_row", s."_id" from "staged" s where s."_adds" = 1 and s."_id" is not null and exists '
                        ."(select 1 from $table t where t.\"id\" = s.\"_id\")",
                ) as $found
        ) {
            $this->refuse((int) $found->_n, (int) $found->_row, true, ['#' => "There is already a row with the number $found->_id."]);
        }
        foreach (RowCheck::distinct($this->table) as $fields) {
            $on = implode(' and ', array_map(fn (Field $f): string => 't.'.Sql::name($f->column()).' = s.'.Sql::name($f->column()), $fields));
            $touched = $this->staging->changes > 0 && array_intersect(array_map(fn (Field $f): string => $f->column(), $fields), $this->staging->set) !== [];
            $gone = $touched ? ' and not exists (select 1 from "staged" c where c."_id" = t."id" and c."_adds" = 0)' : '';
            $among = $touched ? '' : ' and s."_adds" = 1';
            foreach (
                $this->database->select(
                    'select s."_n", s."_row", s."_adds" from "staged" s '
                        ."cross join $table t on $on where (s.\"_adds\" = 1 or t.\"id\" <> s.\"_id\")$among$gone",
                ) as $found
            ) {
                $this->refuse((int) $found->_n, (int) $found->_row, (bool) $found->_adds, $this->taken($fields));
            }
        }
        if ($this->report->bad > 0 && ! $this->onlyRight) {
            throw new NothingWritten();
        }
    }

    /**
     * Takes over what others have written since, and lets it stand where an imported row would be like it.
     *
     * @param  list<Shadow>  $joins
     * @return int how many rows of the table were taken over
     */
    private function catchUp(Shadow $shadow, array $joins, int $most): int
    {
        $keys = $shadow->inShape()->written($most);
        if ($keys !== []) {
            $in = implode(', ', $keys);
            foreach (
                ! $this->numbered ? [] : $this->database->select('select "_n", "_row", "_id" from "staged" where "_adds" = 1 and '
                    ."\"_id\" in ($in)") as $found
            ) {
                $this->refuse((int) $found->_n, (int) $found->_row, true, ['#' => "There is already a row with the number $found->_id."]);
                array_map(fn (Shadow $join) => $join->again([(int) $found->_id]), $joins);
            }
            $shadow->again($keys);
            $this->change($shadow->name, 0, PHP_INT_MAX, " and s.\"_id\" in ($in)");
            $this->likeOthers($shadow, $joins, $in);
            foreach ($joins as $join) {
                $this->database->delete(
                    'delete from '.
                        Sql::name($join->name).
                        " where \"row\" in ($in) and \"row\" not in (select \"id\" from ".
                        Sql::name($shadow->name).
                        ')',
                );
            }
        }
        $done = count($keys);
        foreach ($this->staging->many as $i => $field) {
            $rows = $joins[$i]->inShape()->written($most);
            if ($rows !== []) {
                $joins[$i]->again($rows);
                $this->join($field, $joins[$i]->name, 0, PHP_INT_MAX, ' and s."_id" in ('.implode(', ', $rows).')');
            }
            $done = max($done, count($rows));
        }
        if ($this->report->bad > 0 && ! $this->onlyRight) {
            throw new NothingWritten();
        }

        return $done;
    }

    /** @param  list<Shadow>  $joins */
    private function likeOthers(Shadow $shadow, array $joins, string $in): void
    {
        $name = Sql::name($shadow->name);
        foreach (RowCheck::distinct($this->table) as $fields) {
            $on = implode(' and ', array_map(fn (Field $f): string => 'o.'.Sql::name($f->column()).' = t.'.Sql::name($f->column()), $fields));
            // Each table is looked into by an index, in this order: the rows that were written, those like them, whether these are staged.
            $staged = ["s.\"_n\" = o.\"id\" - $this->base and s.\"_id\" is null", ...$this->numbered ? ['s."_id" = o."id"'] : []];
            $like = "select o.\"id\", s.\"_n\", s.\"_row\" from $name t cross join $name o on $on and o.\"id\" <> t.\"id\" cross join temp.\"staged\" s on ";
            $all = array_map(fn (string $by): string => "$like$by where t.\"id\" in ($in) and s.\"_adds\" = 1", $staged);
            foreach ($this->database->select(implode(' union ', $all)) as $found) {
                $this->database->delete("delete from $name where \"id\" = ?", [$found->id]);
                array_map(fn (Shadow $join) => $join->again([(int) $found->id]), $joins);
                $this->refuse((int) $found->_n, (int) $found->_row, true, $this->taken($fields));
            }
        }
    }

    /** @param  array<string, string>  $errors */
    private function refuse(int $n, int $row, bool $adds, array $errors): void
    {
        $this->report->wrong($row, $errors, []);
        $adds ? $this->report->added-- : $this->report->changed--;
        $this->staging->drop([$n]);
    }

    /**
     * @param  non-empty-list<Field>  $fields
     * @return array<string, string>
     */
    private function taken(array $fields): array
    {
        $names = implode(' and ', array_map(fn (Field $f): string => $f->name, $fields));

        return [
            Names::inFormula($fields[0]->name) => 'There is already '.Article::with($this->table->singular).' with '
                .(count($fields) === 1 ? "this $names." : "the same $names."),
        ];
    }

    /** Keeps which rows came, for the routines and programs that wait for them. */
    private function announce(): void
    {
        if ($this->import > 0) {
            Came::note($this->database, $this->import, $this->report);
        }
        if ($this->announced) {
            Happenings::prepare($this->database);
            $this->database->insert(
                'insert into "_arrived" ("tbl", "row", "what") select ?, '
                    ."coalesce(s.\"_id\", $this->base + s.\"_n\"), case s.\"_adds\" when 1 then 'added' else 'changed' end from temp.\"staged\" s "
                        .'order by s."_n"',
                [$this->table->storedAs()],
            );
        }
    }
}
