<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\SearchWords;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\OverAStore;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\Sight;
use Lanai\Core\Rows\TermReader;

/** The stored rows, and beside them those that services gave in this request. What came from a service cannot be changed. */
final readonly class AnswerStore implements RecordStore
{
    use OverAStore;

    public function __construct(private RecordStore $store, public RowsMade $made, private Moment $moment)
    {
    }

    public function blueprint(): Blueprint
    {
        return $this->store->blueprint();
    }

    public function whole(): RecordStore
    {
        return $this->store->rights() === null ? $this : new self($this->store->whole(), $this->made, $this->moment);
    }

    public function rights(): ?Sight
    {
        return $this->store->rights();
    }

    public function rows(Query $query): array
    {
        if (! $this->isServiceTable($query->table)) {
            return $this->store->rows($query);
        }
        $terms = new TermReader($this, $this->moment);
        $found = [];
        foreach ($this->made->all($query->table) as $row) {
            if (($query->where === null || $terms->of($query->where, [$row]) === true) && SearchWords::in($row, $query->search)) {
                $found[] = [array_map(fn (Sort $s): string|int|float|null => StoredValue::plain($terms->of($s->by, [$row])), $query->sorts), $row];
            }
        }
        // Where they sort alike they stay as the service gave them: sorting is stable.
        usort($found, function (array $a, array $b) use ($query): int {
            foreach ($query->sorts as $i => $sort) {
                $order = $sort->compare($a[0][$i] ?? null, $b[0][$i] ?? null);
                if ($order !== 0) {
                    return $order;
                }
            }

            return 0;
        });

        return array_slice(array_column($found, 1), 0, $query->limit);
    }

    public function each(Query $query): iterable
    {
        return $this->isServiceTable($query->table) ? $this->rows($query->upTo(PHP_INT_MAX)) : $this->store->each($query);
    }

    public function compute(Term $term): mixed
    {
        return $this->store->compute($term);
    }

    public function count(Query $query): int
    {
        return $this->isServiceTable($query->table) ? count($this->rows($query->unordered())) : $this->store->count($query);
    }

    public function seenOneByOne(Table $table): bool
    {
        return $this->isServiceTable($table) || $this->store->seenOneByOne($table);
    }

    public function groups(Query $query, array $by, array $of = []): array
    {
        if ($this->isServiceTable($query->table)) {
            throw new Refused('Answers of a service are not put together here.');
        }

        return $this->store->groups($query, $by, $of);
    }

    public function byIds(Table $table, array $ids): array
    {
        return $this->isServiceTable($table) ? array_intersect_key($this->made->all($table), array_flip($ids)) : $this->store->byIds($table, $ids);
    }

    public function add(Table $table, array $values): int
    {
        return $this->store->add($this->stored($table), $values);
    }

    public function change(Table $table, int $id, array $values): bool
    {
        return $this->store->change($this->stored($table), $id, $values);
    }

    public function remove(Table $table, int $id): bool
    {
        return $this->store->remove($this->stored($table), $id);
    }

    private function isServiceTable(Table $table): bool
    {
        return $this->blueprint()->isServiceTable($table);
    }

    /** @throws Refused */
    private function stored(Table $table): Table
    {
        return $this->isServiceTable($table) ? throw new Refused("$table->name come from a service and cannot be changed here.") : $table;
    }
}
