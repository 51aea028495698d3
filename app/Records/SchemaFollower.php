<?php

declare(strict_types=1);

namespace App\Records;

use App\Adverts\AdvertBook;
use App\Earnings\PurchaseBook;
use App\Models\App;
use App\People\Invitations;
use App\People\People;
use App\Reach\CountBook;
use App\Reach\MessageBook;
use App\Reach\PhoneBook;
use App\Reach\Shelf;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\Table;
use Lanai\Core\Storage\Conversion;
use Lanai\Core\Storage\Indexes;
use Lanai\Core\Storage\Layout;
use Lanai\Core\Storage\Plan;
use Lanai\Core\Storage\Step;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Texts;
use Throwable;

/** Brings an app's data file into the shape of a revision, by the core's plan, all steps or none. */
final readonly class SchemaFollower
{
    /** Tables counted by one statement; SQLite joins at most 500 selects (SQLITE_MAX_COMPOUND_SELECT). */
    private const AT_ONCE = 200;

    private Connection $database;

    public function __construct(App $app, DataSet $set)
    {
        $this->database = DB::connection((new DataFile($app, $set))->connection);
    }

    public function follow(Blueprint $blueprint): void
    {
        $this->followWith($blueprint, fn (): bool => true);
    }

    /**
     * Follows a revision together with something that must be kept with it: both or neither.
     *
     * @template T
     *
     * @param  Closure(): (T|null)  $then  where it keeps nothing, nothing is followed
     * @return T|null
     */
    public function followWith(Blueprint $blueprint, Closure $then): mixed
    {
        // What takes time is found out before others have to wait.
        $choice = $this->choice();
        Indexes::of($blueprint, $choice->of(...));
        $this->database->beginTransaction();
        try {
            $this->prepared($blueprint, $choice);
            $kept = $then();
            $kept === null ? $this->database->rollBack() : $this->database->commit();

            return $kept;
        } catch (Throwable $trouble) {
            // A commit that failed has left it open, as SQLite does; one that was rolled back by itself has not.
            rescue(fn () => $this->database->rollBack(), report: false);
            throw $trouble;
        }
    }

    /** Whether the data is in another shape than a revision asks for. */
    public function differs(Blueprint $blueprint): bool
    {
        foreach (['_taps', '_kept', '_shape', '_statements', '_advert_days', '_advert_moments', '_progress', '_choices', '_deliveries'] as $table) {
            if (! $this->database->scalar('select 1 from sqlite_master where name = ?', [$table])) {
                return true;
            }
        }
        $speaks = $this->database->scalar("select 1 from pragma_table_info('_phones') where name = 'locale'");
        if ($this->textVersion() !== Texts::version() || ! $speaks) {
            return true;
        }

        return array_filter(Plan::from($this->layout(), $blueprint), fn (Step $s): bool => $s->what !== 'index') !== [];
    }

    private function prepared(Blueprint $blueprint, IndexChoice $choice): void
    {
        $this->database->statement(
            'create table if not exists "_taps" ("tap" text primary key, "answer" text not null, "at" text not null default current_timestamp)',
        );
        $this->database->statement(
            'create table if not exists "_kept" ("person" integer not null, "name" text not null, "written" text not null, primary key ("person", "name"))',
        );
        Happenings::prepare($this->database);
        People::prepare($this->database);
        Invitations::prepare($this->database);
        PurchaseBook::prepare($this->database);
        AdvertBook::prepare($this->database);
        CountBook::prepare($this->database);
        PhoneBook::prepare($this->database);
        Shelf::prepare($this->database);
        MessageBook::prepare($this->database);
        $this->database->statement(
            'create table if not exists "_shape" ("tbl" text not null, "col" text not null, "tag" text not null, primary key ("tbl", "col"))',
        );
        if ($this->textVersion() !== Texts::version()) {
            $this->forgetOrders();
        }
        foreach (Plan::from($this->layout(), $blueprint, $choice->of(...)) as $step) {
            $this->take($step);
        }
        $this->database->table('_shape')->where('tbl', IndexChoice::KEPT)->delete();
        $tags = $choice->kept();
        foreach ($blueprint->tables as $table) {
            foreach ($table->stored() as $field) {
                $tags[] = ['tbl' => $table->storedAs(), 'col' => $field->column(), 'tag' => FieldTypes::tag($field->type)];
            }
        }
        $this->database->table('_shape')->upsert($tags, ['tbl', 'col'], ['tag']);
    }

    /**
     * Whether the rows have grown so that other indexes serve the lists; then these are made, and what they take the place of goes.
     */
    public function reconsider(Blueprint $blueprint): bool
    {
        if ($this->differs($blueprint)) {
            return false;
        }
        $choice = $this->choice();
        $wanted = [];
        foreach (Indexes::of($blueprint, $choice->of(...)) as [$table, $keys]) {
            $wanted[$table->storedAs()][] = ' ('.implode(', ', array_map(TextFunctions::column(...), $keys)).')';
        }
        if ($choice->isAsBefore()) {
            return false;
        }
        $this->database->transaction(function () use ($blueprint, $choice, $wanted): void {
            $this->prepared($blueprint, $choice);
            foreach (
                $this->database->select(
                    "select name, tbl_name, sql from sqlite_master where type = 'index' and sql is not null and name like 'ix\\_%' escape '\\'",
                ) as $index
            ) {
                $needed =
                    ! isset($wanted[$index->tbl_name]) ||
                    array_filter($wanted[$index->tbl_name], fn (string $keys): bool => str_ends_with($index->sql, $keys)) !== [];
                $needed || $this->database->statement('drop index '.Sql::name($index->name));
            }
        });

        return true;
    }

    private function choice(): IndexChoice
    {
        $known = $this->database->scalar("select 1 from sqlite_master where name = '_shape'")
            ? $this->database->table('_shape')->where('tbl', IndexChoice::KEPT)->pluck('tag', 'col')->all()
            : [];

        return new IndexChoice(new IndexTrial($this->database), array_map(intval(...), $known));
    }

    /** By which tables the texts of this file are folded and ordered; '' where it is older than these. */
    private function textVersion(): string
    {
        return (string) $this->database->scalar('select "tag" from "_shape" where "tbl" = \'\' and "col" = \'texts\'');
    }

    /** What was made by other tables of characters is of no use; it is made again by these. */
    private function forgetOrders(): void
    {
        foreach ($this->database->select("select name, sql from sqlite_master where type = 'index' and sql is not null") as $index) {
            if (TextFunctions::usedBy($index->sql)) {
                $this->database->statement('drop index '.Sql::name($index->name));
            }
        }
        foreach ($this->database->select("select name from sqlite_master where type = 'table' and sql like 'create virtual table%fts5%'") as $find) {
            (new SearchIndex($this->database))->leave($find->name);
            $this->database->statement('drop table '.Sql::name($find->name));
        }
        $this->database->table('_shape')->updateOrInsert(['tbl' => '', 'col' => 'texts'], ['tag' => Texts::version()]);
    }

    /**
     * What following a revision would do to the values there are, as sentences; nothing is changed.
     *
     * @return list<array{sentence: string, loses: bool}>
     */
    public function foresee(Blueprint $blueprint): array
    {
        $said = [];
        foreach (Plan::from($this->layout(), $blueprint) as $step) {
            if ($step->what !== 'convert' || $step->field === null) {
                continue;
            }
            $conversion = new Conversion($step->field, $step->was);
            foreach (
                $this->database
                    ->table($step->table->storedAs())
                    ->whereNotNull($step->field->column())
                    ->select(['id', $step->field->column()])
                    ->orderBy('id')
                    ->lazyById(2000) as $row
            ) {
                $this->kept($conversion, $step, $row->{$step->field->column()});
            }
            $said[] = ['sentence' => $conversion->sentence(), 'loses' => $conversion->converted < $conversion->values];
        }

        return $said;
    }

    /** How many values a field has, or how many rows a table. */
    public function values(Table $table, ?Field $field = null): int
    {
        $known = $this->layout();
        if (! isset($known->tables[$table->storedAs()]) || ($field !== null && ! isset($known->tables[$table->storedAs()][$field->column()]))) {
            return 0;
        }

        return $this->database->table($table->storedAs())->when($field, fn ($q) => $q->whereNotNull((string) $field?->column()))->count();
    }

    /** @return array<string, int> stored table => its rows, or the number of the last one where they are many (counting reads them all) */
    public function sizes(Blueprint $blueprint): array
    {
        $known = $this->database->table('sqlite_master')->where('type', 'table')->pluck('name')->flip();
        $stored = array_filter(array_map(fn (Table $t): string => $t->storedAs(), $blueprint->tables), fn (string $name): bool => $known->has($name));
        $sizes = [];
        foreach (array_chunk($stored, self::AT_ONCE) as $names) {
            // Looked up together: one statement takes a fraction of what one for each table does.
            $each = array_map(function (string $name): string {
                $table = $this->database->getQueryGrammar()->wrapTable($name);

                return "select case when last > 5000 then last else (select count(*) from $table) end as size from (select max(id) as last from $table)";
            }, $names);
            $found = array_column($this->database->select(implode(' union all ', $each)), 'size');
            $sizes += array_combine($names, array_map(intval(...), $found));
        }

        return $sizes;
    }

    public function layout(): Layout
    {
        $tables = [];
        $tags = [];
        foreach ($this->database->scalar("select 1 from sqlite_master where name = '_shape'") ? $this->database->table('_shape')->get() : [] as $tag) {
            $tags[$tag->tbl][$tag->col] = " as $tag->tag";
        }
        foreach (
            $this->database->select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like '\\_%' "
                ."escape '\\'") as $table
        ) {
            $references = [];
            foreach ($this->database->select('select "from", "table" from pragma_foreign_key_list(?)', [$table->name]) as $key) {
                $references[$key->from] = ' REFERENCES '.$key->table;
            }
            $tables[$table->name] = [];
            foreach ($this->database->select('select name, type from pragma_table_info(?)', [$table->name]) as $column) {
                $tables[$table->name][$column->name] = $column->type.($references[$column->name] ?? '').($tags[$table->name][$column->name] ?? '');
            }
        }

        $joins = [];
        foreach ($this->database->select("select name from sqlite_master where type = 'table' and name like '\\_links\\_%' escape '\\'") as $join) {
            $joins[$join->name] = (string) $this->database->scalar('select "table" from pragma_foreign_key_list(?) where "from" = \'other\'', [$join->name]);
        }

        return new Layout($tables, $joins);
    }

    private function take(Step $step): void
    {
        $table = Sql::name($step->table->storedAs());
        $column = $step->field === null ? '' : Sql::name($step->field->column());
        match ($step->what) {
            'create' => $this->database->statement("create table $table (\"id\" integer primary key autoincrement)"),
            'add' => $this->database->statement("alter table $table add column $column ".self::declared($step->declaration)),
            'convert' => $this->convert($step, $table, $column),
            'join' => $this->join($step, $table),
            'index' => $this->index($step, $table),
        };
    }

    /** Whatever it is called: an import gives the indexes of its table other names. */
    private function index(Step $step, string $table): void
    {
        $keys = implode(', ', array_map(TextFunctions::column(...), $step->keys));
        $there = array_column(
            $this->database->select("select sql from sqlite_master where type = 'index' and tbl_name = ? and sql is not null", [$step->table->storedAs()]),
            'sql',
        );
        if (array_filter($there, fn (string $sql): bool => str_ends_with($sql, " ($keys)")) === []) {
            $taken = array_column($this->database->select("select name from sqlite_master where type = 'index'"), 'name');
            $name = $step->indexName().(in_array($step->indexName(), $taken, true) ? '~' : '');
            $this->database->statement('create index '.Sql::name($name)." on $table ($keys)");
        }
    }

    /** The old column is kept aside under its type's name; values that were set aside under the new type come back. */
    private function convert(Step $step, string $table, string $column): void
    {
        $field = $step->field;
        assert($field !== null);
        // Its triggers name columns that are about to move; it is made again when it is next asked.
        (new SearchIndex($this->database))->drop($step->table);
        $columns = $this->layout()->tables[$step->table->storedAs()];
        $aside = fn (string $type): string => '_'.$field->column().'_'.strtolower(Pattern::replace('/\W+/', '_', $type));
        $ordered = '%'.TextFunctions::order(Sql::name($field->column())).'%';
        foreach (
            $this->database->select(
                'select l.name from pragma_index_list(?) l, pragma_index_info(l.name) i where i.name = ? union select name from sqlite_master where '
                    ."type = 'index' and tbl_name = ? and sql like ?",
                [$step->table->storedAs(), $field->column(), $step->table->storedAs(), $ordered],
            ) as $index
        ) {
            $this->database->statement('drop index if exists '.Sql::name($index->name));
        }
        $restored = isset($columns[$aside($step->declaration)]);
        $old = $aside($step->was);
        if (isset($columns[$old])) {
            $this->database->statement("alter table $table drop column ".Sql::name($old));
        }
        $this->database->statement("alter table $table rename column $column to ".Sql::name($old));
        if ($restored) {
            $this->database->statement("alter table $table rename column ".Sql::name($aside($step->declaration))." to $column");
        } else {
            $this->database->statement("alter table $table add column $column ".self::declared($step->declaration));
        }
        $conversion = new Conversion($field, $step->was);
        $rows = $this->database
            ->table($step->table->storedAs())
            ->whereNotNull($old)
            ->whereNull($field->column())
            ->select(['id', $old])
            ->orderBy('id');
        foreach ($rows->lazyById(1000) as $row) {
            $value = $this->kept($conversion, $step, $row->{$old});
            if ($value !== null) {
                $this->database
                    ->table($step->table->storedAs())
                    ->where('id', $row->id)
                    ->update([$field->column() => $value]);
            }
        }
    }

    /** A converted value; a link that leads nowhere is none. */
    private function kept(Conversion $conversion, Step $step, mixed $stored): string|int|float|null
    {
        $target = Pattern::match('/ REFERENCES (\w+)/', $step->declaration, $found) ? $found[1] : '';
        $value = $conversion->of($stored);
        if ($value !== null && $target !== '' && ! $this->database->table($target)->where('id', $value)->exists()) {
            $conversion->converted--;

            return null;
        }

        return $value;
    }

    /** Links that led to another table are put aside and come back with it; those of a column to the same table are taken over. */
    private function join(Step $step, string $table): void
    {
        assert($step->field !== null && $step->to !== null);
        $name = Plan::join($step->table, $step->field);
        $led = $this->layout()->joins[$name] ?? '';
        if ($led !== '') {
            foreach (['', '~'] as $end) {
                $this->database->statement('drop index if exists '.Sql::name("ix{$name}_other$end"));
            }
            $this->database->statement('alter table '.Sql::name($name).' rename to '.Sql::name("_aside{$name}_$led"));
        }
        $aside = "_aside{$name}_".$step->to->storedAs();
        if ($this->database->scalar('select 1 from sqlite_master where name = ?', [$aside])) {
            $this->database->statement('alter table '.Sql::name($aside).' rename to '.Sql::name($name));
        } else {
            $to = Sql::name($step->to->storedAs());
            $this->database->statement(
                'create table '.
                    Sql::name($name).
                    " (\"row\" integer not null references $table (\"id\") on delete cascade, \"other\" integer not null "
                        ."references $to (\"id\") on delete cascade, primary key (\"row\", \"other\")) without rowid",
            );
            if (str_starts_with("$step->was ", "INTEGER REFERENCES {$step->to->storedAs()} ")) {
                $column = Sql::name($step->field->column());
                $this->database->statement('insert into '.Sql::name($name)." select \"id\", $column from $table where $column is not null");
            }
        }
        $this->database->statement('create index '.Sql::name("ix{$name}_other").' on '.Sql::name($name).' ("other")');
    }

    /** A type of the plan as SQL; a link to a row that is removed becomes empty. */
    private static function declared(string $declaration): string
    {
        return Pattern::replaceEach(
            '/^(TEXT|INTEGER|REAL)(?: REFERENCES (\w+))?(?: as .+)?$/',
            fn (array $m): string => $m[1].(isset($m[2]) ? ' references '.Sql::name($m[2]).' ("id") on delete set null' : ''),
            $declaration,
        );
    }
}
