<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Storage;

/** The tables and columns that a data set has now. */
final readonly class Layout
{
    /** @param  array<string, array<string, string>>  $tables stored table => column => type as Column::declaration() says */
    public function __construct(public array $tables)
    {
    }
}
