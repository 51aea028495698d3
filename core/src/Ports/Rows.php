<?php

declare(strict_types=1);

namespace Lanai\Core\Ports;

use Lanai\Core\Data\Row;

/** Reads single rows, following links. */
interface Rows
{
    /** @param  string  $one what one row of the table is called */
    public function row(string $one, int $id): ?Row;
}
