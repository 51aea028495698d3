<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Values\Duration;

/** Lengths of time, kept and sent as whole seconds. */
final readonly class Durations extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return $value instanceof Duration;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::Duration);
    }

    public function plain(mixed $value): string
    {
        return $value instanceof Duration ? $value->written() : '';
    }

    public function literal(mixed $value): ?string
    {
        return $value instanceof Duration && $value->seconds >= 0 ? $value->written() : null;
    }

    public function kept(mixed $value): ?int
    {
        return $value instanceof Duration ? $value->seconds : null;
    }

    public function value(string|int|float|bool $kept, Type $type): ?Duration
    {
        return is_numeric($kept) ? new Duration((int) $kept) : null;
    }

    public function json(mixed $value): ?int
    {
        return $this->kept($value);
    }

    public function fromJson(mixed $json, Type $type): ?string
    {
        return is_int($json) && $json >= 0 ? "$json s" : null;
    }

    public function jsonInWords(Type $type): string
    {
        return 'a number of whole seconds';
    }

    public function schema(Type $type): array
    {
        return ['type' => 'integer', 'description' => 'Seconds.'];
    }

    public function isOrdered(): bool
    {
        return true;
    }

    public function zero(Type $type): Duration
    {
        return new Duration(0);
    }

    /** In minutes. */
    public function length(mixed $value): int|float
    {
        return $value instanceof Duration ? $value->seconds / 60 : 0;
    }

    public function comparisons(): array
    {
        return self::BY_SIZE;
    }

    public function constants(Type $type): array
    {
        return ['1 h' => 'an hour'];
    }
}
