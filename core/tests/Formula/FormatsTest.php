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

    /** The same instant is another day in another zone: UTC+14 (Pacific/Kiritimati) and UTC-10 (Pacific/Honolulu), by the IANA database. */
    public function test_a_moment_is_shown_on_the_clock_of_the_person(): void
    {
        $at = new DateTimeImmutable('2026-12-24T11:00:00Z');
        $shown = fn (string $zone): string => Formats::show($at, new Moment($at, new DateTimeZone($zone)));

        self::assertSame(['Fri 25 Dec, 01:00', 'Thu 24 Dec, 01:00'], [$shown('Pacific/Kiritimati'), $shown('Pacific/Honolulu')]);
    }
}
