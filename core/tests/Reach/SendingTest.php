<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Reach\Quiet;
use Lanai\Core\Reach\Sending;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SendingTest extends TestCase
{
    #[TestWith(['22:00', '07:00', '2026-12-02T21:59', null])]
    #[TestWith(['22:00', '07:00', '2026-12-02T22:00', '2026-12-03T07:00'])]
    #[TestWith(['22:00', '07:00', '2026-12-03T03:00', '2026-12-03T07:00'])]
    #[TestWith(['22:00', '07:00', '2026-12-03T06:59', '2026-12-03T07:00'])]
    #[TestWith(['22:00', '07:00', '2026-12-03T07:00', null])]
    #[TestWith(['12:00', '13:00', '2026-12-02T12:30', '2026-12-02T13:00'])]
    #[TestWith(['12:00', '13:00', '2026-12-02T13:00', null])]
    #[TestWith(['00:00', '06:30', '2026-12-02T00:00', '2026-12-02T06:30'])]
    // The clock goes back in the night of the 25th of October, and on in that of the 29th of March.
    #[TestWith(['22:00', '07:00', '2026-10-25T00:30', '2026-10-25T07:00'])]
    #[TestWith(['22:00', '07:00', '2026-03-28T23:00', '2026-03-29T07:00'])]
    public function test_quiet_hours_are_by_the_clock_where_somebody_is(string $from, string $until, string $now, ?string $end): void
    {
        $there = new DateTimeZone('Europe/Oslo');
        $found = Quiet::between($from, $until)?->endAfter((new DateTimeImmutable($now, $there))->setTimezone(new DateTimeZone('UTC')), $there);
        self::assertSame($end, $found?->setTimezone($there)->format('Y-m-d\TH:i'));
    }

    #[TestWith(['', '07:00'])]
    #[TestWith(['22:00', ''])]
    #[TestWith(['22:00', '22:00'])]
    #[TestWith(['24:00', '07:00'])]
    #[TestWith(['late', 'early'])]
    public function test_without_two_times_no_hour_is_quiet(string $from, string $until): void
    {
        self::assertNull(Quiet::between($from, $until));
    }

    public function test_each_rule_says_why(): void
    {
        $utc = new DateTimeZone('UTC');
        $now = new DateTimeImmutable('2026-12-02 12:00', $utc);
        $night = new DateTimeImmutable('2026-12-02 23:00', $utc);
        $at = $now->getTimestamp();
        $day = $now->modify('+1 day');
        $worth = $night->modify('+9 hours');
        $why = fn (Sending $s): array => [$s->due?->format('d H:i'), $s->why];
        $quiet = Quiet::between('22:00', '07:00');
        self::assertSame(['02 12:00', ''], $why(Sending::decide($now, $day, $utc, $quiet, 3, [$at - 100, $at - 90_000])));
        self::assertSame([null, '“News” is turned off.'], $why(Sending::decide($now, $day, $utc, off: 'News')));
        self::assertSame([null, 'No phone of theirs lets messages in.'], $why(Sending::decide($now, $day, $utc, reachable: false)));
        self::assertSame(['03 07:00', 'It is night where they are: it comes in the morning.'], $why(Sending::decide($night, $worth, $utc, $quiet)));
        $never = 'It is night where they are, and in the morning it is worth nothing any more.';
        self::assertSame([null, $never], $why(Sending::decide($night, $night->modify('+8 hours'), $utc, $quiet)));
        self::assertSame([null, 'They had it less than 2 hours ago.'], $why(Sending::decide($now, $day, $utc, before: $at - 7199, seldom: 2)));
        self::assertSame(['02 12:00', ''], $why(Sending::decide($now, $day, $utc, before: $at - 7200, seldom: 2)));
        self::assertSame([null, 'They had one message in a day already.'], $why(Sending::decide($now, $day, $utc, daily: 1, had: [$at - 86_399])));
        self::assertSame(['02 12:00', ''], $why(Sending::decide($now, $day, $utc, daily: 1, had: [$at - 86_400])));
        // What comes in the morning counts, too: three of one night are not four.
        $morning = (new DateTimeImmutable('2026-12-03 07:00', $utc))->getTimestamp();
        self::assertSame([null, 'They had 3 messages in a day already.'], $why(Sending::decide($night, $day, $utc, $quiet, 3, [$morning, $morning, $morning])));
    }
}
