<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Values\Day;

final readonly class Days extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return $value instanceof Day;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::Date);
    }

    public function plain(mixed $value): string
    {
        return $value instanceof Day ? $value->iso : '';
    }

    public function shown(mixed $value, Moment $moment): string
    {
        return $value instanceof Day ? Formats::day($value->begins($moment->zone), $moment) : '';
    }

    public function literal(mixed $value): string
    {
        return $this->plain($value);
    }

    public function kept(mixed $value): string
    {
        return $this->plain($value);
    }

    public function value(string|int|float|bool $kept, Type $type): ?Day
    {
        return Day::of((string) $kept);
    }

    public function schema(Type $type): array
    {
        return ['type' => 'string', 'format' => 'date'];
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
        return ['day(now())' => 'today', 'day(now()) + 1' => 'tomorrow'];
    }

    public function conditions(string $path): array
    {
        return ["$path >= day(now())" => 'is today or later', "$path < day(now())" => 'is over'];
    }
}
