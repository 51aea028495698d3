<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

/** A type whose value is worked out from the row and what it is linked with. */
interface Computed extends OnlyInTables, StandsInTable
{
    /** The formula about the row that gives it; '' where it is not filled in. */
    public function formula(): string;
}
