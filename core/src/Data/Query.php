<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Blueprint\Table;

/** The rows of one table that meet a condition, in order; rows that sort alike come by id. */
final readonly class Query
{
    /** @param  list<Sort>  $sorts */
    public function __construct(public Table $table, public ?Condition $where = null, public array $sorts = [], public int $limit = 200)
    {
    }
}
