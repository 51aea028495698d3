<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use DateTimeZone;
use IntlDateFormatter;
use Lanai\Core\Data\Row;

/** How values are shown to people, over PHP intl (ICU date patterns, Unicode TR 35). */
final class Formats
{
    /** @var array<string, IntlDateFormatter> */
    private static array $made = [];

    public static function show(mixed $value, Moment $moment): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.'),
            $value instanceof DateTimeImmutable => self::pattern($value, 'EEE d MMM, HH:mm', $moment),
            $value instanceof Row => self::show($value->label(), $moment),
            is_array($value) => implode(', ', array_map(fn (mixed $v): string => self::show($v, $moment), $value)),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }

    public static function pattern(DateTimeImmutable $at, string $pattern, Moment $moment): string
    {
        $key = $pattern.$moment->zone->getName().$moment->locale;
        self::$made[$key] ??= new IntlDateFormatter($moment->locale, IntlDateFormatter::NONE, IntlDateFormatter::NONE, $moment->zone, null, $pattern);

        return (string) self::$made[$key]->format($at);
    }

    /** "in 3 hours", "2 days ago": the largest unit that fits, rounded down. */
    public static function relative(DateTimeImmutable $at, Moment $moment): string
    {
        $seconds = $at->getTimestamp() - $moment->now->getTimestamp();
        $size = abs($seconds);
        foreach (['day' => 86400, 'hour' => 3600, 'minute' => 60] as $unit => $length) {
            if ($size >= $length) {
                $count = intdiv($size, $length);
                $words = $count.' '.$unit.($count === 1 ? '' : 's');

                return $seconds > 0 ? "in $words" : "$words ago";
            }
        }

        return 'now';
    }

    /** @return DateTimeImmutable midnight of that instant's day in the zone, as an instant */
    public static function startOfDay(DateTimeImmutable $at, DateTimeZone $zone): DateTimeImmutable
    {
        return $at->setTimezone($zone)->setTime(0, 0)->setTimezone(new DateTimeZone('UTC'));
    }
}
