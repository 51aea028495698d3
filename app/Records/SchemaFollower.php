<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Data\Storage\Layout;
use Lanai\Core\Data\Storage\Plan;
use Lanai\Core\Data\Storage\Step;
use Lanai\Core\Data\UnreadableValue;

/** Brings an app's data file into the shape of a revision, by the core's plan, all steps or none. */
final readonly class SchemaFollower
{
    private Connection $database;

    public function __construct(App $app, DataSet $set)
    {
        $this->database = DB::connection((new DataFile($app, $set))->connection);
    }

    public function follow(Blueprint $blueprint): void
    {
        $this->database->transaction(function () use ($blueprint): void {
            $this->database->statement('create table if not exists "_taps" ("tap" text primary key, "answer" text not null, "at" text not null default current_timestamp)');
            foreach (Plan::from($this->layout(), $blueprint) as $step) {
                $this->take($step);
            }
        });
    }

    public function layout(): Layout
    {
        $tables = [];
        foreach ($this->database->select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' and name not like '\\_%' escape '\\'") as $table) {
            $references = [];
            foreach ($this->database->select('select "from", "table" from pragma_foreign_key_list(?)', [$table->name]) as $key) {
                $references[$key->from] = ' REFERENCES '.$key->table;
            }
            $tables[$table->name] = [];
            foreach ($this->database->select('select name, type from pragma_table_info(?)', [$table->name]) as $column) {
                $tables[$table->name][$column->name] = $column->type.($references[$column->name] ?? '');
            }
        }

        return new Layout($tables);
    }

    private function take(Step $step): void
    {
        $table = self::name($step->table->storedAs());
        $column = $step->field === null ? '' : self::name($step->field->column());
        match ($step->what) {
            'create' => $this->database->statement("create table $table (\"id\" integer primary key autoincrement)"),
            'add' => $this->database->statement("alter table $table add column $column ".self::declared($step->declaration)),
            'convert' => $this->convert($step, $table, $column),
            'index' => $this->database->statement('create index if not exists '.self::name('ix_'.$step->table->storedAs().'_'.$step->field?->column())." on $table ($column)"),
        };
    }

    /** The old column is kept aside under its type's name; values that were set aside under the new type come back. */
    private function convert(Step $step, string $table, string $column): void
    {
        $field = $step->field;
        assert($field !== null);
        $columns = $this->layout()->tables[$step->table->storedAs()];
        $aside = fn (string $type): string => '_'.$field->column().'_'.strtolower((string) preg_replace('/\W+/', '_', $type));
        $this->database->statement('drop index if exists '.self::name('ix_'.$step->table->storedAs().'_'.$field->column()));
        $restored = isset($columns[$aside($step->declaration)]);
        $old = $aside($step->was);
        if (isset($columns[$old])) {
            $this->database->statement("alter table $table drop column ".self::name($old));
        }
        $this->database->statement("alter table $table rename column $column to ".self::name($old));
        if ($restored) {
            $this->database->statement("alter table $table rename column ".self::name($aside($step->declaration))." to $column");
        } else {
            $this->database->statement("alter table $table add column $column ".self::declared($step->declaration));
        }
        $rows = $this->database->table($step->table->storedAs())->whereNotNull($old)->whereNull($field->column())->select(['id', $old])->orderBy('id');
        foreach ($rows->lazy(1000)->collect() as $row) {
            try {
                $value = $field->type->store($field->type->read($row->{$old}));
            } catch (UnreadableValue) {
                continue;
            }
            $target = preg_match('/ REFERENCES (\w+)$/', $step->declaration, $found) ? $found[1] : '';
            if ($value !== null && ($target === '' || $this->database->table($target)->where('id', $value)->exists())) {
                $this->database->table($step->table->storedAs())->where('id', $row->id)->update([$field->column() => $value]);
            }
        }
    }

    /** A type of the plan as SQL; a link to a row that is removed becomes empty. */
    private static function declared(string $declaration): string
    {
        return (string) preg_replace_callback('/^(TEXT|INTEGER|REAL)(?: REFERENCES (\w+))?$/', fn (array $m): string => $m[1].(isset($m[2]) ? ' references '.self::name($m[2]).' ("id") on delete set null' : ''), $declaration);
    }

    private static function name(string $name): string
    {
        return '"'.str_replace('"', '""', $name).'"';
    }
}
