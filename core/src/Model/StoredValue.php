<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\Type;

/** How values of each kind are kept: the stored form orders as the values do. */
final class StoredValue
{
    public static function plain(mixed $value): string|int|float|null
    {
        return is_string($value) || is_int($value) ? $value : Kinds::holding($value)->kept($value);
    }

    public static function value(Type $type, mixed $stored): mixed
    {
        return is_scalar($stored) ? Kinds::of($type->kind)->value($stored, $type) : null;
    }
}
