<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

/** A value that comes before or after others of its class. */
interface Sortable
{
    /** What is compared, and what is stored. */
    public function key(): string|int;
}
