<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Closure;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Term;

/** What one person may see of the rows. */
interface Sight
{
    public function mayField(Verb $verb, Row $row, Field $field): bool;

    /**
     * The condition under which this person may see a row, or a field of it, as a query can say it; null where none is needed,
     * false where a query cannot say it.
     *
     * @param  Closure(Formula, Evaluation): ?Term  $say  turns a formula about the row into a term
     */
    public function condition(Table $table, ?Field $field, Closure $say): Term|false|null;
}
