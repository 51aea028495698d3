<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Access\Rights;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\SearchWords;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\TermReader;
use Throwable;

/** Rows in arrays, for tests of the core. */
final class InMemoryRecordStore implements RecordStore
{
    /** @var array<string, array<int, Row>> */
    private array $rows = [];

    /** @var array<string, array<string, mixed>> */
    private array $answers = [];

    /** @var array<string, string> */
    private array $kept = [];

    private int $last = 0;

    public function __construct(private readonly Blueprint $blueprint)
    {
    }

    public function blueprint(): Blueprint
    {
        return $this->blueprint;
    }

    /** @return array<int, Row> */
    public function allOf(Table $table): array
    {
        return $this->rows[$table->storedAs()] ?? [];
    }

    public function whole(): self
    {
        return $this;
    }

    public function rights(): ?Rights
    {
        return null;
    }

    public function rows(Query $query): array
    {
        $terms = new TermReader($this, World::moment());
        $key = fn (Row $row, Sort $sort): mixed => StoredValue::plain($terms->of($sort->by, [$row]));
        $compare = function (array $a, array $b) use ($query): int {
            foreach ($query->sorts as $i => $sort) {
                $order = $sort->compare($a[$i], $b[$i]);
                if ($order !== 0) {
                    return $order;
                }
            }

            return end($a) <=> end($b);
        };
        $found = [];
        foreach ($this->allOf($query->table) as $row) {
            $keys = [...array_map(fn (Sort $s): mixed => $key($row, $s), $query->sorts), $row->id];
            $meets = $query->where === null || $terms->of($query->where, [$row]) === true;
            if ($meets && SearchWords::in($row, $query->search) && ($query->after === null || $compare($keys, $query->after) > 0)) {
                $computed = array_map(fn (Term $t): mixed => $terms->of($t, [$row]), $query->compute);
                $found[] = [$keys, new Row($row->table, $row->id, $row->values, $computed)];
            }
        }
        usort($found, fn (array $a, array $b): int => $compare($a[0], $b[0]));

        return array_slice(array_column($found, 1), 0, $query->limit);
    }

    public function each(Query $query): iterable
    {
        return $this->rows($query->upTo(PHP_INT_MAX));
    }

    public function compute(Term $term): mixed
    {
        return (new TermReader($this, World::moment()))->of($term, []);
    }

    public function seenOneByOne(Table $table): bool
    {
        return false;
    }

    public function count(Query $query): int
    {
        return count($this->rows($query->unordered()));
    }

    public function groups(Query $query, array $by, array $of = []): array
    {
        $terms = new TermReader($this, World::moment());
        $groups = [];
        foreach ($this->rows($query->unordered()) as $row) {
            $values = array_map(fn (Term $t): mixed => $terms->of($t, [$row]), $by);
            $key = serialize(array_map(StoredValue::plain(...), $values));
            $groups[$key] ??= ['by' => $values, 'rows' => []];
            $groups[$key]['rows'][] = $row;
        }
        $made = array_map(
            fn (array $g): array => [
                'by' => $g['by'],
                'count' => count($g['rows']),
                'of' => array_map(
                    fn (array $total): mixed => ListFunctions::compute(
                        $total[0],
                        array_map(fn (Row $r): mixed => $terms->of($total[1], [$r]), $g['rows']),
                        null,
                        null,
                        World::moment(),
                    ),
                    $of,
                ),
            ],
            array_values($groups),
        );
        usort(
            $made,
            fn (array $a, array $b): int => [-$a['count'], ...array_map(StoredValue::plain(...), $a['by'])] <=> [
                -$b['count'],
                ...array_map(StoredValue::plain(...), $b['by']),
            ],
        );

        return array_slice($made, 0, $query->limit);
    }

    public function byIds(Table $table, array $ids): array
    {
        return array_intersect_key($this->rows[$table->storedAs()] ?? [], array_flip($ids));
    }

    public function add(Table $table, array $values): int
    {
        $id = ++$this->last;
        $this->rows[$table->storedAs()][$id] = new Row(
            $table,
            $id,
            $values +
                array_fill_keys(
                    array_map(fn ($f) => $f->column(), array_filter($table->fields, fn ($f): bool => $f->hasColumn() || $f->linksToMany() !== '')),
                    null,
                ),
        );

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
                foreach ($field->linksToMany() === $table->singular ? $this->allOf($other) : [] as $row) {
                    $left = array_values(array_diff((array) $row->value($field), [$id]));
                    $this->change($other, $row->id, [$field->column() => $left === [] ? null : $left]);
                }
                foreach ($field->linksTo() === $table->singular ? $this->rows[$other->storedAs()] ?? [] : [] as $row) {
                    if ($row->value($field) === $id) {
                        $this->change($other, $row->id, [$field->column() => null]);
                    }
                }
            }
        }

        return $there;
    }

    private bool $open = false;

    /** True while work is done together. */
    public function isOpen(): bool
    {
        return $this->open;
    }

    public function together(callable $work): mixed
    {
        $before = [$this->rows, $this->answers, $this->kept];
        $this->open = true;
        try {
            return $work();
        } catch (Throwable $e) {
            [$this->rows, $this->answers, $this->kept] = $before;
            throw $e;
        } finally {
            $this->open = false;
        }
    }

    public function answerTo(string $tap): ?array
    {
        return $this->answers[$tap] ?? null;
    }

    public function kept(int $person, string $name): ?string
    {
        return $this->kept["$person/$name"] ?? null;
    }

    public function keep(int $person, string $name, string $written): void
    {
        $this->kept["$person/$name"] = $written;
    }

    public function keepAnswer(string $tap, array $answer): void
    {
        $this->answers[$tap] = $answer;
    }
}
