<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Closure;

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
        $measured = $of->zero() !== null || in_array($of->kind, [Kind::Any, Kind::Nothing], true);

        return match ($name) {
            'count' => Type::of(Kind::Whole),
            'any', 'every' => $each === null && $item->kind !== Kind::YesNo && $name === 'every' ? null : Type::of(Kind::YesNo),
            'first', 'last' => $item,
            'where' => Type::several($item),
            'sortBy' => $each !== null && $each->kind->isOrdered() ? Type::several($item) : null,
            'join' => Type::of(Kind::Text),
            'sum' => $measured ? $of : null,
            'average' => match (true) {
                ! $measured => null,
                $of->isNumber() => Type::of(Kind::Decimal),
                default => $of,
            },
            default => $of->kind->isOrdered() ? $of : null,
        };
    }

    /**
     * The sum over nothing is null here: zero() makes it, once the type is known.
     *
     * @param  list<mixed>|LongList  $items
     * @param  Closure(mixed): mixed|null  $each  the formula about an item
     * @param  mixed  $third  the separator of join, "downward" of sortBy
     */
    public static function compute(string $name, array|LongList $items, ?Closure $each, mixed $third, Moment $moment): mixed
    {
        switch ($name) {
            case 'where':
                return $items instanceof LongList
                    ? new LongList(fn (): iterable => self::meeting($items, $each))
                    : iterator_to_array(self::meeting($items, $each), false);
            case 'count':
                return is_array($items) && $each === null ? count($items) : iterator_count(self::meeting($items, $each));
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
            case 'first':
            case 'last':
                $found = null;
                foreach ($name === 'last' && is_array($items) ? array_reverse($items) : $items as $item) {
                    if ($each === null || $each($item) === true) {
                        $found = $item;
                        if ($name === 'first' || is_array($items)) {
                            break;
                        }
                    }
                }

                return $found;
            case 'sortBy':
                return self::sorted($items, $each, $third === 'downward');
        }
        $values = self::values($items, $each);
        if ($name === 'join') {
            $between = is_string($third) ? $third : ', ';
            $text = '';
            $begun = false;
            foreach ($values as $value) {
                $text .= ($begun ? $between : '').Formats::show($value, $moment);
                $begun = true;
                if (strlen($text) > TextTooLong::MOST) {
                    throw TextTooLong::now();
                }
            }

            return $text;
        }

        return self::aggregate($name, $values);
    }

    /**
     * @param  iterable<mixed>  $items
     * @param  Closure(mixed): mixed|null  $each
     * @return \Generator<int, mixed> those of which it holds
     */
    private static function meeting(iterable $items, ?Closure $each): \Generator
    {
        foreach ($items as $item) {
            if ($each === null || $each($item) === true) {
                yield $item;
            }
        }
    }

    /**
     * @param  iterable<mixed>  $items
     * @param  Closure(mixed): mixed|null  $each
     * @return \Generator<int, mixed> what each of them gives, where it gives something
     */
    private static function values(iterable $items, ?Closure $each): \Generator
    {
        foreach ($items as $item) {
            $value = $each === null ? $item : $each($item);
            if ($value !== null) {
                yield $value;
            }
        }
    }

    /** @param  iterable<mixed>  $values */
    private static function aggregate(string $name, iterable $values): mixed
    {
        if ($name === 'sum' || $name === 'average') {
            $sum = null;
            $count = 0;
            foreach ($values as $value) {
                $sum = $count === 0 ? $value : Arithmetic::of('+', $sum, $value);
                $count++;
            }

            return match (true) {
                $name === 'sum' => $sum,
                $sum === null => null,
                default => Arithmetic::of('/', $sum, $count),
            };
        }
        $best = null;
        foreach ($values as $value) {
            if ($best === null || (Comparison::of($value, $best) <=> 0) === ($name === 'min' ? -1 : 1)) {
                $best = $value;
            }
        }

        return $best;
    }

    /**
     * @param  iterable<mixed>  $items
     * @param  Closure(mixed): mixed|null  $each
     * @return list<mixed>
     */
    private static function sorted(iterable $items, ?Closure $each, bool $downward): array
    {
        $keyed = [];
        foreach ($items as $item) {
            $keyed[] = [$each === null ? $item : $each($item), $item];
        }
        usort($keyed, function (array $a, array $b) use ($downward): int {
            $order = $a[0] === null || $b[0] === null ? ($a[0] === null ? 0 : 1) <=> ($b[0] === null ? 0 : 1) : Comparison::of($a[0], $b[0]);

            return $downward ? -$order : $order;
        });

        return array_column($keyed, 1);
    }
}
