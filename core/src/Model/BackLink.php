<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

/** The other end of a link: the rows of a table that link to a row through a field. */
final readonly class BackLink
{
    /** @param  string  $name as formulas call the list */
    public function __construct(public string $name, public Table $from, public Field $field)
    {
    }
}
