<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** On 24 December 2026: a day is said with its year where the same day of another year is nearer. */
final class FarDaysTest extends TestCase
{
    #[TestWith(['2026-12-24', 'Thu 24 Dec'])]
    #[TestWith(['2027-01-03', 'Sun 3 Jan'])]
    #[TestWith(['2027-06-25', 'Fri 25 Jun'])]
    #[TestWith(['2027-06-26', 'Sat 26 Jun 2027'])]
    #[TestWith(['2026-06-25', 'Thu 25 Jun'])]
    #[TestWith(['2026-05-01', 'Fri 1 May 2026'])]
    #[TestWith(['2035-05-09', 'Wed 9 May 2035'])]
    public function test_a_day(string $day, string $said): void
    {
        self::assertSame($said, Formats::show(Day::of($day), World::moment()));
        self::assertSame("$said, 00:00", Formats::show(World::at($day), World::moment()));
    }
}
