<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\Ordered;
use Lanai\Core\Values\Place;
use Lanai\Core\Values\TimeOfDay;

/** How values of each kind are kept: the stored form orders as the values do. */
final class Stored
{
    private const MOMENT = 'Y-m-d\TH:i:s\Z';

    private static ?DateTimeZone $utc = null;

    public static function plain(mixed $value): string|int|float|null
    {
        return match (true) {
            $value === null, is_string($value), is_int($value), is_float($value) => $value,
            is_bool($value) => (int) $value,
            $value instanceof DateTimeImmutable => $value->setTimezone(self::utc())->format(self::MOMENT),
            $value instanceof Ordered => $value->key(),
            $value instanceof Place => $value->written(),
            $value instanceof Row => $value->id,
            is_array($value) => (string) json_encode(array_values($value), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            default => null,
        };
    }

    public static function value(Type $type, mixed $stored): mixed
    {
        if ($stored === null) {
            return null;
        }
        $text = is_scalar($stored) ? (string) $stored : '';

        return match ($type->kind) {
            Kind::Whole, Kind::Row => is_numeric($stored) ? (int) $stored : null,
            Kind::Decimal => is_int($stored) || is_float($stored) ? $stored : (is_numeric($stored) ? (float) $stored : null),
            Kind::YesNo => (bool) $stored,
            Kind::Moment => self::moment($text),
            Kind::Date => Day::of($text),
            Kind::Time => TimeOfDay::of($text),
            Kind::Duration => is_numeric($stored) ? new Duration((int) $stored) : null,
            Kind::Money => is_numeric($stored) ? new Money((int) $stored, $type->one) : null,
            Kind::Place => Place::of($text),
            Kind::Several => array_values(array_filter(is_array($list = json_decode($text, true)) ? $list : [], is_scalar(...))),
            default => is_scalar($stored) ? $text : null,
        };
    }

    private static function moment(string $text): ?DateTimeImmutable
    {
        $at = DateTimeImmutable::createFromFormat('!'.self::MOMENT, $text, self::utc());

        return $at === false ? null : $at;
    }

    private static function utc(): DateTimeZone
    {
        return self::$utc ??= new DateTimeZone('UTC');
    }
}
