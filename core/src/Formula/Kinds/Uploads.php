<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** Pictures and files: a text that says where one lies. A value itself does not tell what it stands for. */
final readonly class Uploads extends ValueKind
{
    public function __construct(private Kind $kind)
    {
    }

    public function holds(mixed $value): bool
    {
        return false;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of($this->kind);
    }

    public function plain(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function kept(mixed $value): ?string
    {
        return is_string($value) ? $value : null;
    }

    public function value(string|int|float|bool $kept, Type $type): string
    {
        return (string) $kept;
    }
}
