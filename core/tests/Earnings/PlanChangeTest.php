<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\PlanChange;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What another plan costs at once: worked out by hand, and as properties. */
final class PlanChangeTest extends TestCase
{
    /** @param  array{int, int, string}  $is  what is left, what is paid, until when */
    #[TestWith(['2027-06-16', 3000, '2027-06-01', '2027-07-01', 'year', 12000, [1500, 10500, '2028-06-16']])]
    #[TestWith(['2027-06-01', 3000, '2027-06-01', '2027-07-01', 'year', 12000, [3000, 9000, '2028-06-01']])]
    #[TestWith(['2027-07-01', 3000, '2027-06-01', '2027-07-01', 'month', 5000, [0, 5000, '2027-08-01']])]
    #[TestWith(['2027-01-31', 3650, '2027-01-01', '2028-01-01', 'month', 1000, [3350, 0, '2027-05-04']])]
    #[TestWith(['2027-06-03', 0, '2027-06-01', '2027-06-08', 'month', 399, [0, 399, '2027-07-03']])]
    public function test_it_costs_what_is_left_of_the_price(string $now, int $worth, string $from, string $until, string $unit, int $price, array $is): void
    {
        $change = PlanChange::now(self::at($now), $worth, self::at($from), self::at($until), new Cycle($unit), $price, new DateTimeZone('UTC'));
        self::assertSame($is, [$change->unused, $change->charge, $change->until->format('Y-m-d')]);
    }

    public function test_nobody_pays_more_than_the_price_or_loses_what_they_paid(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($i = 0; $i < 5000; $i++) {
            $from = self::at('2027-01-01')->modify('+'.$random->getInt(0, 800).' hours');
            $until = $from->modify('+'.$random->getInt(1, 9000).' hours');
            $now = $from->modify('+'.$random->getInt(0, 10000).' hours');
            [$worth, $price] = [$random->getInt(0, 20000), $random->getInt(50, 20000)];
            $cycle = new Cycle(['week', 'month', 'year'][$random->getInt(0, 2)]);
            $change = PlanChange::now($now, $worth, $from, $until, $cycle, $price, new DateTimeZone('UTC'));
            self::assertGreaterThanOrEqual(0, $change->charge);
            self::assertLessThanOrEqual($price, $change->charge);
            $period = $cycle->begins(1, $now, new DateTimeZone('UTC'))->getTimestamp() - $now->getTimestamp();
            $had = $change->until->getTimestamp() - $now->getTimestamp();
            // What is paid, now and before, is the time that comes at the new price, to within a second.
            self::assertEqualsWithDelta(($change->charge + $change->unused) / $price, $had / $period, 1.01 / $period);
        }
    }

    private static function at(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day, new DateTimeZone('UTC'));
    }
}
