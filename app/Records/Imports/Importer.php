<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\NothingWritten;
use Closure;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Data\CheckResult;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Exchange\Sheet;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\ChangedAtType;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/**
 * Brings the rows of a sheet into a table: all of them, or all that are right, and all at once. They are read and checked
 * some hundred at a time beside the data, with nothing locked, and then arrive together.
 */
final class Importer
{
    private const AT_A_TIME = 1000;

    /** A row's number has at most 12 digits, so that there is always a next one. */
    private const NUMBER = '/^\d{1,12}$/';

    /** @var array<int, Field> by column */
    private readonly array $fields;

    /** @var array<int, FilledColumn> by column */
    private readonly array $columns;

    private readonly EloquentRecordStore $store;

    private readonly Moment $moment;

    private Workplace $place;

    private Staging $staging;

    private FileNeighbours $neighbours;

    private RowCheck $check;

    /** By the key that the file's rows are found by. */
    private ?KnownRows $known = null;

    /** By their numbers, where the file brings these but finds rows otherwise. */
    private ?KnownRows $numbers = null;

    /** @var array<int, LinkNames> by column */
    private array $links = [];

    private ?int $idColumn;

    private int $width = 0;

    public function __construct(
        private readonly App $app,
        private readonly DataSet $set,
        private readonly Blueprint $blueprint,
        private readonly Table $table,
        private readonly Mapping $mapping,
    ) {
        $this->store = new EloquentRecordStore($app, $set, $blueprint);
        $this->fields = $mapping->fields($table);
        $columns = [];
        foreach ($this->fields as $i => $field) {
            $columns[$i] = new FilledColumn($field, $mapping->readings[$i] ?? null);
        }
        $this->columns = $columns;
        $this->moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
        $this->idColumn = $mapping->columnOf(Mapping::ID);
    }

    /**
     * @param  bool  $onlyRight  whether rows with mistakes are left out; else one mistake lets nothing in
     * @param  list<int>  $skip  numbers of rows that are left out
     * @param  Closure(int): void  $tell  gets how many rows are done; what it throws ends the import and nothing of it stays
     * @param  bool  $announced  whether routines begin and programs are told for each row
     * @param  int  $import  under which it is noted that its rows have come; 0 for none
     */
    public function run(Sheet $sheet, bool $onlyRight, array $skip, Closure $tell, bool $announced = false, int $import = 0): ImportReport
    {
        $report = new ImportReport();
        $this->place = new Workplace($this->app, $this->set);
        try {
            $this->place->hold($this->app, $this->set);
            Shadow::sweep($this->place->database);
            $this->begin($sheet, $report);
            $this->through($sheet, array_flip($skip), $report, $tell, PHP_INT_MAX);
            if ($report->bad > 0 && ! $onlyRight) {
                throw new NothingWritten();
            }
            (new Arrival($this->place, $this->staging, $this->blueprint, $report, $onlyRight, fn () => $tell($report->rows), $announced, $import))->all();
        } catch (NothingWritten) {
            $report->added = $report->changed = 0;
        } finally {
            $this->place->close();
        }

        return $report;
    }

    /** What would come in of the first rows. Nothing is written and nothing locked. */
    public function preview(Sheet $sheet, int $most): ImportReport
    {
        $report = new ImportReport(60);
        $this->place = new Workplace($this->app, $this->set);
        try {
            $this->begin($sheet, $report);
            $this->through($sheet, [], $report, fn (int $done): null => null, $most);
        } finally {
            $this->place->close();
        }

        return $report;
    }

    private function begin(Sheet $sheet, ImportReport $report): void
    {
        $key = $this->mapping->key === '' || $this->mapping->key === Mapping::ID ? null : $this->table->fieldInFormula($this->mapping->key);
        $given = array_filter($this->table->fields, fn (Field $f): bool => in_array($f, $this->fields, true));
        // What rows are found by is what they have: it need not be set again.
        $set = array_filter($this->table->fields, fn (Field $f): bool => ($f !== $key && in_array($f, $given, true)) || $f->type instanceof ChangedAtType);
        $compared = array_merge([], ...RowCheck::distinct($this->table));
        $staged = array_filter(
            $this->table->stored(),
            fn (Field $f): bool => $f->begins !== '' || ! $f->isAsked() || in_array($f, $given, true) || in_array($f, $compared, true),
        );
        $many = array_values(array_filter($given, fn (Field $f): bool => $f->linksToMany() !== ''));
        $this->staging = new Staging(
            $this->place->database,
            $this->table,
            array_values($staged),
            array_values(array_map(fn (Field $f): string => $f->column(), $set)),
            $many,
        );
        $this->neighbours = new FileNeighbours($this->staging, $key, $this->mapping->key !== '');
        $this->check = RowCheck::ofMany($this->store, $this->moment, $this->neighbours);
        $whole = array_filter($this->table->fields, fn (Field $f): bool => $f->onlyWhile !== '') !== [];
        $this->known = $this->mapping->key === '' ? null : new KnownRows($this->staging, $this->store, $this->mapping->key, $whole);
        $this->numbers =
            $this->idColumn === null || $this->mapping->key === Mapping::ID ? null : new KnownRows($this->staging, $this->store, Mapping::ID, false);
        if ($this->mapping->key !== '' || $this->idColumn !== null) {
            $this->staging->lookUpBy(['_id']);
        }
        $names = $sheet->columns();
        $this->width = count($names);
        $this->links = [];
        foreach ($this->fields as $i => $field) {
            $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
            $linked = $to === '' ? null : $this->blueprint->tableOfOne($to);
            if ($linked !== null) {
                $this->links[$i] = new LinkNames($this->place->database, $linked, $names[$i] ?? '');
            }
        }
        $this->learn($sheet, $report);
    }

    /** The first rows tell how linked rows are called. */
    private function learn(Sheet $sheet, ImportReport $report): void
    {
        if ($this->links === []) {
            return;
        }
        $texts = [];
        $n = 0;
        foreach ($sheet->rows() as $cells) {
            foreach ($this->links as $i => $link) {
                $texts[$i] = [...$texts[$i] ?? [], ...$this->columns[$i]->parts($cells[$i] ?? '')];
            }
            if (++$n >= 300) {
                break;
            }
        }
        foreach ($this->links as $i => $link) {
            $report->links[Names::inFormula($this->fields[$i]->name)] = $link->learn($texts[$i] ?? []);
        }
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
        $this->staging->flush();
        $tell($report->rows);
    }

    /** @param  array<int, list<string>>  $chunk */
    private function take(array $chunk, ImportReport $report): void
    {
        $links = [];
        foreach ($this->links as $i => $link) {
            $texts = [];
            foreach ($chunk as $cells) {
                foreach ($this->columns[$i]->parts($cells[$i] ?? '') as $part) {
                    $texts[$part] = $part;
                }
            }
            $links[$i] = $link->find(array_values($texts));
        }
        $keys = $this->known === null ? [] : array_map($this->keyOf(...), $chunk);
        $this->known?->prepare(array_values(array_filter($keys, fn (string $key): bool => $key !== '')));
        $this->numbers?->prepare(
            array_values(array_filter(array_map($this->numberIn(...), $chunk), fn (string $n): bool => Pattern::match(self::NUMBER, $n))),
        );
        $read = [];
        foreach ($chunk as $number => $cells) {
            $report->rows++;
            $key = $keys[$number] ?? '';
            if (($key !== '' && $this->known?->isExpected($key) === true) || $this->numbers?->isExpected($this->numberIn($cells)) === true) {
                // Its first coming must be there before the second is looked at.
                $this->settle($read, $chunk, $keys, $report);
                $read = [];
            }
            $one = $this->read($cells, $links, $key);
            if ($one !== null) {
                $read[$number] = $one;
                $key !== '' && $this->known?->expect($key);
                $this->numberIn($cells) !== '' && $this->numbers?->expect($this->numberIn($cells));
            }
        }
        $this->settle($read, $chunk, $keys, $report);
        $this->staging->flush();
    }

    /**
     * @param  list<string>  $cells
     * @param  array<int, array<array-key, int>>  $links
     * @return array{CheckResult, Row|null}|null null where nothing of it is to come in
     */
    private function read(array $cells, array $links, string $key): ?array
    {
        $given = [];
        $errors =
            count($cells) > $this->width
                ? [
                    Names::inFormula(
                        $this->table->fields[0]->name ?? 'row',
                    ) => 'This row has more cells than there are columns, so they do not stand where they belong.',
                ]
                : [];
        $automatic = [];
        $something = false;
        foreach ($this->columns as $i => $column) {
            $cell = $cells[$i] ?? '';
            if ($cell === '' && ! $column->fillsGaps) {
                if ($column->asked) {
                    $given[$column->name] = null;
                }

                continue;
            }
            $something = $something || $cell !== '';
            try {
                if (isset($links[$i])) {
                    $cell = $this->linked($column, $cell, $links[$i]);
                } elseif ($column->reading !== null) {
                    $cell = $column->reading->plain($cell, $column->type);
                }
                if ($column->asked) {
                    $given[$column->name] = $cell;
                } else {
                    $automatic[$column->name] = $column->type->read($cell);
                }
            } catch (UnreadableValue $unreadable) {
                $errors[$column->key] = $unreadable->getMessage();
            }
        }
        if (! $something && $errors === []) {
            return null;
        }
        $before = null;
        try {
            $before = $key === '' ? null : $this->known?->row($key);
        } catch (UnreadableValue $unreadable) {
            $errors[$this->known->name()] = $unreadable->getMessage();
        }
        $errors += $before === null ? $this->numberMistake($this->numberIn($cells)) : [];
        $checked = $this->check->byItself($this->table, $given, $before);

        return [$errors === [] && $automatic === [] ? $checked : new CheckResult($automatic + $checked->values, $errors + $checked->errors), $before];
    }

    /**
     * @param  array<int, array{CheckResult, Row|null}>  $read  by row number
     * @param  array<int, list<string>>  $chunk
     * @param  array<int, string>  $keys
     */
    private function settle(array $read, array $chunk, array $keys, ImportReport $report): void
    {
        $right = [];
        foreach ($read as [$checked, $before]) {
            if ($checked->errors === []) {
                $right[] = $before === null ? $checked->values : $checked->values + $before->values;
            }
        }
        $this->neighbours->prepare($right);
        foreach ($read as $number => [$checked, $before]) {
            $checked = $checked->errors === [] ? $this->check->among($this->table, $checked, $before) : $checked;
            if ($checked->errors !== []) {
                $report->wrong($number, $checked->errors, $chunk[$number]);

                continue;
            }
            $all = $before === null ? $checked->values : $checked->values + $before->values;
            $key = $keys[$number] ?? '';
            $n = $key === '' ? 0 : (int) $this->known?->staged($key);
            if ($n > 0) {
                $this->staging->flush();
                $this->staging->putAgain($n, $checked->values);
            } else {
                $own = $this->numberIn($chunk[$number]);
                $n = $this->staging->put($number, $before->id ?? ($own === '' ? null : (int) $own), $before === null, $all);
                $key !== '' && $this->known?->arrived($key, $n);
                $own !== '' && $this->numbers?->arrived($own, $n);
            }
            $this->neighbours->take($all, $before->id ?? -$n);
            $before === null ? $report->added++ : $report->changed++;
            $report->right($number, $chunk[$number], $before === null ? 'add' : 'change');
        }
    }

    /**
     * @param  array<array-key, int>  $rows  what the file calls rows => their numbers
     * @return string|list<string> the number, or those of several
     *
     * @throws UnreadableValue
     */
    private function linked(FilledColumn $column, string $cell, array $rows): string|array
    {
        $ids = [];
        foreach ($column->parts($cell) as $part) {
            $id = $rows[$part] ?? null;
            if ($id === null) {
                throw new UnreadableValue("No $column->one is called “{$part}”.");
            }
            if ($id < 0) {
                throw new UnreadableValue('There are '.-$id." of “{$part}”, so it is not clear which {$column->one} is meant. Please write its number.");
            }
            $ids[] = (string) $id;
        }

        return $column->many ? $ids : $ids[0] ?? '';
    }

    /** @param  list<string>  $cells */
    private function numberIn(array $cells): string
    {
        return $this->idColumn === null ? '' : trim($cells[$this->idColumn] ?? '');
    }

    /** @return array<string, string> */
    private function numberMistake(string $number): array
    {
        if ($number === '') {
            return [];
        }
        if (! Pattern::match(self::NUMBER, $number) || (int) $number === 0) {
            return [Mapping::ID => "“{$number}” is not the number of a row."];
        }

        return $this->numbers !== null && ($this->numbers->row($number) !== null || $this->numbers->staged($number) > 0)
            ? [Mapping::ID => "There is already a row with the number $number."]
            : [];
    }

    /** @param  list<string>  $cells */
    private function keyOf(array $cells): string
    {
        $i = $this->mapping->key === '' ? null : $this->mapping->columnOf($this->mapping->key);
        if ($i === null || $this->mapping->key === Mapping::ID) {
            return $i === null ? '' : trim($cells[$i]);
        }
        try {
            $reading = $this->mapping->readings[$i] ?? null;
            $cell = $reading === null ? $cells[$i] : $reading->plain($cells[$i], $this->fields[$i]->type);

            return (string) $this->fields[$i]->type->store($this->fields[$i]->type->read($cell));
        } catch (UnreadableValue) {
            return '';
        }
    }
}
