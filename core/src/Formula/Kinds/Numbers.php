<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;

/** Whole numbers and others. */
final readonly class Numbers extends ValueKind
{
    public function __construct(private Kind $kind)
    {
    }

    public function holds(mixed $value): bool
    {
        return $this->kind === Kind::Whole ? is_int($value) : is_float($value);
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of($this->kind);
    }

    public function plain(mixed $value): string
    {
        if (! is_float($value)) {
            return is_int($value) ? (string) $value : '';
        }
        $text = rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.');

        return $text === '-0' ? '0' : $text;
    }

    public function shown(mixed $value, Moment $moment): string
    {
        return is_int($value) || is_float($value) ? Formats::number($value, $this->plain($value), $moment) : '';
    }

    public function literal(mixed $value): ?string
    {
        if (is_float($value)) {
            return is_finite($value) ? (string) json_encode($value) : null;
        }

        return is_int($value) ? (string) $value : null;
    }

    public function kept(mixed $value): int|float|null
    {
        return is_int($value) || is_float($value) ? $value : null;
    }

    public function value(string|int|float|bool $kept, Type $type): int|float|null
    {
        if (! is_numeric($kept)) {
            return null;
        }
        if ($this->kind === Kind::Whole) {
            return (int) $kept;
        }

        return is_int($kept) ? $kept : (float) $kept;
    }

    public function json(mixed $value): int|float|null
    {
        return is_int($value) || is_float($value) ? $value : null;
    }

    public function fromJson(mixed $json, Type $type): ?string
    {
        return is_int($json) || is_float($json) ? (string) $json : null;
    }

    public function jsonInWords(Type $type): string
    {
        return 'a number';
    }

    public function schema(Type $type): array
    {
        return ['type' => $this->kind === Kind::Whole ? 'integer' : 'number'];
    }

    public function isOrdered(): bool
    {
        return true;
    }

    public function zero(Type $type): int
    {
        return 0;
    }

    public function length(mixed $value): int|float
    {
        return is_int($value) || is_float($value) ? $value : 0;
    }

    public function comparisons(): array
    {
        return self::BY_SIZE;
    }

    public function constants(Type $type): array
    {
        return ['0' => '0'];
    }

    public function conditions(string $path): array
    {
        return ["$path > 0" => 'is above zero', "$path == 0" => 'is zero'];
    }
}
