<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Exchange\Mapping;
use Lanai\Core\Data\Exchange\Sheet;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Script\Names;
use PDO;

/**
 * Brings the rows of a sheet into a table in one transaction: all of them, or all that are right. Rows are checked and
 * written some hundred at a time, so that memory does not grow with the file.
 */
final class Importer
{
    private const AT_A_TIME = 250;

    private readonly EloquentRecordStore $store;

    private readonly PDO $pdo;

    /** @var array<int, Field> */
    private readonly array $fields;

    private readonly Table $table;

    private readonly bool $simple;

    /** @var array<int, \PDOStatement> by the number of rows */
    private array $prepared = [];

    public function __construct(App $app, DataSet $set, private readonly Blueprint $blueprint, Table $table, private readonly Mapping $mapping)
    {
        $this->table = $table;
        $this->store = new EloquentRecordStore($app, $set, $blueprint);
        $this->pdo = DB::connection((new DataFile($app, $set))->connection)->getPdo();
        $this->fields = $mapping->fields($table);
        $ruled = array_filter($table->fields, fn (Field $f): bool => $f->begins !== '' || $f->onlyWhile !== '' || $f->unique || ($f->hasColumn() && ! $f->isAsked()));
        $this->simple = $ruled === [] && $table->alike === [] && $mapping->key === '' && array_filter($this->fields, fn (Field $f): bool => ! $f->hasColumn() || $f->linksTo() !== '') === [];
    }

    /**
     * @param  bool  $onlyRight  whether rows with mistakes are left out; else one mistake lets nothing in
     * @param  list<int>  $skip  numbers of rows that are left out
     * @param  Closure(int): void  $tell  gets how many rows are done; what it throws ends the import and nothing of it stays
     */
    public function run(Sheet $sheet, bool $onlyRight, array $skip, Closure $tell): ImportReport
    {
        $report = new ImportReport;
        try {
            $this->store->together(function () use ($sheet, $onlyRight, $skip, $tell, $report): void {
                $this->through($sheet, array_flip($skip), $report, $tell, PHP_INT_MAX);
                if ($report->bad > 0 && ! $onlyRight) {
                    throw new NothingWritten;
                }
            });
        } catch (NothingWritten) {
            $report->added = $report->changed = 0;
        }

        return $report;
    }

    /** The same without keeping anything, for the first rows. */
    public function preview(Sheet $sheet, int $most): ImportReport
    {
        $report = new ImportReport(60);
        try {
            $this->store->together(function () use ($sheet, $report, $most): void {
                $this->through($sheet, [], $report, fn (int $done): null => null, $most);
                throw new NothingWritten;
            });
        } catch (NothingWritten) {
        }

        return $report;
    }

    /**
     * @param  array<int, int>  $skip  row numbers as keys
     * @param  Closure(int): void  $tell
     */
    private function through(Sheet $sheet, array $skip, ImportReport $report, Closure $tell, int $most): void
    {
        $chunk = [];
        foreach ($sheet->rows() as $number => $cells) {
            if (isset($skip[$number])) {
                continue;
            }
            $chunk[$number] = $cells;
            if (count($chunk) === self::AT_A_TIME) {
                $this->take($chunk, $report);
                $chunk = [];
                $tell($report->rows);
            }
            if ($report->rows + count($chunk) >= $most) {
                break;
            }
        }
        $this->take($chunk, $report);
        $tell($report->rows);
    }

    /** @param  array<int, list<string>>  $chunk */
    private function take(array $chunk, ImportReport $report): void
    {
        if ($this->simple) {
            $this->takeSimply($chunk, $report);

            return;
        }
        $there = $this->there($chunk);
        $links = $this->links($chunk);
        $check = new RowCheck($this->store, new Moment(new DateTimeImmutable, new DateTimeZone('UTC')));
        foreach ($chunk as $number => $cells) {
            $report->rows++;
            [$given, $errors, $automatic] = $this->given($cells, $links);
            $before = $this->before($cells, $there);
            $checked = $errors === [] ? $check->of($this->table, $given, $before) : null;
            $errors += $checked->errors ?? [];
            if ($errors !== []) {
                $report->wrong($number, $errors, $cells);

                continue;
            }
            $values = $automatic + ($checked->values ?? []);
            $id = $before->id ?? $this->add($values, $cells);
            $before === null ? $report->added++ : $report->changed++;
            if ($before !== null) {
                $this->store->change($this->table, $before->id, $values);
            }
            $report->right($number, $cells, $before === null ? 'add' : 'change');
            $this->remember($cells, $id, $values, $there);
        }
    }

    /**
     * Without rules about other fields or rows, each cell is read by its type and rows are written together.
     *
     * @param  array<int, list<string>>  $chunk
     */
    private function takeSimply(array $chunk, ImportReport $report): void
    {
        $types = [];
        $required = [];
        foreach ($this->fields as $i => $field) {
            $types[$i] = $field->type;
            if ($field->required) {
                $required[$i] = Names::inFormula($field->name);
            }
        }
        $missing = array_fill_keys(array_map(fn (Field $f): string => Names::inFormula($f->name), array_filter($this->table->fields, fn (Field $f): bool => $f->required && ! in_array($f, $this->fields, true))), 'Please fill this in.');
        $columns = array_map(fn (Field $f): string => $f->column(), $this->fields);
        $bindings = [];
        $count = 0;
        foreach ($chunk as $number => $cells) {
            $report->rows++;
            $errors = $missing;
            $stored = [];
            $filled = false;
            foreach ($types as $i => $type) {
                $cell = $cells[$i];
                if ($cell === '') {
                    $stored[] = null;

                    continue;
                }
                try {
                    $value = $type->store($type->read($cell));
                    $stored[] = $value;
                    $filled = $filled || $value !== null;
                } catch (UnreadableValue $unreadable) {
                    $errors[Names::inFormula($this->fields[$i]->name)] = $unreadable->getMessage();
                }
            }
            foreach ($required as $i => $name) {
                if (trim($cells[$i]) === '') {
                    $errors[$name] ??= 'Please fill this in.';
                }
            }
            if (! $filled && $errors === []) {
                continue;
            }
            if ($errors !== []) {
                $report->wrong($number, $errors, $cells);

                continue;
            }
            $bindings[] = $stored;
            $count++;
            $report->right($number, $cells, 'add');
        }
        if ($count > 0) {
            $this->insert($columns, $bindings);
            $report->added += $count;
        }
    }

    /**
     * @param  array<int, string>  $columns
     * @param  list<list<string|int|float|null>>  $rows
     */
    private function insert(array $columns, array $rows): void
    {
        $count = count($rows);
        $one = '('.implode(', ', array_fill(0, count($columns), '?')).')';
        $this->prepared[$count] ??= $this->pdo->prepare('insert into '.Sql::name($this->table->storedAs()).' ('.implode(', ', array_map(Sql::name(...), $columns)).') values '.implode(', ', array_fill(0, $count, $one)));
        $this->prepared[$count]->execute(array_merge(...$rows));
    }

    /**
     * @param  list<string>  $cells
     * @param  array<int, array<string, int>>  $links
     * @return array{array<string, mixed>, array<string, string>, array<string, mixed>} by column; mistakes by field; values of fields that Lanai sets
     */
    private function given(array $cells, array $links): array
    {
        $given = [];
        $errors = [];
        $automatic = [];
        foreach ($this->fields as $i => $field) {
            $cell = $cells[$i];
            if (! $field->isAsked()) {
                try {
                    $automatic[$field->column()] = $field->type->read($cell);
                } catch (UnreadableValue $unreadable) {
                    $errors[Names::inFormula($field->name)] = $unreadable->getMessage();
                }

                continue;
            }
            if (isset($links[$i]) && trim($cell) !== '') {
                $ids = [];
                foreach ($field->linksToMany() === '' ? [trim($cell)] : array_filter(array_map(trim(...), explode(';', $cell)), fn (string $p): bool => $p !== '') as $part) {
                    $id = $links[$i][mb_strtolower($part)] ?? null;
                    if ($id === null) {
                        $one = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
                        $errors[Names::inFormula($field->name)] = "No $one is called “{$part}”.";
                    } else {
                        $ids[] = (string) $id;
                    }
                }
                $cell = implode(',', $ids);
            }
            $given[$field->column()] = $cell;
        }

        return [$given, $errors, array_filter($automatic, fn (mixed $v): bool => $v !== null)];
    }

    /**
     * Rows that links are set to, by number and by what they are called.
     *
     * @param  array<int, list<string>>  $chunk
     * @return array<int, array<string, int>> column => what stands there => id
     */
    private function links(array $chunk): array
    {
        $found = [];
        foreach ($this->fields as $i => $field) {
            $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
            $linked = $to === '' || ! $field->isAsked() ? null : $this->blueprint->tableOfOne($to);
            if ($linked === null) {
                continue;
            }
            $texts = [];
            foreach ($chunk as $cells) {
                foreach ($field->linksToMany() === '' ? [$cells[$i]] : explode(';', $cells[$i]) as $part) {
                    $texts[mb_strtolower(trim($part))] = trim($part);
                }
            }
            $found[$i] = $this->named($linked, array_values($texts));
        }

        return $found;
    }

    /**
     * @param  list<string>  $texts
     * @return array<string, int>
     */
    private function named(Table $linked, array $texts): array
    {
        $connection = DB::connection($this->store->connection);
        $ids = [];
        foreach ($connection->table($linked->storedAs())->whereIntegerInRaw('id', array_map(intval(...), array_filter($texts, ctype_digit(...))))->pluck('id') as $id) {
            $ids[(string) $id] = (int) $id;
        }
        $label = $linked->labelField();
        if ($label === null) {
            return $ids;
        }
        $column = Sql::name($label->column());
        // Exactly as written first, by an index where there is one; what is left whatever its case.
        foreach (["$column in", "$column collate nocase in"] as $how) {
            $left = array_values(array_filter($texts, fn (string $text): bool => $text !== '' && ! isset($ids[mb_strtolower($text)])));
            $marks = implode(', ', array_fill(0, count($left), '?'));
            foreach ($left === [] ? [] : $connection->table($linked->storedAs())->whereRaw("$how ($marks)", $left)->orderBy('id')->get(['id', $label->column()]) as $row) {
                $ids[mb_strtolower((string) $row->{$label->column()})] ??= (int) $row->id;
            }
        }

        return $ids;
    }

    /**
     * Rows that are there already, by the key.
     *
     * @param  array<int, list<string>>  $chunk
     * @return array<array-key, Row>
     */
    private function there(array $chunk): array
    {
        $i = $this->mapping->key === '' ? null : $this->mapping->columnOf($this->mapping->key);
        if ($i === null) {
            return [];
        }
        if ($this->mapping->key === Mapping::ID) {
            $rows = $this->store->byIds($this->table, array_map(intval(...), array_filter(array_column($chunk, $i), ctype_digit(...))));

            return $rows;
        }
        $field = $this->fields[$i];
        $values = [];
        foreach ($chunk as $cells) {
            try {
                $values[] = $field->type->store($field->type->read($cells[$i]));
            } catch (UnreadableValue) {
                continue;
            }
        }
        $ids = DB::connection($this->store->connection)->table($this->table->storedAs())->whereIn($field->column(), $values)->orderByDesc('id')->pluck('id')->map(intval(...))->all();
        $rows = [];
        foreach ($this->store->byIds($this->table, $ids) as $row) {
            $rows[(string) $field->type->store($row->value($field))] = $row;
        }

        return $rows;
    }

    /**
     * @param  list<string>  $cells
     * @param  array<array-key, Row>  $there
     */
    private function before(array $cells, array $there): ?Row
    {
        $key = $this->keyOf($cells);

        return $key === '' ? null : $there[$key] ?? null;
    }

    /** @param  list<string>  $cells */
    private function keyOf(array $cells): string
    {
        $i = $this->mapping->key === '' ? null : $this->mapping->columnOf($this->mapping->key);
        if ($i === null || $this->mapping->key === Mapping::ID) {
            return $i === null ? '' : $cells[$i];
        }
        try {
            return (string) $this->fields[$i]->type->store($this->fields[$i]->type->read($cells[$i]));
        } catch (UnreadableValue) {
            return '';
        }
    }

    /**
     * A row may come twice in one file: its second coming changes it.
     *
     * @param  list<string>  $cells
     * @param  array<string, mixed>  $values
     * @param  array<array-key, Row>  $there
     */
    private function remember(array $cells, int $id, array $values, array &$there): void
    {
        $key = $this->keyOf($cells);
        if ($key !== '') {
            $there[$key] = new Row($this->table, $id, $values + ($there[$key]->values ?? []));
        }
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<string>  $cells
     */
    private function add(array $values, array $cells): int
    {
        $i = $this->mapping->columnOf(Mapping::ID);

        return $this->store->add($this->table, $values, $i !== null && ctype_digit($cells[$i]) ? (int) $cells[$i] : null);
    }
}
