<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use Lanai\Core\Earnings\Cohorts;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CohortsTest extends TestCase
{
    public function test_who_began_in_a_month_is_counted_after_each_month_that_all_of_them_have_reached(): void
    {
        $had = fn (string $from, string ...$spans): array => [
            new DateTimeImmutable($from),
            array_map(fn (string $span): array => array_map(fn (string $at): DateTimeImmutable => new DateTimeImmutable($at), explode('/', $span)), $spans),
        ];
        $purchases = [
            $had('2027-01-31 10:00', '2027-01-31 10:00/2027-03-05'),
            $had('2027-01-02', '2027-01-02/2027-01-20', '2027-02-15/9999-12-31'),
            $had('2027-01-10'),
            $had('2027-03-01', '2027-03-01/2027-04-04'),
            // Has not begun yet, and is none of them.
            $had('2027-05-01', '2027-05-01/2027-06-01'),
        ];
        self::assertSame(
            [
                // On 28 February, 2 February and 10 February one has it; on 31 March, 2 March and 10 March another.
                ['month' => '2027-01', 'began' => 3, 'kept' => [1, 1]],
                // Those who began in March are not all a month old on 15 April.
                ['month' => '2027-03', 'began' => 1, 'kept' => []],
            ],
            Cohorts::of($purchases, new DateTimeImmutable('2027-04-15')),
        );
    }

    public function test_what_is_older_than_two_years_is_left_out_and_nothing_is_nothing(): void
    {
        $old = [[new DateTimeImmutable('2024-01-01'), [[new DateTimeImmutable('2024-01-01'), new DateTimeImmutable('9999-12-31')]]]];
        self::assertSame([], Cohorts::of($old, new DateTimeImmutable('2027-04-15')));
        self::assertSame([], Cohorts::of([], new DateTimeImmutable('2027-04-15')));
        self::assertSame(array_fill(0, 23, 1), Cohorts::of($old, new DateTimeImmutable('2026-01-31'))[0]['kept']);
    }

    /** With a share that leaves each month, the shares that stay are those of a geometric series (closed form). */
    public function test_a_constant_share_that_leaves_shows_as_a_geometric_series(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $purchases = [];
        for ($i = 0; $i < 20_000; $i++) {
            $began = new DateTimeImmutable('2027-01-15');
            for ($months = 1; $random->getInt(1, 10) > 2; $months++);
            $purchases[] = [$began, [[$began, $began->modify("+$months months")]]];
        }
        [$cohort] = Cohorts::of($purchases, new DateTimeImmutable('2027-09-20'));
        self::assertCount(7, $cohort['kept']);
        foreach ($cohort['kept'] as $n => $kept) {
            self::assertEqualsWithDelta(0.8 ** ($n + 1), $kept / $cohort['began'], 0.012);
        }
    }
}
