<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/** A value that somebody speaks of, such as the host's picture: as a formula, and the field that it ends at. */
final readonly class Path
{
    public function __construct(public string $formula, public Table $table, public Field $field)
    {
    }

    /** The field's type, as scripts name it: text, money, picture … */
    public function type(): string
    {
        return Known::typeOf($this->field);
    }
}
