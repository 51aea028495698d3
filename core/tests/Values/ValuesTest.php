<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Values;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Values\Currency;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\Place;
use Lanai\Core\Values\TimeOfDay;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ValuesTest extends TestCase
{
    /** ISO 4217, column "Minor unit", from memory. */
    #[TestWith(['EUR', 2])]
    #[TestWith(['USD', 2])]
    #[TestWith(['JPY', 0])]
    #[TestWith(['KRW', 0])]
    #[TestWith(['BHD', 3])]
    #[TestWith(['TND', 3])]
    #[TestWith(['KWD', 3])]
    public function test_currencies_have_their_minor_units(string $currency, int $digits): void
    {
        self::assertSame($digits, Currency::digits($currency));
        self::assertArrayHasKey($currency, Currency::all());
    }

    /** Half a minor unit goes away from zero, exactly, as brick/math has it: no double comes between. */
    public function test_money_is_multiplied_and_divided_exactly(): void
    {
        self::assertEquals(new Money(1075, 'EUR'), (new Money(1000, 'EUR'))->times(1.075));
        self::assertEquals([new Money(3, 'EUR'), new Money(-3, 'EUR')], [(new Money(5, 'EUR'))->over(2), (new Money(-5, 'EUR'))->over(2)]);
        self::assertEquals(new Money(115, 'EUR'), (new Money(100, 'EUR'))->times(1.15), 'As doubles, 100 times 1.15 is 114.99…');
        $random = new Randomizer(new Mt19937(2));
        for ($i = 0; $i < 300; $i++) {
            $minor = $random->getInt(-1_000_000, 1_000_000);
            $thousandths = $random->getInt(1, 99_999);
            $expected = BigDecimal::of($minor)->multipliedBy(BigDecimal::ofUnscaledValue($thousandths, 3))->toScale(0, RoundingMode::HALF_UP)->toInt();

            self::assertSame($expected, (new Money($minor, 'EUR'))->times($thousandths / 1000)->minor);
        }
    }

    /** Whatever is written is read again as the same. */
    public function test_values_are_written_and_read_again(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($i = 0; $i < 300; $i++) {
            $duration = new Duration($random->getInt(0, 10_000_000));
            self::assertEquals($duration, Duration::of($duration->written()), $duration->written());
            $place =
                Place::of(sprintf('%.6F, %.6F', $random->getInt(-90_000_000, 90_000_000) / 1e6, $random->getInt(-180_000_000, 180_000_000) / 1e6)) ??
                self::fail('No place.');
            self::assertEquals($place, Place::of($place->written()));
            $money = new Money($random->getInt(-10_000_000, 10_000_000), ['EUR', 'JPY', 'TND'][$i % 3]);
            self::assertEquals($money, Money::of($money->written(), $money->currency));
            $day = Day::of(date('Y-m-d', $random->getInt(0, 4_000_000_000))) ?? self::fail('No day.');
            self::assertEquals($day, StoredValue::value(Kinds::typeOf($day), StoredValue::plain($day)));
        }
    }

    #[TestWith(['PT36H', 129600])]
    #[TestWith(['P1DT12H', 129600])]
    #[TestWith(['90 minutes', 5400])]
    #[TestWith(['1h', 3600])]
    #[TestWith(['0:45:30', 2730])]
    #[TestWith(['45 s', 45])]
    #[TestWith(['', null])]
    #[TestWith(['P', null])]
    #[TestWith(['1:99', null])]
    #[TestWith(['h', null])]
    public function test_durations_are_read_as_people_and_iso_8601_write_them(string $text, ?int $seconds): void
    {
        self::assertSame($seconds, Duration::of($text)?->seconds);
    }

    /** In Lord Howe the clocks move by half an hour; in São Paulo midnight itself was left out on 4 November 2018 (IANA). */
    #[TestWith(['2018-11-04', 'America/Sao_Paulo', '2018-11-04T03:00:00Z'])]
    #[TestWith(['2026-03-29', 'Europe/Berlin', '2026-03-28T23:00:00Z'])]
    #[TestWith(['2026-10-25', 'Europe/Berlin', '2026-10-24T22:00:00Z'])]
    #[TestWith(['2026-10-04', 'Australia/Lord_Howe', '2026-10-03T13:30:00Z'])]
    public function test_a_day_begins_where_its_zone_says(string $day, string $zone, string $instant): void
    {
        self::assertSame($instant, Day::of($day)?->begins(new DateTimeZone($zone))->format('Y-m-d\TH:i:s\Z'));
        self::assertSame($day, Day::at(new DateTimeImmutable($instant), new DateTimeZone($zone))->iso);
    }

    public function test_days_are_counted_across_leap_years(): void
    {
        self::assertSame('2028-02-29', Day::of('2028-02-28')?->plusDays(1)->iso);
        self::assertSame('2027-03-01', Day::of('2027-02-28')?->plusDays(1)->iso);
        // ISO 8601: from 1970-01-01 to 2000-01-01 there are 10,957 days (Unix time 946,684,800 is 10,957 times 86,400).
        self::assertSame(10957, Arithmetic::of('-', Day::of('2000-01-01'), Day::of('1970-01-01')));
    }

    #[TestWith(['25:00'])]
    #[TestWith(['7:30'])]
    #[TestWith(['07:60'])]
    public function test_what_is_no_time_is_none(string $text): void
    {
        self::assertNull(TimeOfDay::of($text));
    }

    public function test_what_does_not_go_together_gives_nothing(): void
    {
        $eur = new Money(100, 'EUR');
        foreach (
            [
                ['+', $eur, new Money(100, 'USD')],
                ['*', $eur, $eur],
                ['+', $eur, 1],
                ['/', $eur, 0],
                ['/', 1, 0],
                ['%', 1, 0],
                ['+', 'a', 1],
                ['+', null, 1],
                ['-', Day::of('2026-01-01'), new Duration(60)],
                ['**', 10, 400],
            ] as [$operator, $a, $b]
        ) {
            self::assertNull(Arithmetic::of($operator, $a, $b));
        }
    }
}
