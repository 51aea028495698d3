<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Condition;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Ports\RecordStore;
use Throwable;

/** Rows in arrays, for tests of the core. */
final class InMemoryRecordStore implements RecordStore
{
    /** @var array<string, array<int, Row>> */
    private array $rows = [];

    /** @var array<string, array<string, mixed>> */
    private array $answers = [];

    private int $last = 0;

    public function __construct(private readonly Blueprint $blueprint)
    {
    }

    public function tableOfOne(string $one): ?Table
    {
        return $this->blueprint->tableOfOne($one);
    }

    public function rows(Query $query): array
    {
        $rows = array_values(array_filter($this->rows[$query->table->storedAs()] ?? [], fn (Row $row): bool => $query->where === null || self::meets($row, $query->where)));
        usort($rows, function (Row $a, Row $b) use ($query): int {
            foreach ($query->sorts as $sort) {
                $order = $sort->field->type->store($a->value($sort->field)) <=> $sort->field->type->store($b->value($sort->field));
                if ($order !== 0) {
                    return $sort->upward ? $order : -$order;
                }
            }

            return $a->id <=> $b->id;
        });

        return array_slice($rows, 0, $query->limit);
    }

    public function count(Query $query): int
    {
        return count($this->rows(new Query($query->table, $query->where, [], PHP_INT_MAX)));
    }

    public function byIds(Table $table, array $ids): array
    {
        return array_intersect_key($this->rows[$table->storedAs()] ?? [], array_flip($ids));
    }

    public function add(Table $table, array $values): int
    {
        $id = ++$this->last;
        $this->rows[$table->storedAs()][$id] = new Row($table, $id, $values + array_fill_keys(array_map(fn ($f) => $f->column(), $table->fields), null));

        return $id;
    }

    public function change(Table $table, int $id, array $values): bool
    {
        $row = $this->rows[$table->storedAs()][$id] ?? null;
        if ($row !== null) {
            $this->rows[$table->storedAs()][$id] = new Row($table, $id, $values + $row->values);
        }

        return $row !== null;
    }

    public function remove(Table $table, int $id): bool
    {
        $there = isset($this->rows[$table->storedAs()][$id]);
        unset($this->rows[$table->storedAs()][$id]);
        foreach ($this->blueprint->tables as $other) {
            foreach ($other->fields as $field) {
                foreach ($field->linksTo() === $table->singular ? $this->rows[$other->storedAs()] ?? [] : [] as $row) {
                    if ($row->value($field) === $id) {
                        $this->change($other, $row->id, [$field->column() => null]);
                    }
                }
            }
        }

        return $there;
    }

    public function together(callable $work): mixed
    {
        $before = [$this->rows, $this->answers];
        try {
            return $work();
        } catch (Throwable $e) {
            [$this->rows, $this->answers] = $before;
            throw $e;
        }
    }

    public function answerTo(string $tap): ?array
    {
        return $this->answers[$tap] ?? null;
    }

    public function keepAnswer(string $tap, array $answer): void
    {
        $this->answers[$tap] = $answer;
    }

    private static function meets(Row $row, Condition $condition): bool
    {
        return match ($condition->kind) {
            'all' => array_reduce($condition->parts, fn (bool $yes, Condition $part): bool => $yes && self::meets($row, $part), true),
            'any' => array_reduce($condition->parts, fn (bool $yes, Condition $part): bool => $yes || self::meets($row, $part), false),
            'not' => ! self::meets($row, $condition->parts[0]),
            default => self::compares($row, $condition),
        };
    }

    private static function compares(Row $row, Condition $condition): bool
    {
        $mine = $condition->field === null ? null : $row->value($condition->field);
        $value = $condition->value;
        if ($condition->operator === '==' || $condition->operator === '!=') {
            return Evaluation::alike($mine, $value) === ($condition->operator === '==');
        }
        if ($mine === null || $value === null) {
            return false;
        }
        $order = is_string($mine) && is_string($value) ? strcmp($mine, $value) : $mine <=> $value;

        return match ($condition->operator) {
            '<' => $order < 0, '>' => $order > 0, '<=' => $order <= 0, default => $order >= 0
        };
    }
}
