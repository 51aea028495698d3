<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Functions;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Texts;

/** Functions and operators of formulas as a database calls them back: stored forms in, a stored form out. */
final class QueryCall
{
    /** @var array<string, Moment> */
    private static array $moments = [];

    /** @var array<string, list<Type>> */
    private static array $types = [];

    /** @param  list<Type>  $types */
    public static function types(array $types): string
    {
        return implode(' ', array_map(fn (Type $t): string => $t->kind->name.':'.$t->one, $types));
    }

    public static function moment(Moment $moment): string
    {
        return $moment->now->getTimestamp().'|'.$moment->zone->getName().'|'.$moment->locale;
    }

    public static function compute(string $name, string $types, string $moment, mixed ...$stored): string|int|float|null
    {
        $values = [];
        foreach (self::read($types) as $i => $type) {
            $values[] = StoredValue::value($type, $stored[$i] ?? null);
        }

        return StoredValue::plain(self::of($name, $values, self::$moments[$moment] ??= self::at($moment)));
    }

    /** @param  list<mixed>  $values */
    public static function of(string $name, array $values, Moment $moment): mixed
    {
        if (str_starts_with($name, 'operator ')) {
            [$a, $b] = [$values[0] ?? null, $values[1] ?? null];

            return match ($name) {
                'operator starts with' => is_string($a) && is_string($b) && Texts::begins($a, $b),
                'operator ends with' => is_string($a) && is_string($b) && Texts::ends($a, $b),
                'operator matches' => is_string($a) && is_string($b) && Pattern::tries($b, $a),
                default => Arithmetic::of(substr($name, 9), $a, $b),
            };
        }
        $function = Functions::named($name);
        if ($function?->compute === null || (! $function->withNothing && in_array(null, $values, true))) {
            return null;
        }

        return ($function->compute)($moment, ...$values);
    }

    /** @return list<Type> */
    private static function read(string $types): array
    {
        return self::$types[$types] ??= array_map(function (string $each): Type {
            [$kind, $one] = [...explode(':', $each, 2), ''];

            foreach (Kind::cases() as $case) {
                if ($case->name === $kind) {
                    return $case === Kind::Money ? Type::money($one) : Type::of($case);
                }
            }

            return Type::of(Kind::Any);
        }, $types === '' ? [] : explode(' ', $types));
    }

    private static function at(string $moment): Moment
    {
        [$seconds, $zone, $locale] = [...explode('|', $moment), '', ''];

        return new Moment(new DateTimeImmutable('@'.$seconds), new DateTimeZone($zone), $locale);
    }
}
