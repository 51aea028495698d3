<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Blueprint\Field;

/** One sort key. Rows without a value come first upward and last downward, as SQLite orders nulls. */
final readonly class Sort
{
    public function __construct(public Field $field, public bool $upward)
    {
    }
}
