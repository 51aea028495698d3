<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** A table, as formulas know it. */
interface TableType
{
    /** Its name, for messages. */
    public function called(): string;

    /** What one row of it is called. */
    public function one(): string;

    /** True for what formulas call a field of it. */
    public function hasField(string $name): bool;
}
