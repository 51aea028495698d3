<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connection;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Kind;

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
        $find = '_find_'.$table->storedAs();
        $columns = array_map(fn (Field $f): string => $f->column(), array_values(array_filter($table->stored(), fn (Field $f): bool => $f->valueType()->kind === Kind::Text)));
        $names = array_map(Sql::name(...), $columns === [] ? ['id'] : $columns);
        // FTS5 keeps some names for itself (https://www.sqlite.org/fts5.html#the_rank_column).
        $own = array_map(fn (string $name): string => in_array(strtolower(trim($name, '"')), self::OWN, true) ? Sql::name(trim($name, '"').'_') : $name, $names);
        $wanted = 'create virtual table '.Sql::name($find).' using fts5 ('.implode(', ', $own).", content='', tokenize='unicode61 remove_diacritics 2')";
        if (! $this->stands($find, $wanted)) {
            $this->database->transaction(fn () => $this->make($table, $find, $wanted, $names, $own));
        }

        return $find;
    }

    /** What is typed, as an FTS5 query: every word must be there, if only begun. '' where nothing can be looked for. */
    public static function match(string $search): string
    {
        preg_match_all('/[\p{L}\p{N}\p{M}]+/u', $search, $words);

        return implode(' ', array_map(fn (string $word): string => '"'.$word.'"*', $words[0]));
    }

    private function stands(string $find, string $wanted): bool
    {
        $there = $this->database->scalar("select sql from sqlite_master where name = ? and type = 'table'", [$find]);

        return is_string($there) && strcasecmp($there, $wanted) === 0;
    }

    /**
     * @param  list<string>  $names  columns of the table
     * @param  list<string>  $own  those of the index
     */
    private function make(Table $table, string $find, string $wanted, array $names, array $own): void
    {
        $this->drop($table);
        $this->database->statement($wanted);
        $index = Sql::name($find);
        $on = Sql::name($table->storedAs());
        $list = implode(', ', $own);
        $of = fn (string $row): string => implode(', ', array_map(fn (string $n): string => "$row.$n", $names));
        $out = "insert into $index ($index, rowid, $list) values ('delete', old.id, {$of('old')});";
        $in = "insert into $index (rowid, $list) values (new.id, {$of('new')});";
        $this->database->statement('create trigger '.Sql::name("{$find}_in")." after insert on $on begin $in end");
        $this->database->statement('create trigger '.Sql::name("{$find}_out")." after delete on $on begin $out end");
        $this->database->statement('create trigger '.Sql::name("{$find}_new")." after update on $on begin $out $in end");
        $this->database->statement("insert into $index (rowid, $list) select \"id\", ".implode(', ', $names)." from $on");
    }

    public function drop(Table $table): void
    {
        $find = '_find_'.$table->storedAs();
        foreach (['in', 'out', 'new'] as $trigger) {
            $this->database->statement('drop trigger if exists '.Sql::name("{$find}_$trigger"));
        }
        $this->database->statement('drop table if exists '.Sql::name($find));
    }
}
