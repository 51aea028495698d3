<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connection;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Texts;

/** The texts of a table in an FTS5 index beside it, accents and case folded; triggers keep it right from its first use on. */
final readonly class SearchIndex
{
    private const OWN = ['rank', 'rowid'];

    public function __construct(private Connection $database)
    {
    }

    /** Its name; made where it is not there yet, or where the table has other texts now. */
    public function ready(Table $table): string
    {
        $find = self::nameOf($table);
        if (! $this->isThere($table)) {
            $this->database->transaction(function () use ($table, $find): void {
                $this->drop($table);
                $this->make($table, $find);
                $this->follow($table, $find, $table->storedAs());
                $this->fill($table, $find);
            });
        }

        return $find;
    }

    public static function nameOf(Table $table): string
    {
        return '_find_'.$table->storedAs();
    }

    /** Whether it stands, with the texts that the table has now. */
    public function isThere(Table $table): bool
    {
        $there = $this->database->scalar("select sql from sqlite_master where name = ? and type = 'table'", [self::nameOf($table)]);

        return is_string($there) && strcasecmp($there, $this->declaration($table, self::nameOf($table))) === 0;
    }

    /** Makes an empty index. */
    public function make(Table $table, string $find): void
    {
        $this->database->statement($this->declaration($table, $find));
    }

    /** From now on it follows what is written to the table of this name. */
    public function follow(Table $table, string $find, string $on): void
    {
        $index = Sql::name($find);
        [$names, $own] = self::columns($table);
        $list = implode(', ', $own);
        $of = fn (string $row): string => implode(', ', array_map(fn (string $n): string => TextFunctions::foldColumn("$row.$n"), $names));
        $out = "insert into $index ($index, rowid, $list) values ('delete', old.id, {$of('old')});";
        $in = "insert into $index (rowid, $list) values (new.id, {$of('new')});";
        foreach (['in' => ['insert', $in], 'out' => ['delete', $out], 'new' => ['update', $out.' '.$in]] as $name => [$what, $do]) {
            $this->database->statement('create trigger '.Sql::name("{$find}_$name")." after $what on ".Sql::name($on)." begin $do end");
        }
    }

    public function leave(string $find): void
    {
        foreach (['in', 'out', 'new'] as $trigger) {
            $this->database->statement('drop trigger if exists '.Sql::name("{$find}_$trigger"));
        }
    }

    /** What is typed, as an FTS5 query: every word must be there, if only begun. '' where nothing can be looked for. */
    public static function match(string $search): string
    {
        Pattern::matchAll('/[\p{L}\p{N}\p{M}]+/u', Texts::fold($search), $words);

        return implode(' ', array_map(fn (string $word): string => '"'.$word.'"*', $words[0]));
    }

    public function drop(Table $table): void
    {
        $this->leave(self::nameOf($table));
        $this->database->statement('drop table if exists '.Sql::name(self::nameOf($table)));
    }

    private function fill(Table $table, string $find): void
    {
        [$names, $own] = self::columns($table);
        $this->database->statement(
            'insert into '.
                Sql::name($find).
                ' (rowid, '.
                implode(', ', $own).
                ') select "id", '.
                implode(', ', array_map(TextFunctions::foldColumn(...), $names)).
                ' from '.
                Sql::name($table->storedAs()),
        );
    }

    private function declaration(Table $table, string $find): string
    {
        return 'create virtual table '.
            Sql::name($find).
            ' using fts5 ('.
            implode(', ', self::columns($table)[1]).
            ", content='', tokenize='unicode61 remove_diacritics 2')";
    }

    /** @return array{list<string>, list<string>} columns of the table, and those of the index */
    private static function columns(Table $table): array
    {
        $columns = array_map(
            fn (Field $f): string => $f->column(),
            array_values(array_filter($table->stored(), fn (Field $f): bool => $f->valueType()->kind === Kind::Text)),
        );
        $names = array_map(Sql::name(...), $columns === [] ? ['id'] : $columns);

        // FTS5 keeps some names for itself (https://www.sqlite.org/fts5.html#the_rank_column).
        return [
            $names,
            array_map(
                fn (string $name): string => in_array(strtolower(trim($name, '"')), self::OWN, true) ? Sql::name(trim($name, '"').'_') : $name,
                $names,
            ),
        ];
    }
}
