<?php

declare(strict_types=1);

namespace App\Records;

use Lanai\Core\Exchange\CsvWriter;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Text\Names;
use PDO;

/** Writes the rows of a table so that importing them again gives the same rows: links are there by number, and by name for people. */
final readonly class Exporter
{
    private const AT_A_TIME = 1000;

    public function __construct(private RowDesk $desk)
    {
    }

    /** @param  callable(string): void  $write */
    public function csv(callable $write): void
    {
        $write(CsvWriter::record($this->columns()));
        foreach ($this->records() as $record) {
            $write(CsvWriter::record(array_values(array_map(strval(...), $record))));
        }
    }

    /** @param  callable(string): void  $write */
    public function json(callable $write): void
    {
        $between = "[\n";
        foreach ($this->records() as $record) {
            $write(
                $between.
                    json_encode(
                        array_map(fn (string $v): ?string => $v === '' ? null : $v, $record),
                        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                    ),
            );
            $between = ",\n";
        }
        $write($between === "[\n" ? "[]\n" : "\n]\n");
    }

    public function sqlite(string $path): void
    {
        $database = new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $columns = $this->columns();
        $table = Sql::name($this->desk->table->name);
        $database->exec(
            "create table $table (".
                implode(
                    ', ',
                    array_map(
                        fn (string $c, int $i): string => Sql::name($c).($i === 0 ? ' integer primary key' : ' '.$this->affinity($c)),
                        $columns,
                        array_keys($columns),
                    ),
                ).
                ')',
        );
        $database->beginTransaction();
        $insert = $database->prepare("insert into $table values (".implode(', ', array_fill(0, count($columns), '?')).')');
        foreach ($this->records() as $record) {
            $insert->execute(array_map(fn (string $v): ?string => $v === '' ? null : $v, array_values($record)));
        }
        $database->commit();
    }

    /** @return list<string> */
    private function columns(): array
    {
        $columns = ['id'];
        foreach ($this->desk->table->fields as $field) {
            $columns[] = $field->name;
            if (self::links($field)) {
                $columns[] = "$field->name id";
            }
        }

        return $columns;
    }

    /** @return \Generator<array<string, string>> */
    private function records(): \Generator
    {
        $query = $this->desk->query('', true, '', '', self::AT_A_TIME);
        $after = null;
        do {
            $rows = $this->desk->store->rows(new Query($query->table, limit: self::AT_A_TIME, after: $after, compute: $query->compute));
            $labels = $this->desk->labels($rows);
            foreach ($rows as $row) {
                yield $this->record($row, $labels);
                $after = [$row->id];
            }
        } while (count($rows) === self::AT_A_TIME);
    }

    /**
     * @param  array<string, array<int, string>>  $labels
     * @return array<string, string>
     */
    private function record(Row $row, array $labels): array
    {
        $written = $this->desk->written($row)['values'];
        $record = ['id' => (string) $row->id];
        foreach ($this->desk->table->fields as $field) {
            $key = Names::inFormula($field->name);
            if (self::links($field)) {
                $ids = array_filter((array) $row->value($field), is_int(...));
                $record[$field->name] = implode('; ', array_map(fn (int $id): string => $labels[$key][$id] ?? '', $ids));
                $record["$field->name id"] = implode('; ', $ids);
            } else {
                $record[$field->name] = $written[$key];
            }
        }

        return $record;
    }

    private static function links(Field $field): bool
    {
        return $field->linksTo() !== '' || $field->linksToMany() !== '';
    }

    private function affinity(string $column): string
    {
        $field = $this->desk->table->field($column);

        return match (true) {
            $field === null || ! $field->hasColumn() || ! $field->valueType()->isNumber() => 'text',
            default => strtolower($field->type->column()),
        };
    }
}
