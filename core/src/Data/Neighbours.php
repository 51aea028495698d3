<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;

/** What a row's check must know of other rows. */
interface Neighbours
{
    public function isThere(Table $table, int $id): bool;

    /**
     * True where another row has the same values in these fields; a field without a value is like no other.
     *
     * @param  list<Field>  $fields
     */
    public function isTaken(Table $table, array $fields, Row $row): bool;
}
