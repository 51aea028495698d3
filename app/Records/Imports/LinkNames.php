<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Records\Sql;
use Illuminate\Database\Connection;
use Illuminate\Support\LazyCollection;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Texts;

/**
 * The rows of a linked table by what a file calls them: by what stands in a field of which no two are alike, by what they
 * are called, or by their numbers. Texts are alike whatever their case.
 */
final class LinkNames
{
    /** Up to so many names are kept in memory; more stand in a temporary table. */
    private const IN_MEMORY = 100_000;

    private static int $tables = 0;

    /** @var list<string> the columns that rows are found by, the likeliest first; "id" for the number */
    private array $ways;

    /** @var array<string, array<array-key, int>|string> way => folded name => row (negative: so many are called so), or a temporary table */
    private array $known = [];

    /** @param  string  $column  what the file calls the column */
    public function __construct(private readonly Connection $database, private readonly Table $linked, string $column)
    {
        $fields = array_values(
            array_filter($linked->stored(), fn (Field $f): bool => $f->unique && in_array($f->valueType()->kind, [Kind::Text, Kind::Whole], true)),
        );
        $label = $linked->labelField();
        $columns = array_map(fn (Field $f): string => $f->column(), $label === null ? $fields : [...$fields, $label]);
        // "Spot id" is the number; "Spot code" the field of that name, where there is one.
        $named = array_filter(
            $fields,
            fn (Field $f): bool => str_ends_with(mb_strtolower(Names::inFormula($column)), mb_strtolower(Names::inFormula($f->name))),
        );
        $this->ways = array_values(
            array_unique(
                str_ends_with(Names::inFormula($column), 'Id') && $named === []
                    ? ['id', ...$columns]
                    : [...array_map(fn (Field $f): string => $f->column(), $named), ...$columns, 'id'],
            ),
        );
    }

    /**
     * Looks at some of the texts and asks first by what finds most of them.
     *
     * @param  list<string>  $texts
     * @return string the field that finds them, as it is called; '' where it is the number, or none does
     */
    public function learn(array $texts): string
    {
        $texts = array_values(array_unique(array_map(Texts::folded(...), array_filter($texts, fn (string $t): bool => $t !== ''))));
        $found = [];
        foreach ($this->ways as $way) {
            $found[$way] = count($texts) === 0 ? 0 : count($this->by($way, $texts));
            if ($found[$way] === count($texts)) {
                break;
            }
        }
        $best = array_keys($found, max([0, ...$found]), true)[0] ?? $this->ways[0];
        $this->ways = [$best, ...array_values(array_diff($this->ways, [$best]))];
        foreach ($this->linked->stored() as $field) {
            if ($field->column() === $best && $texts !== []) {
                return $field->name;
            }
        }

        return '';
    }

    /**
     * @param  list<string>  $texts
     * @return array<array-key, int> text => the row's number; negative where so many are called so; texts that nothing is called are left out
     */
    public function find(array $texts): array
    {
        $folded = [];
        foreach ($texts as $text) {
            $folded[$text] = Texts::folded((string) $text);
        }
        $rows = [];
        foreach ($this->ways as $way) {
            $left = array_diff_key($folded, $rows);
            if ($left === []) {
                break;
            }
            $found = $this->by($way, array_values(array_unique($left)));
            foreach ($left as $text => $name) {
                if (isset($found[$name])) {
                    $rows[$text] = $found[$name];
                }
            }
        }

        return $rows;
    }

    /**
     * @param  list<string>  $names  folded
     * @return array<array-key, int>
     */
    private function by(string $way, array $names): array
    {
        $this->known[$way] ??= $this->read($way);
        $known = $this->known[$way];
        if (is_array($known)) {
            $found = [];
            foreach ($names as $name) {
                if (isset($known[$name])) {
                    $found[$name] = $known[$name];
                }
            }

            return $found;
        }
        $found = [];
        foreach (array_chunk($names, 5000) as $some) {
            foreach (
                $this->database->select(
                    "select \"name\", case when count(*) = 1 then min(\"id\") else -count(*) end as \"id\" from temp.\"$known\" where \"name\" in (".
                        implode(', ', array_fill(0, count($some), '?')).
                        ') group by "name"',
                    $some,
                ) as $row
            ) {
                $found[(string) $row->name] = (int) $row->id;
            }
        }

        return $found;
    }

    /** @return array<array-key, int>|string */
    private function read(string $way): array|string
    {
        $table = Sql::name($this->linked->storedAs());
        $column = Sql::name($way);
        $many = (int) $this->database->scalar("select count(*) from (select 1 from $table limit ".(self::IN_MEMORY + 1).')') > self::IN_MEMORY;
        $rows = LazyCollection::make(
            fn (): iterable => $this->database->cursor("select \"id\", $column as \"name\" from $table where $column is not null order by \"id\""),
        );
        if (! $many) {
            $known = [];
            foreach ($rows as $row) {
                $name = Texts::folded((string) $row->name);
                $known[$name] = match (true) {
                    isset($known[$name]) && $known[$name] > 0 => -2,
                    isset($known[$name]) => $known[$name] - 1,
                    default => (int) $row->id,
                };
            }

            return $known;
        }
        $temp = 'names_'.++self::$tables;
        $this->database->statement("create temp table \"$temp\" (\"name\" text, \"id\" integer)");
        foreach ($rows->chunk(2000) as $some) {
            $bindings = [];
            foreach ($some as $row) {
                array_push($bindings, Texts::folded((string) $row->name), (int) $row->id);
            }
            $this->database->insert("insert into temp.\"$temp\" values ".implode(', ', array_fill(0, intdiv(count($bindings), 2), '(?, ?)')), $bindings);
        }
        $this->database->statement("create index temp.\"by_$temp\" on \"$temp\" (\"name\")");

        return $temp;
    }
}
