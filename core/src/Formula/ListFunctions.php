<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Closure;
use Lanai\Core\Data\Values\Duration;
use Lanai\Core\Data\Values\Money;

/** Functions over lists. Their second value is a formula about each item: a row's fields stand bare in it, `this` is the item. */
final class ListFunctions
{
    public const NAMES = ['count', 'sum', 'average', 'min', 'max', 'first', 'last', 'any', 'every', 'where', 'sortBy', 'join'];

    /** True for a call that works over a list: min and max also take two single values. */
    public static function means(string $name, Type $first): bool
    {
        return in_array($name, self::NAMES, true) && (! in_array($name, ['min', 'max'], true) || $first->kind === Kind::Several);
    }

    /** What the formula about each item must give; null for anything. */
    public static function wants(string $name): ?Kind
    {
        return in_array($name, ['count', 'first', 'last', 'any', 'every', 'where'], true) ? Kind::YesNo : null;
    }

    /** The type of the result, from the types of the items and of the formula about each; null where these do not fit. */
    public static function type(string $name, Type $item, ?Type $each): ?Type
    {
        $of = $each ?? $item;
        $measured = $of->isNumber() || in_array($of->kind, [Kind::Money, Kind::Duration, Kind::Any, Kind::Nothing], true);

        return match ($name) {
            'count' => Type::of(Kind::Whole),
            'any', 'every' => $each === null && $item->kind !== Kind::YesNo && $name === 'every' ? null : Type::of(Kind::YesNo),
            'first', 'last' => $item,
            'where' => Type::several($item),
            'sortBy' => $each !== null && $each->kind->isOrdered() ? Type::several($item) : null,
            'join' => Type::of(Kind::Text),
            'sum' => $measured ? $of : null,
            'average' => ! $measured ? null : ($of->isNumber() ? Type::of(Kind::Decimal) : $of),
            default => $of->kind->isOrdered() ? $of : null,
        };
    }

    /**
     * The sum over nothing is null here: zero() makes it, once the type is known.
     *
     * @param  list<mixed>  $items
     * @param  Closure(mixed): mixed|null  $each  the formula about an item
     * @param  mixed  $third  the separator of join, "downward" of sortBy
     */
    public static function compute(string $name, array $items, ?Closure $each, mixed $third, Moment $moment): mixed
    {
        switch ($name) {
            case 'where':
                return array_values(array_filter($items, fn (mixed $item): bool => $each === null || $each($item) === true));
            case 'count':
                return count($each === null ? $items : array_filter($items, fn (mixed $item): bool => $each($item) === true));
            case 'any':
                foreach ($items as $item) {
                    if ($each === null || $each($item) === true) {
                        return true;
                    }
                }

                return false;
            case 'every':
                foreach ($items as $item) {
                    if (($each === null ? $item : $each($item)) !== true) {
                        return false;
                    }
                }

                return true;
            case 'first': case 'last':
                foreach ($name === 'first' ? $items : array_reverse($items) as $item) {
                    if ($each === null || $each($item) === true) {
                        return $item;
                    }
                }

                return null;
            case 'sortBy':
                return self::sorted($items, $each, $third === 'downward');
        }
        $values = array_values(array_filter($each === null ? $items : array_map($each, $items), fn (mixed $v): bool => $v !== null));
        if ($name === 'join') {
            return implode(is_string($third) ? $third : ', ', array_map(fn (mixed $v): string => Formats::show($v, $moment), $values));
        }

        return self::aggregate($name, $values);
    }

    /** @param  list<mixed>  $values */
    private static function aggregate(string $name, array $values): mixed
    {
        if ($name === 'sum' || $name === 'average') {
            $sum = array_shift($values);
            $count = 1;
            foreach ($values as $value) {
                $sum = Arithmetic::of('+', $sum, $value);
                $count++;
            }

            return $name === 'sum' ? $sum : ($sum === null ? null : Arithmetic::of('/', $sum, $count));
        }
        $best = null;
        foreach ($values as $value) {
            if ($best === null || (Evaluation::compared($value, $best) <=> 0) === ($name === 'min' ? -1 : 1)) {
                $best = $value;
            }
        }

        return $best;
    }

    /** The sum over nothing, as a value of the type. */
    public static function zero(Type $of): mixed
    {
        return match ($of->kind) {
            Kind::Money => new Money(0, $of->one),
            Kind::Duration => new Duration(0),
            default => 0,
        };
    }

    /**
     * @param  list<mixed>  $items
     * @param  Closure(mixed): mixed|null  $each
     * @return list<mixed>
     */
    private static function sorted(array $items, ?Closure $each, bool $downward): array
    {
        $keyed = array_map(fn (mixed $item): array => [$each === null ? $item : $each($item), $item], $items);
        usort($keyed, function (array $a, array $b) use ($downward): int {
            $order = $a[0] === null || $b[0] === null ? ($a[0] === null ? 0 : 1) <=> ($b[0] === null ? 0 : 1) : Evaluation::compared($a[0], $b[0]);

            return $downward ? -$order : $order;
        });

        return array_column($keyed, 1);
    }
}
