<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Values\TimeOfDay;

final readonly class Times extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return $value instanceof TimeOfDay;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::Time);
    }

    public function plain(mixed $value): string
    {
        return $value instanceof TimeOfDay ? $value->iso : '';
    }

    public function literal(mixed $value): string
    {
        return $this->plain($value);
    }

    public function kept(mixed $value): string
    {
        return $this->plain($value);
    }

    public function value(string|int|float|bool $kept, Type $type): ?TimeOfDay
    {
        return TimeOfDay::of((string) $kept);
    }

    public function isOrdered(): bool
    {
        return true;
    }

    public function comparisons(): array
    {
        return self::IN_TIME;
    }

    public function constants(Type $type): array
    {
        return ['12:00' => 'noon'];
    }
}
