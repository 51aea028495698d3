<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** The only list of the kinds of value. */
final class Kinds
{
    /** @var array<string, ValueKind> by name of the case */
    private static array $all = [];

    /** @var array<string, ValueKind> by type of PHP, as far as any were met */
    private static array $met = [];

    public static function of(Kind $kind): ValueKind
    {
        return self::all()[$kind->name];
    }

    /** The kind of a value that is at hand. */
    public static function holding(mixed $value): ValueKind
    {
        return self::$met[get_debug_type($value)] ??= self::found($value);
    }

    private static function found(mixed $value): ValueKind
    {
        foreach (self::all() as $kind) {
            if ($kind->holds($value)) {
                return $kind;
            }
        }

        return self::$all[Kind::Any->name];
    }

    public static function typeOf(mixed $value): Type
    {
        return self::holding($value)->typeOf($value);
    }

    /** @return array<string, ValueKind> those that are met most often first */
    private static function all(): array
    {
        return self::$all !== [] ? self::$all : (self::$all = [
            Kind::Text->name => new Texts(),
            Kind::Whole->name => new Numbers(Kind::Whole),
            Kind::Nothing->name => new Anything(Kind::Nothing),
            Kind::YesNo->name => new YesOrNo(),
            Kind::Decimal->name => new Numbers(Kind::Decimal),
            Kind::Moment->name => new Moments(),
            Kind::Row->name => new Rows(),
            Kind::Money->name => new Amounts(),
            Kind::Date->name => new Days(),
            Kind::Time->name => new Times(),
            Kind::Duration->name => new Durations(),
            Kind::Place->name => new Places(),
            Kind::Several->name => new Lists(),
            Kind::Picture->name => new Uploads(Kind::Picture),
            Kind::File->name => new Uploads(Kind::File),
            Kind::Any->name => new Anything(Kind::Any),
        ]);
    }
}
