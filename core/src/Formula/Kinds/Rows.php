<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\OneRow;
use Lanai\Core\Formula\Type;

/** Rows of a table, kept and sent by their ids. */
final readonly class Rows extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return $value instanceof OneRow;
    }

    public function typeOf(mixed $value): Type
    {
        return $value instanceof OneRow ? $value->type() : Type::of(Kind::Row);
    }

    public function plain(mixed $value): string
    {
        return $value instanceof OneRow ? $value->label() : '';
    }

    public function shown(mixed $value, Moment $moment): string
    {
        return Formats::show($this->plain($value), $moment);
    }

    public function kept(mixed $value): ?int
    {
        return $value instanceof OneRow ? $value->id() : null;
    }

    /** The id: whoever wants the row reads it. */
    public function value(string|int|float|bool $kept, Type $type): ?int
    {
        return is_numeric($kept) ? (int) $kept : null;
    }

    public function json(mixed $value): ?int
    {
        return $this->kept($value);
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
        return ['type' => 'integer', 'description' => "The id of one $type->one."];
    }

    public function comparisons(): array
    {
        return self::SAME;
    }
}
