<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Model\StoredValue;

/** What most types share: they are kept and written as their kind is, and nothing is picked from a list. */
trait StoredByKind
{
    public function store(mixed $value): string|int|float|null
    {
        return StoredValue::plain($value);
    }

    public function load(mixed $stored): mixed
    {
        return StoredValue::value($this->type(), $stored);
    }

    public function write(mixed $value): string
    {
        return Formats::plain($value);
    }

    public function options(): array
    {
        return [];
    }

    /** What was typed, without spaces around it; '' for nothing. */
    private static function typed(mixed $input): string
    {
        return is_scalar($input) ? trim((string) $input) : '';
    }
}
