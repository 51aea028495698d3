<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use DateTimeZone;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FunctionsTest extends TestCase
{
    #[TestWith(['part("swimming", 1, 4)', 'swim'])]
    #[TestWith(['replace("a-b-c", "-", "+")', 'a+b+c'])]
    #[TestWith(['upper("straße")', 'STRASSE'])]
    #[TestWith(['length("👩‍👩‍👧")', '1'])]
    #[TestWith(['floor(-1.5) ~ " " ~ ceiling(-1.5) ~ " " ~ abs(-3)', '-2 -1 3'])]
    #[TestWith(['round(2.5) ~ " " ~ round(-2.5) ~ " " ~ round(1.005, 2)', '3 -3 1.01'])]
    #[TestWith(['min(3, 2) ~ max(3, 2) ~ min([5, 4, 6]) ~ max([5, 4, 6])', '2346'])]
    #[TestWith(['sum([1, 2, 3.5]) ~ " " ~ average([1, 2]) ~ " " ~ count([1, null, 3])', '6.5 1.5 3'])]
    #[TestWith(['join(sortBy([3, 1, 2], this), "-") ~ join(sortBy([3, 1, 2], this, "downward"))', '1-2-33, 2, 1'])]
    #[TestWith(['first(where([1, 2, 3, 4], this > 2)) ~ last([1, 2])', '32'])]
    #[TestWith(['any([1, 2], this > 1) ~ every([1, 2], this > 1) ~ any([])', 'yesnono'])]
    #[TestWith(['if(1 > 2, "a", "b") ~ coalesce(null, "c", "d") ~ (null ?? "e")', 'bce'])]
    #[TestWith(['between(3, 1, 3) ~ between("b", "c", "d")', 'yesno'])]
    #[TestWith(['(number("3") + 1) ~ text(2.50) ~ number("x")', '42.5'])]
    #[TestWith(['1 / 0 ?? "nothing"', 'nothing'])]
    public function test_functions_compute(string $formula, string $shown): void
    {
        self::assertSame($shown, $this->shown($formula, World::moment()));
    }

    /**
     * IANA time zone database: in Berlin clocks went from 02:00 to 03:00 on 29 March 2026 and from 03:00 to 02:00 on
     * 25 October 2026. A day later is the same time on the clock, whatever the hours between.
     *
     * @return iterable<array{string, string, string, string}> zone, now, formula, shown
     */
    public static function clocks(): iterable
    {
        yield ['Europe/Berlin', '2026-03-28T11:00:00Z', 'time(addDays(now(), 1)) ~ " " ~ hours(addDays(now(), 1) - now())', '12:00 23'];
        yield ['Europe/Berlin', '2026-10-24T10:00:00Z', 'hours(addDays(now(), 1) - now())', '25'];
        yield ['Europe/Berlin', '2026-03-29T00:30:00Z', 'time(now()) ~ " " ~ time(addHours(now(), 1))', '01:30 03:30'];
        yield ['Europe/Berlin', '2026-03-29T22:30:00Z', 'text(day(now()))', 'Mon 30 Mar'];
        yield ['UTC', '2026-03-29T22:30:00Z', 'time(now(), "Europe/Berlin") ~ " " ~ date(now(), "Europe/Berlin")', '00:30 Mon 30 Mar'];
        yield [
            'America/New_York',
            '2026-01-01T03:00:00Z',
            'year(now()) ~ " " ~ dayOfMonth(now()) ~ " " ~ weekday(now()) ~ " " ~ hour(now())',
            '2025 31 3 22',
        ];
        // ISO 8601: weeks begin on Monday.
        yield [
            'UTC',
            '2026-11-22T10:00:00Z',
            'date(startOf(now(), "week")) ~ " " ~ date(startOf(now(), "month")) ~ " " ~ date(startOf(now(), "year"))',
            'Mon 16 Nov Sun 1 Nov Thu 1 Jan 2026',
        ];
        // A month later is at most the month's last day (as ISO 8601 arithmetic is commonly done; common practice, no source).
        yield ['UTC', '2028-01-31T10:00:00Z', 'date(addMonths(now(), 1)) ~ " " ~ date(addMonths(now(), -2))', 'Tue 29 Feb Tue 30 Nov'];
        yield ['UTC', '2026-12-24T23:30:00Z', 'daysBetween(now(), addHours(now(), 1))', '1'];
        yield ['Europe/Berlin', '2026-12-24T09:30:00Z', 'time(at(day(now()), null ?? null)) ?? "none"', 'none'];
    }

    #[DataProvider('clocks')]
    public function test_dates_follow_the_clock_of_their_zone(string $zone, string $now, string $formula, string $shown): void
    {
        self::assertSame($shown, $this->shown($formula, new Moment(World::at($now), new DateTimeZone($zone))));
    }

    /** ICU itself says how each language writes numbers, money and plurals (CLDR). The no-break spaces are theirs. */
    #[TestWith(['de_DE', 'money(1234.5, "EUR")', "1.234,50\u{a0}€"])]
    #[TestWith(['en_GB', 'money(1234.5, "GBP")', '£1,234.50'])]
    #[TestWith(['ja_JP', 'money(1234, "JPY")', '￥1,234'])]
    #[TestWith(['fr_FR', 'percent(0.256, 1)', "25,6\u{202f}%"])]
    #[TestWith(['de_DE', 'decimal(1234567.891, 2)', '1.234.567,89'])]
    #[TestWith(['en_GB', 'decimal(0.125, 2)', '0.13'])]
    #[TestWith(['en_GB', 'plural(0, "place", "places")', '0 places'])]
    #[TestWith(['fr_FR', 'plural(0, "place", "places")', '0 place'])]
    #[TestWith(['de_DE', 'longDate(now())', '24. Dezember 2026'])]
    #[TestWith(['en_US', 'longDate(now())', 'December 24, 2026'])]
    public function test_formats_follow_the_language(string $locale, string $formula, string $shown): void
    {
        self::assertSame(
            $this->plainSpaces($shown),
            $this->plainSpaces($this->shown($formula, new Moment(World::moment()->now, new DateTimeZone('UTC'), $locale))),
        );
    }

    /**
     * Ed Williams, Aviation Formulary: Los Angeles (33° 57′ N, 118° 24′ W) to New York (40° 38′ N, 73° 47′ W) is 0.623585
     * radians, from memory; on a sphere of 6371.0088 km (the mean radius of the IUGG) that is 3972.9 km. A quarter of a great
     * circle is a quarter of its length, by geometry.
     */
    public function test_distances_are_great_circles(): void
    {
        $names = [
            'la' => \Lanai\Core\Values\Place::of('33.95, -118.4'),
            'ny' => \Lanai\Core\Values\Place::of('40.633333, -73.783333'),
            'pole' => \Lanai\Core\Values\Place::of('90, 0'),
            'zero' => \Lanai\Core\Values\Place::of('0, 77'),
        ];
        $distance = fn (string $formula): mixed => (new Evaluation(World::moment(), new NoRows(), $names))->of(Formula::of($formula));

        self::assertEqualsWithDelta(0.623585 * 6371.0088, $distance('distance(la, ny)'), 0.1);
        self::assertEqualsWithDelta((M_PI / 2) * 6371.0088, $distance('distance(pole, zero)'), 0.001);
        self::assertSame(0.0, $distance('distance(la, la)'));
    }

    private function shown(string $formula, Moment $moment): string
    {
        return Formats::show((new Evaluation($moment, new NoRows(), []))->of(Formula::of($formula)), $moment);
    }

    private function plainSpaces(string $text): string
    {
        return (string) preg_replace('/\h/u', ' ', $text);
    }
}
