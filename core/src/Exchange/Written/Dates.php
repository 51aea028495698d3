<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

use IntlDateFormatter;
use Lanai\Core\Text\Pattern;

/** Days and times as files from many countries write them. What is none stays as it is: its field's type says so. */
final class Dates
{
    private const LANGUAGES = ['en', 'de', 'fr', 'es', 'it', 'nl', 'pt', 'sv', 'da', 'nb', 'pl'];

    private const DAY = '/^(?:(\d{4})[-\/.](\d{1,2})[-\/.](\d{1,2})|(\d{1,2})([-\/.]) ?(\d{1,2})\5 ?(\d{4}|\d{2})|(\d{1,2})\.?[ -](\p{L}{3,10})\.?,'
        .'?[ -](\d{4}|\d{2})|(\p{L}{3,10})\.? (\d{1,2}),? (\d{4}))(?=$|[ T,])/u';

    private const TIME = '/^(\d{1,2})(?:[:.h](\d\d))?(?:[:.](\d\d)(?:[.,]\d+)?)?(?: ?([ap])\.?m\.?| ?(?:h|Uhr))?$/iu';

    /** @var array<string, int>|null the beginning of a month's name => its number */
    private static ?array $months = null;

    public static function day(string $cell, bool $monthFirst): string
    {
        $text = trim($cell);
        if (! Pattern::match(self::DAY, $text, $found, PREG_UNMATCHED_AS_NULL)) {
            return $text;
        }

        return self::iso($found, $monthFirst) ?? $text;
    }

    public static function moment(string $cell, bool $monthFirst): string
    {
        $text = trim($cell);
        if (! Pattern::match(self::DAY, $text, $found, PREG_UNMATCHED_AS_NULL)) {
            return $text;
        }
        $day = self::iso($found, $monthFirst);
        $rest = ltrim(substr($text, strlen((string) $found[0])), 'T, ');
        if ($day === null || $rest === '') {
            return $day ?? $text;
        }
        // A time with a zone, as in ISO 8601, is read by the field's type.
        [$whole, $zone] = Pattern::match('/\s*(Z|[+-]\d\d:?\d\d)$/', $rest, $at) ? $at : ['', ''];
        $clock = self::clock($whole === '' ? $rest : substr($rest, 0, -strlen($whole)), true);

        return "$day $clock$zone";
    }

    /** @param  bool  $seconds  whether they stay */
    public static function clock(string $cell, bool $seconds = false): string
    {
        $text = trim($cell);
        if (! Pattern::match(self::TIME, $text, $found) || ((! isset($found[2]) || $found[2] === '') && ! Pattern::match('/[hr]$|m\.?$/i', $text))) {
            return $text;
        }
        $hour = (int) $found[1];
        $half = strtolower($found[4] ?? '');
        if ($half !== '' && ($hour < 1 || $hour > 12)) {
            return $text;
        }
        $hour = match ($half) {
            'a' => $hour % 12,
            'p' => ($hour % 12) + 12,
            default => $hour,
        };

        return sprintf('%02d:%02d', $hour, (int) ($found[2] ?? 0)).($seconds && ($found[3] ?? '') !== '' ? ':'.$found[3] : '');
    }

    /**
     * Whether it is a day with two numbers of which each could be the month: they, in the order they stand; else null.
     *
     * @return array{int, int}|null
     */
    public static function pair(string $cell): ?array
    {
        return Pattern::match('/^\s*(\d{1,2})[-\/.] ?(\d{1,2})[-\/.] ?(?:\d{4}|\d{2})(?!\d)/', $cell, $found) ? [(int) $found[1], (int) $found[2]] : null;
    }

    /** @param  array<int|string, string|null>  $found */
    private static function iso(array $found, bool $monthFirst): ?string
    {
        if ($found[1] !== null) {
            return self::written((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if ($found[4] !== null) {
            [$day, $month] = $monthFirst ? [(int) $found[6], (int) $found[4]] : [(int) $found[4], (int) $found[6]];

            return self::written(self::year((string) $found[7]), $month, $day);
        }
        $month = self::months()[self::short((string) ($found[9] ?? $found[11]))] ?? null;

        return $month === null ? null : self::written(self::year((string) ($found[10] ?? $found[13])), $month, (int) ($found[8] ?? $found[12]));
    }

    private static function written(int $year, int $month, int $day): ?string
    {
        return checkdate($month, $day, $year) ? sprintf('%04d-%02d-%02d', $year, $month, $day) : null;
    }

    /** Two digits: 69 to 99 are of the 20th century (POSIX.1-2017, strptime, %y). */
    private static function year(string $digits): int
    {
        $year = (int) $digits;

        return strlen($digits) > 2 ? $year : $year + ($year >= 69 ? 1900 : 2000);
    }

    /** @return array<string, int> names of months of which no two that begin alike are different months */
    private static function months(): array
    {
        if (self::$months === null) {
            self::$months = [];
            foreach (self::LANGUAGES as $language) {
                foreach (['MMM', 'MMMM', 'LLLL'] as $pattern) {
                    $format = new IntlDateFormatter(
                        $language,
                        IntlDateFormatter::NONE,
                        IntlDateFormatter::NONE,
                        'UTC',
                        IntlDateFormatter::GREGORIAN,
                        $pattern,
                    );
                    for ($month = 1; $month <= 12; $month++) {
                        self::$months[self::short((string) $format->format((int) gmmktime(0, 0, 0, $month, 1, 2026)))] ??= $month;
                    }
                }
            }
        }

        return self::$months;
    }

    private static function short(string $name): string
    {
        return rtrim(mb_strtolower($name), '.');
    }
}
