<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Values\Currency;
use Lanai\Core\Values\Money;

/** Money of one currency, kept in whole minor units. */
final readonly class Amounts extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return $value instanceof Money;
    }

    public function typeOf(mixed $value): Type
    {
        return $value instanceof Money ? Type::money($value->currency) : Type::of(Kind::Money);
    }

    public function plain(mixed $value): string
    {
        return $value instanceof Money ? $value->written() : '';
    }

    public function shown(mixed $value, Moment $moment): string
    {
        return $value instanceof Money ? $value->shown($moment->locale) : '';
    }

    public function literal(mixed $value): ?string
    {
        return $value instanceof Money ? $value->written().' '.$value->currency : null;
    }

    public function kept(mixed $value): ?int
    {
        return $value instanceof Money ? $value->minor : null;
    }

    public function value(string|int|float|bool $kept, Type $type): ?Money
    {
        return is_numeric($kept) ? new Money((int) $kept, $type->one) : null;
    }

    public function json(mixed $value): ?array
    {
        return $value instanceof Money ? ['amount' => $value->written(), 'currency' => $value->currency] : null;
    }

    public function fromJson(mixed $json, Type $type): ?string
    {
        $fits = is_array($json) && is_scalar($json['amount'] ?? null) && ($json['currency'] ?? $type->one) === $type->one;

        return $fits ? (string) $json['amount'] : null;
    }

    public function jsonInWords(Type $type): string
    {
        return "an amount in $type->one";
    }

    public function schema(Type $type): array
    {
        return [
            'type' => 'object',
            'required' => ['amount', 'currency'],
            'properties' => ['amount' => ['type' => 'string', 'pattern' => '^-?\d+(\.\d+)?$'], 'currency' => ['const' => $type->one]],
        ];
    }

    public function isOrdered(): bool
    {
        return true;
    }

    public function zero(Type $type): Money
    {
        return new Money(0, $type->one);
    }

    /** In the currency's main unit. */
    public function length(mixed $value): int|float
    {
        return $value instanceof Money ? $value->minor / 10 ** Currency::digits($value->currency) : 0;
    }

    public function comparisons(): array
    {
        return self::BY_SIZE;
    }

    public function constants(Type $type): array
    {
        return ["0 $type->one" => "0 $type->one"];
    }
}
