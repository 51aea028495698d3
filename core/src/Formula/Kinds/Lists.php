<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;

/** Several values, kept as a JSON list. */
final readonly class Lists extends ValueKind
{
    /** As many items of a long list are written out; three dots stand for the rest. */
    private const MOST = 200;

    public function holds(mixed $value): bool
    {
        return is_array($value) || $value instanceof LongList;
    }

    public function typeOf(mixed $value): Type
    {
        if ($value instanceof LongList) {
            return Type::several(Kinds::typeOf($value->first(1)[0] ?? null));
        }

        return Type::several(is_array($value) && $value !== [] ? Kinds::typeOf(reset($value)) : Type::of(Kind::Any));
    }

    public function plain(mixed $value): string
    {
        return is_array($value) ? implode('; ', array_map(Formats::plain(...), $value)) : '';
    }

    public function shown(mixed $value, Moment $moment): string
    {
        if ($value instanceof LongList) {
            return $this->shown($value->first(self::MOST), $moment).', …';
        }

        return is_array($value) ? implode(', ', array_map(fn (mixed $v): string => Formats::show($v, $moment), $value)) : '';
    }

    public function kept(mixed $value): ?string
    {
        return is_array($value) ? (string) json_encode(array_values($value), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) : null;
    }

    /** @return list<scalar> */
    public function value(string|int|float|bool $kept, Type $type): array
    {
        $list = json_decode((string) $kept, true);

        return is_array($list) ? array_values(array_filter($list, is_scalar(...))) : [];
    }

    public function json(mixed $value): ?array
    {
        return is_array($value) ? array_map(fn (mixed $v): mixed => Kinds::holding($v)->json($v), array_values($value)) : null;
    }

    public function fromJson(mixed $json, Type $type): ?string
    {
        $wanted = $type->of?->kind === Kind::Row ? 'is_int' : 'is_string';
        if (! is_array($json) || array_filter($json, $wanted) !== $json) {
            return null;
        }

        return implode($wanted === 'is_int' ? ', ' : '; ', array_filter($json, is_scalar(...)));
    }

    public function jsonInWords(Type $type): string
    {
        return $type->of?->kind === Kind::Row ? 'a list of ids' : 'a list of texts';
    }

    public function schema(Type $type): array
    {
        return $type->of?->kind === Kind::Row ? ['type' => 'array', 'items' => ['type' => 'integer']] : ['type' => 'array'];
    }

    public function comparisons(): array
    {
        return ['some' => 'has some', 'none' => 'has none'];
    }

    public function conditions(string $path): array
    {
        return ["any($path)" => 'there are some', "not any($path)" => 'there are none'];
    }
}
