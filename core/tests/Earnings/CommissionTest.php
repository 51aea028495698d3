<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use Lanai\Core\Earnings\Commission;
use Lanai\Core\Earnings\Sold;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is common practice, no source: the tests say what the table is meant to say. */
final class CommissionTest extends TestCase
{
    #[TestWith([Sold::Quay, '2017-05-01', 0, null, '30'])]
    #[TestWith([Sold::Quay, '2026-05-01', 0, null, '15'])]
    #[TestWith([Sold::Quay, '2026-05-01', 999_999, null, '15'])]
    #[TestWith([Sold::Quay, '2026-05-01', 1_000_000, null, '30'])]
    #[TestWith([Sold::Quay, '2026-05-01', 5_000_000, 0, '15'])]
    #[TestWith([Sold::Quay, '2021-08-01', 5_000_000, 0, '30'])]
    #[TestWith([Sold::Pier, '2026-05-01', 5_000_000, 86400, '30'])]
    #[TestWith([Sold::Pier, '2026-05-01', 5_000_000, 365 * 86400, '15'])]
    #[TestWith([Sold::Pier, '2026-05-01', 10, 86400, '15'])]
    #[TestWith([Sold::Pier, '2016-08-31', 0, 800 * 86400, '30'])]
    #[TestWith([Sold::Card, '2026-05-01', 5_000_000, null, '1.5'])]
    public function test_a_store_keeps_by_the_year_the_size_and_the_age(Sold $sold, string $day, int $before, ?int $age, string $percent): void
    {
        self::assertSame($percent, Commission::percent($sold, new DateTimeImmutable($day), $before, $age));
    }
}
