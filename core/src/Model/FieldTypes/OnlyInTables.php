<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Model\FieldType;

/** A type that only a field of a table can have: nobody is asked for such a value. */
interface OnlyInTables extends FieldType
{
}
