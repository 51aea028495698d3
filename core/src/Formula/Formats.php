<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use IntlDateFormatter;
use Lanai\Core\Formula\Kinds\Kinds;
use NumberFormatter;

/** How values are shown to people, over PHP intl (ICU date patterns, Unicode TR 35). */
final class Formats
{
    /** In seconds. */
    private const HALF_A_YEAR = 183 * 86400;

    /** @var array<string, IntlDateFormatter> */
    private static array $made = [];

    public static function show(mixed $value, Moment $moment): string
    {
        return is_string($value) ? $value : Kinds::holding($value)->shown($value, $moment);
    }

    /** A value written the same whoever looks: for grids and files. */
    public static function plain(mixed $value): string
    {
        return Kinds::holding($value)->plain($value);
    }

    /** Two locales write 1234.5 as “1,234.50” and “1.234,50”. */
    public static function decimal(int|float $value, int $digits, Moment $moment): string
    {
        $format = new NumberFormatter($moment->locale, NumberFormatter::DECIMAL);
        $format->setAttribute(NumberFormatter::FRACTION_DIGITS, $digits);
        $format->setAttribute(NumberFormatter::ROUNDING_MODE, NumberFormatter::ROUND_HALFUP);

        return (string) $format->format($value);
    }

    public static function percent(int|float $value, int $digits, Moment $moment): string
    {
        $format = new NumberFormatter($moment->locale, NumberFormatter::PERCENT);
        $format->setAttribute(NumberFormatter::FRACTION_DIGITS, $digits);

        return (string) $format->format($value);
    }

    /** The one or the other, by the language's plural rule. */
    public static function plural(int $count, string $one, string $many, Moment $moment): string
    {
        return \MessageFormatter::formatMessage($moment->locale, '{0, plural, one{1} other{2}}', [$count]) === '1' ? $one : $many;
    }

    public static function longDate(DateTimeImmutable $at, Moment $moment): string
    {
        return (string) (new IntlDateFormatter($moment->locale, IntlDateFormatter::LONG, IntlDateFormatter::NONE, $moment->zone))->format($at);
    }

    public static function pattern(DateTimeImmutable $at, string $pattern, Moment $moment): string
    {
        $key = $pattern.$moment->zone->getName().$moment->locale;
        self::$made[$key] ??= new IntlDateFormatter($moment->locale, IntlDateFormatter::NONE, IntlDateFormatter::NONE, $moment->zone, null, $pattern);

        return (string) self::$made[$key]->format($at);
    }

    /** A day as it is said, with its year where the same day of another year is nearer. */
    public static function day(DateTimeImmutable $at, Moment $moment): string
    {
        $far = abs($at->getTimestamp() - $moment->now->getTimestamp()) > self::HALF_A_YEAR;

        return self::pattern($at, $far ? 'EEE d MMM y' : 'EEE d MMM', $moment);
    }

    /** "Today", "Yesterday", the day of the week within the last six days, and else the day, where the person is. */
    public static function dayInWords(DateTimeImmutable $at, Moment $moment): string
    {
        // Days of a zone are not all of the same length.
        $day = fn (DateTimeImmutable $when): DateTimeImmutable => new DateTimeImmutable($when->setTimezone($moment->zone)->format('Y-m-d').'T00:00:00Z');
        $ago = (int) $day($at)->diff($day($moment->now))->format('%r%a');

        return match (true) {
            $ago === 0 => 'Today',
            $ago === 1 => 'Yesterday',
            $ago > 1 && $ago < 7 => self::pattern($at, 'EEEE', $moment),
            default => self::longDate($at, $moment),
        };
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
}
