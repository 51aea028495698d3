<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Models\Import;
use Lanai\Core\Exchange\CellSheet;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Exchange\Sheet;
use Lanai\Core\Exchange\TypeGuess;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Written\Column;
use Lanai\Core\Exchange\Written\ColumnFacts;
use Lanai\Core\Exchange\Written\Reading;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** What is in a file, after all of it was looked at once: its columns, how they are written, and which fields they could fill. */
final readonly class Look
{
    /** Types are guessed from so many rows. */
    private const GUESSED_FROM = 300;

    private const COLUMNS = 500;

    /**
     * Looks, and keeps in the import what was found.
     *
     * @param  Table|null  $table  into which they are to come; null where there is none yet
     * @return array<string, mixed> as ImportLook in docs/studio.schema.json
     *
     * @throws UnreadableFile
     */
    public static function at(Import $import, ?Table $table): array
    {
        $sheets = ImportFile::sheets($import);
        if ($import->sheet === '') {
            $import->sheet = $sheets[0] ?? '';
        }
        $sheet = ImportFile::sheet($import);
        $names = $sheet->columns();
        if (count($names) > self::COLUMNS) {
            throw new UnreadableFile('This file has more than '.self::COLUMNS.' columns.');
        }
        $columns = array_map(fn (): Column => new Column(), $names);
        $values = [];
        $total = 0;
        foreach ($sheet->rows() as $cells) {
            foreach ($columns as $i => $column) {
                $cell = $cells[$i];
                $column->see($cell);
                if ($total < self::GUESSED_FROM) {
                    $values[$i][] = $cell;
                }
            }
            $total++;
        }
        $facts = array_map(fn (Column $c): ColumnFacts => $c->facts(), $columns);
        $import->forceFill(['total' => $total, 'facts' => array_map(fn (ColumnFacts $f): array => $f->data(), $facts)])->save();
        $mapping = $table === null ? new Mapping(array_map(fn (): string => '', $names), '') : Mapping::byName($names, $table);

        return [
            'id' => $import->id,
            'name' => $import->name,
            'kind' => $import->kind,
            'sheets' => $sheets,
            'sheet' => $import->sheet,
            'columns' => self::columns($names, $values, ColumnFacts::together($facts)),
            'to' => $mapping->to,
            'key' => $mapping->key,
            'total' => $total,
            'header' => self::header($sheet),
            'repeats' => match (true) {
                $sheet instanceof CsvSheet => $sheet->repeats(),
                $sheet instanceof CellSheet => $sheet->repeats,
                default => 0,
            },
        ];
    }

    /**
     * How the cells of each mapped column are read: as it was chosen, or as it was found.
     *
     * @param  array<int, string>  $chosen
     * @return array<int, Reading>
     */
    public static function readings(Import $import, Mapping $mapping, Table $table, array $chosen): array
    {
        $facts = array_map(ColumnFacts::of(...), $import->facts);
        $together = ColumnFacts::together($facts);
        $readings = [];
        foreach ($mapping->fields($table) as $i => $field) {
            $wanted = Reading::tryFrom($chosen[$i] ?? '');
            $readings[$i] =
                match (true) {
                    ($chosen[$i] ?? '') !== '' && $wanted !== null && in_array($wanted, Reading::for($field->type), true) => $wanted,
                    isset($facts[$i]) => $facts[$i]->reading($field->type, $together),
                    default => Reading::Plain,
                };
        }

        return $readings;
    }

    /**
     * What can be chosen for each column, and what is taken.
     *
     * @return list<array{column: int, taken: string, choices: list<array{value: string, words: string}>}>
     */
    public static function choices(Import $import, Mapping $mapping, Table $table): array
    {
        $choices = [];
        foreach ($mapping->fields($table) as $i => $field) {
            $all = isset($import->facts[$i]) ? ColumnFacts::of($import->facts[$i])->choices($field->type) : [];
            if ($all !== []) {
                $choices[] = [
                    'column' => $i,
                    'taken' => ($mapping->readings[$i] ?? $all[0])->value,
                    'choices' => array_map(fn (Reading $r): array => ['value' => $r->value, 'words' => $r->words()], $all),
                ];
            }
        }

        return $choices;
    }

    /**
     * @param  list<string>  $names
     * @param  array<int, list<string>>  $values
     * @return list<array{name: string, field: string, guess: string, samples: list<string>}>
     */
    private static function columns(array $names, array $values, ?bool $comma): array
    {
        $columns = [];
        foreach ($names as $i => $name) {
            $guess = TypeGuess::of($values[$i] ?? [], $comma);
            $called = Names::inFormula($name) === 'id' ? "$name number" : Pattern::replace('/[\x00-\x1F"]+/', ' ', mb_substr($name, 0, 60));
            $filled = array_filter(array_map(fn (string $v): string => mb_strimwidth($v, 0, 40, '…'), $values[$i] ?? []), fn (string $v): bool => $v !== '');
            $columns[] = [
                'name' => $name,
                'field' => NameFit::written($called).' '.$guess,
                'guess' => $guess,
                'samples' => array_slice(array_values($filled), 0, 3),
            ];
        }

        return $columns;
    }

    /** The number of the row that names the columns; -1 for a file whose columns always have names. */
    private static function header(Sheet $sheet): int
    {
        return match (true) {
            $sheet instanceof CsvSheet => $sheet->header(),
            $sheet instanceof CellSheet => $sheet->header,
            default => -1,
        };
    }
}
