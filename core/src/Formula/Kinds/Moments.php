<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;

/** A date and time: an instant, kept and sent as RFC 3339 in UTC. */
final readonly class Moments extends ValueKind
{
    private const RFC_3339 = 'Y-m-d\TH:i:s\Z';

    private DateTimeZone $utc;

    public function __construct()
    {
        $this->utc = new DateTimeZone('UTC');
    }

    public function holds(mixed $value): bool
    {
        return $value instanceof DateTimeImmutable;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::Moment);
    }

    public function plain(mixed $value): string
    {
        return $this->in('Y-m-d H:i', $value);
    }

    public function shown(mixed $value, Moment $moment): string
    {
        return $value instanceof DateTimeImmutable ? Formats::day($value, $moment).Formats::pattern($value, ', HH:mm', $moment) : '';
    }

    public function kept(mixed $value): string
    {
        return $this->in(self::RFC_3339, $value);
    }

    public function value(string|int|float|bool $kept, Type $type): ?DateTimeImmutable
    {
        return DateTimeImmutable::createFromFormat('!'.self::RFC_3339, (string) $kept, $this->utc) ?: null;
    }

    public function json(mixed $value): string
    {
        return $this->in(self::RFC_3339, $value);
    }

    public function schema(Type $type): array
    {
        return ['type' => 'string', 'format' => 'date-time'];
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
        return ['now()' => 'now', 'today()' => 'the start of today', 'addDays(now(), 7)' => 'a week from now'];
    }

    public function conditions(string $path): array
    {
        return ["$path > now()" => 'is still to come', "$path < now()" => 'is over'];
    }

    private function in(string $format, mixed $value): string
    {
        return $value instanceof DateTimeImmutable ? $value->setTimezone($this->utc)->format($format) : '';
    }
}
