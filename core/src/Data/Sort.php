<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Formula\Term;

/** One sort key. Rows without a value come first upward and last downward, as SQLite orders nulls. */
final readonly class Sort
{
    private function __construct(public Term $by, public bool $upward)
    {
    }

    public static function by(Field $field, bool $upward = true): self
    {
        return new self(Term::column(0, $field), $upward);
    }

    public static function byTerm(Term $term, bool $upward = true): self
    {
        return new self($term, $upward);
    }
}
