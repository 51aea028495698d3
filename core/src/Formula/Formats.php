<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use IntlDateFormatter;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Text\OwnWords;
use NumberFormatter;

/** How values are shown to people, over PHP intl (ICU date patterns, Unicode TR 35). */
final class Formats
{
    /** In seconds. */
    private const HALF_A_YEAR = 183 * 86400;

    private const AWAY = [
        [86400, 'in {0, plural, one {# day} other {# days}}', '{0, plural, one {# day} other {# days}} ago'],
        [3600, 'in {0, plural, one {# hour} other {# hours}}', '{0, plural, one {# hour} other {# hours}} ago'],
        [60, 'in {0, plural, one {# minute} other {# minutes}}', '{0, plural, one {# minute} other {# minutes}} ago'],
    ];

    /** @var array<string, IntlDateFormatter> */
    private static array $made = [];

    /** @var array<string, NumberFormatter> */
    private static array $numbers = [];

    public static function show(mixed $value, Moment $moment): string
    {
        return is_string($value) ? $value : Kinds::holding($value)->shown($value, $moment);
    }

    /** A value written the same whoever looks: for grids and files. */
    public static function plain(mixed $value): string
    {
        return Kinds::holding($value)->plain($value);
    }

    /** A number with the digits and the decimal sign of the language; nothing stands between thousands, as it may be a year. */
    public static function number(int|float $value, string $plain, Moment $moment): string
    {
        if (str_starts_with($moment->locale, 'en')) {
            return $plain;
        }
        if (! isset(self::$numbers[$moment->locale])) {
            $format = new NumberFormatter($moment->locale, NumberFormatter::DECIMAL);
            $format->setAttribute(NumberFormatter::GROUPING_USED, 0);
            $format->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, 6);
            self::$numbers[$moment->locale] = $format;
        }

        return (string) self::$numbers[$moment->locale]->format($value);
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
            $ago === 0 => OwnWords::in($moment->locale)->say('Today'),
            $ago === 1 => OwnWords::in($moment->locale)->say('Yesterday'),
            $ago > 1 && $ago < 7 => self::pattern($at, 'EEEE', $moment),
            default => self::longDate($at, $moment),
        };
    }

    /** "in 3 hours", "2 days ago": the largest unit that fits, rounded down. */
    public static function relative(DateTimeImmutable $at, Moment $moment): string
    {
        $seconds = $at->getTimestamp() - $moment->now->getTimestamp();
        $own = OwnWords::in($moment->locale);
        foreach (self::AWAY as [$length, $ahead, $back]) {
            if (abs($seconds) >= $length) {
                return $own->say($seconds > 0 ? $ahead : $back, intdiv(abs($seconds), $length));
            }
        }

        return $own->say('now');
    }
}
