<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Data\RowCheck;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Scene;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Refused;

/** What would have to change in a table so that it says what a service says: rows are matched by a key. */
final readonly class InStep
{
    /** Rows of a table that can be kept in step. */
    public const MOST = 5000;

    /**
     * @param  list<array<string, mixed>>  $added  values by column
     * @param  list<array{Row, array<string, mixed>}>  $changed  each with its new values
     * @param  list<Row>  $gone
     * @param  list<string>  $wrong  rows that do not fit, in plain words
     */
    private function __construct(public array $added, public array $changed, public array $gone, public array $wrong, public int $same)
    {
    }

    /**
     * @param  list<Row>  $rows  as the service gave them
     * @param  list<Assignment>  $set  which field gets what; none for all of the same name
     *
     * @throws Refused where it cannot be done at all
     */
    public static function plan(Table $table, string $key, array $rows, array $set, Scene $scene, RowCheck $check): self
    {
        $field = $table->field($key) ?? throw new Refused('Please say by which field the rows are matched.');
        $stored = $scene->store->rows(new Query($table, limit: self::MOST + 1));
        if (count($stored) > self::MOST) {
            throw new Refused("$table->name has more than ".self::MOST.' rows, which cannot be kept in step.');
        }
        $known = [];
        foreach ($stored as $row) {
            $known[self::keyOf($row->value($field))] ??= $row;
        }
        $added = $changed = $wrong = [];
        $seen = [];
        $same = 0;
        foreach ($rows as $n => $given) {
            $values = self::values($table, $given, $set, $scene);
            $own = self::keyOf($values[$field->column()] ?? null);
            if ($own === '') {
                $wrong[] = 'Row '.($n + 1).": $field->name is empty.";

                continue;
            }
            if (isset($seen[$own])) {
                $wrong[] = 'Row '.($n + 1).": another row has the same $field->name, “{$own}”.";

                continue;
            }
            $seen[$own] = true;
            $before = $known[$own] ?? null;
            $checked = $check->of($table, array_map(fn (mixed $v): mixed => is_int($v) || is_float($v) ? (string) $v : $v, $values), $before);
            if ($checked->errors !== []) {
                $wrong[] = "“{$own}”: ".implode(' ', $checked->errors);

                continue;
            }
            $new =
                $before === null
                    ? $checked->values
                    : array_filter(
                        array_intersect_key($checked->values, $values),
                        fn (mixed $v, string $column): bool => StoredValue::plain($v) !== StoredValue::plain($before->values[$column] ?? null),
                        ARRAY_FILTER_USE_BOTH,
                    );
            if ($before === null) {
                $added[] = $new;
            } elseif ($new !== []) {
                $changed[] = [$before, $new];
            } else {
                $same++;
            }
        }
        $gone = array_values(array_filter($known, fn (Row $row, string|int $own): bool => ! isset($seen[$own]), ARRAY_FILTER_USE_BOTH));

        return new self($added, $changed, $gone, $wrong, $same);
    }

    /**
     * What it would change, in words.
     *
     * @param  int  $most  sentences of each sort
     * @return array{added: int, changed: int, gone: int, same: int, lines: list<string>, wrong: list<string>}
     */
    public function told(Table $table, int $most = 8): array
    {
        return [
            'added' => count($this->added),
            'changed' => count($this->changed),
            'gone' => count($this->gone),
            'same' => $this->same,
            'lines' => [
                // Of a new row only what is given is worth a word; of a change also what is emptied.
                ...array_map(
                    fn (array $values): string => 'New: '.self::written($table, array_filter($values, fn (mixed $v): bool => $v !== null)),
                    array_slice($this->added, 0, $most),
                ),
                ...array_map(fn (array $change): string => "{$change[0]->label()}: ".self::written($table, $change[1]), array_slice($this->changed, 0, $most)),
            ],
            'wrong' => array_slice($this->wrong, 0, $most),
        ];
    }

    /** @param  array<string, mixed>  $values  by column */
    private static function written(Table $table, array $values): string
    {
        $told = [];
        foreach ($table->fields as $field) {
            if (array_key_exists($field->column(), $values)) {
                $value = $values[$field->column()];
                $told[] = "$field->name: ".($value === null ? 'nothing' : $field->type->write($value));
            }
        }

        return implode(', ', $told);
    }

    /**
     * @param  list<Assignment>  $set
     * @return array<string, mixed>
     */
    private static function values(Table $table, Row $given, array $set, Scene $scene): array
    {
        $values = [];
        $here = $scene->inRow($given);
        foreach ($set as $i => $assignment) {
            $field = $table->field($assignment->field);
            if ($field !== null && $assignment->value !== '') {
                $values[$field->column()] = $here->value($assignment->value, "with/$i/value");
            }
        }
        foreach ($set === [] ? $given->table->fields : [] as $part) {
            $field = $table->field($part->name);
            if ($field !== null && $field->isAsked() && $part->linksToMany() === '') {
                $values[$field->column()] = $given->value($part);
            }
        }

        return $values;
    }

    private static function keyOf(mixed $value): string
    {
        return trim((string) StoredValue::plain($value));
    }
}
