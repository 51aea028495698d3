<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Formula\Type;

final readonly class Texts extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return is_string($value);
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::Text);
    }

    public function plain(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function literal(mixed $value): ?string
    {
        return is_string($value) ? Literals::text($value) : null;
    }

    public function kept(mixed $value): ?string
    {
        return is_string($value) ? $value : null;
    }

    public function value(string|int|float|bool $kept, Type $type): string
    {
        return (string) $kept;
    }

    public function isOrdered(): bool
    {
        return true;
    }

    public function comparisons(): array
    {
        return ['is' => 'is', 'isNot' => 'is not', 'contains' => 'contains', 'starts' => 'starts with'] + self::FILLED;
    }
}
