<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Closure;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;

/** The types that fields can have, by where they can stand. */
final class FieldTypes
{
    private static ?Family $asked = null;

    private static ?Family $answered = null;

    private static ?Family $inTables = null;

    /** What storage must know of a type to read its values later: its kind, and the currency of money. */
    public static function tag(FieldType $type): string
    {
        return self::family()->kindOf($type).($type instanceof FieldTypes\MoneyType ? " $type->currency" : '');
    }

    /** The type of which this is the tag, as far as reading stored values needs it; null for an unknown one. */
    public static function tagged(string $tag): ?FieldType
    {
        [$kind, $currency] = [...explode(' ', $tag, 2), ''];
        $class = self::family()->kinds[$kind] ?? null;
        $type = match (true) {
            $class === null => null,
            $class === FieldTypes\MoneyType::class => new FieldTypes\MoneyType($currency),
            default => new $class,
        };

        return $type instanceof FieldType ? $type : null;
    }

    /** Those that a field of a table can have. */
    public static function family(): Family
    {
        return self::$inTables ??= self::but(fn (string $kind, string $class): bool => is_a($class, FieldTypes\NeverStored::class, true));
    }

    /** Every type there is, wherever it can stand. */
    public static function all(): Family
    {
        return Families::of(FieldType::class);
    }

    /** Those that a part of a service's answer can have; "are many" for a list of things with parts of their own. */
    public static function answered(): Family
    {
        return self::$answered ??= self::but(fn (string $kind, string $class): bool => in_array($kind, ['link', 'file', 'video', 'sound'], true)
            || ($kind !== 'links' && is_a($class, FieldTypes\OnlyInTables::class, true)) || is_a($class, FieldTypes\NeverStored::class, true));
    }

    /** Those that a person can be asked for on a screen. */
    public static function asked(): Family
    {
        return self::$asked ??= self::but(fn (string $kind, string $class): bool => is_a($class, FieldTypes\OnlyInTables::class, true));
    }

    /** @param  Closure(string, string): bool  $isNot  by kind and class */
    private static function but(Closure $isNot): Family
    {
        $all = self::all();

        return Family::of($all->name, array_filter($all->kinds, fn (string $class, string $kind): bool => ! $isNot($kind, $class), ARRAY_FILTER_USE_BOTH));
    }
}
