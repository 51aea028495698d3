<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Model\FieldType;

/** A type that is only asked for and never kept. */
interface NeverStored extends FieldType
{
}
