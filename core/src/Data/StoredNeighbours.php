<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\RecordStore;

/** Other rows as the store has them now, asked one by one. */
final readonly class StoredNeighbours implements Neighbours
{
    public function __construct(private RecordStore $store)
    {
    }

    public function isThere(Table $table, int $id): bool
    {
        return $this->store->byIds($table, [$id]) !== [];
    }

    public function isTaken(Table $table, array $fields, Row $row): bool
    {
        $yesNo = Type::of(Kind::YesNo);
        $same = array_map(fn (Field $f): Term => Term::operator('==', $yesNo, Term::column(0, $f), Term::value($row->value($f), $f->valueType())), $fields);
        $found = $this->store->whole()->rows(new Query($table, Term::all(...$same), [], 2));

        return array_filter($found, fn (Row $other): bool => $other->id !== $row->id) !== [];
    }
}
