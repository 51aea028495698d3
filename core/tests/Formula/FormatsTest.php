<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FormatsTest extends TestCase
{
    #[TestWith([null, ''])]
    #[TestWith([true, 'yes'])]
    #[TestWith([3, '3'])]
    #[TestWith([14.0, '14'])]
    #[TestWith([15.5, '15.5'])]
    #[TestWith([0.1, '0.1'])]
    #[TestWith([['a', 2], 'a, 2'])]
    public function test_a_value_is_shown_plainly(mixed $value, string $shown): void
    {
        self::assertSame($shown, Formats::show($value, World::moment()));
    }

    #[TestWith(['+0 seconds', 'now'])]
    #[TestWith(['+59 seconds', 'now'])]
    #[TestWith(['+60 seconds', 'in 1 minute'])]
    #[TestWith(['+119 minutes', 'in 1 hour'])]
    #[TestWith(['-2 hours', '2 hours ago'])]
    #[TestWith(['+24 hours', 'in 1 day'])]
    #[TestWith(['-47 hours', '1 day ago'])]
    #[TestWith(['+30 days', 'in 30 days'])]
    public function test_a_distance_in_time_is_told_in_its_largest_whole_unit(string $away, string $told): void
    {
        self::assertSame($told, Formats::relative(World::moment()->now->modify($away), World::moment()));
    }

    /** Summer time in Europe ended on 25 October 2026, a day of 25 hours (IANA time zone database). */
    #[TestWith(['2026-10-26T00:30:00+01:00', 'Today'])]
    #[TestWith(['2026-10-26T23:59:00+01:00', 'Today'])]
    #[TestWith(['2026-10-25T23:59:00+01:00', 'Yesterday'])]
    #[TestWith(['2026-10-25T00:00:00+02:00', 'Yesterday'])]
    #[TestWith(['2026-10-24T23:59:00+02:00', 'Saturday'])]
    #[TestWith(['2026-10-20T12:00:00+02:00', 'Tuesday'])]
    #[TestWith(['2026-10-19T23:00:00+02:00', '19 October 2026'])]
    #[TestWith(['2026-10-27T01:00:00+01:00', '27 October 2026'])]
    public function test_a_day_that_is_near_is_told_by_its_name(string $at, string $told): void
    {
        $moment = new Moment(new DateTimeImmutable('2026-10-26T08:00:00+01:00'), new DateTimeZone('Europe/Berlin'));

        self::assertSame($told, Formats::dayInWords(new DateTimeImmutable($at), $moment));
    }

    /** The same instant is another day in another zone: UTC+14 (Pacific/Kiritimati) and UTC-10 (Pacific/Honolulu), by the IANA database. */
    public function test_a_moment_is_shown_on_the_clock_of_the_person(): void
    {
        $at = new DateTimeImmutable('2026-12-24T11:00:00Z');
        $shown = fn (string $zone): string => Formats::show($at, new Moment($at, new DateTimeZone($zone)));

        self::assertSame(['Fri 25 Dec, 01:00', 'Thu 24 Dec, 01:00'], [$shown('Pacific/Kiritimati'), $shown('Pacific/Honolulu')]);
    }
}
