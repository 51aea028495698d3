<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

/** The tables and columns that a data set has now. */
final readonly class Layout
{
    /**
     * @param  array<string, array<string, string>>  $tables stored table => column => type as Plan::declaration() says
     * @param  array<string, string>  $joins  table of links to many => the stored table that it leads to
     */
    public function __construct(public array $tables, public array $joins = [])
    {
    }
}
