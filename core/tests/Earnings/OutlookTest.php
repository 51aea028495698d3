<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use Lanai\Core\Earnings\Assumptions;
use Lanai\Core\Earnings\Chosen;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Outlook;
use Lanai\Core\Earnings\Rehearsal;
use Lanai\Core\Earnings\Terms;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Bands of what may come, against closed forms and against the whole rehearsal. */
final class OutlookTest extends TestCase
{
    /** Where nobody leaves, people paying after n months are Poisson: as many as are expected, give or take the root of it. */
    #[TestWith([40.0])]
    #[TestWith([900.0])]
    public function test_the_band_of_people_is_that_of_a_poisson_number(float $come): void
    {
        $outlook = Outlook::of(self::of($come, 1.0, [new Chosen(new Cycle('month'), 499, 1.0)], [0.0]), 12, 3, 400);
        [$low, $middle, $high] = $outlook->paying[11];
        $expected = 12 * $come;
        // 1.2816 is the 90 % quantile of the normal distribution (from memory); a quantile of 400 runs is known to about a tenth of the spread.
        $reach = 1.2816 * sqrt($expected);

        self::assertEqualsWithDelta($expected, $middle, 0.2 * $reach);
        self::assertEqualsWithDelta($expected - $reach, $low, 0.3 * $reach);
        self::assertEqualsWithDelta($expected + $reach, $high, 0.3 * $reach);
    }

    /** A customer with hazard h pays for (1 - (1 - h)^n) / h months of n. */
    #[TestWith([0.1, 24])]
    #[TestWith([0.3, 12])]
    public function test_what_a_customer_brings_is_what_the_geometric_series_says(float $leaves, int $months): void
    {
        $outlook = Outlook::of(self::of(100.0, 0.5, [new Chosen(new Cycle('month'), 500, 1.0)], [$leaves]), $months, 4);
        $paid = (1 - (1 - $leaves) ** $months) / $leaves;

        self::assertEqualsWithDelta($paid, $outlook->stay, 0.06 * $paid);
        // 5.00 with 19 % tax are 4.20 without; 15 % of that are 0.63.
        self::assertEqualsWithDelta(357 * $paid, $outlook->each[$months - 1], 0.06 * 357 * $paid);
    }

    public function test_bands_are_those_of_whole_rehearsals(): void
    {
        $plans = [new Chosen(new Cycle('month'), 399, 2.0), new Chosen(new Cycle('year'), 2999, 1.0, 7), new Chosen(new Cycle('week'), 149, 0.5)];
        $of = self::of(300.0, 0.2, $plans, [0.12, 0.08, 0.05], new Terms('Quay', '15', paysAfter: 1));
        $outlook = Outlook::of($of, 18, 5);
        $paying = $bank = [];
        for ($seed = 100; $seed < 112; $seed++) {
            $whole = Rehearsal::of($of, 18, $seed);
            $paying[] = $whole->paying[17];
            $bank[] = array_sum(array_map($whole->proceeds(...), range(0, 16)));
        }
        self::assertEqualsWithDelta(array_sum($paying) / 12, $outlook->paying[17][1], 0.05 * $outlook->paying[17][1]);
        self::assertEqualsWithDelta(array_sum($bank) / 12, $outlook->bank[17][1], 0.05 * $outlook->bank[17][1]);
        self::assertSame(0.0, $outlook->bank[0][2], 'The store pays a month later.');
        self::assertNull($outlook->returns(PHP_INT_MAX));
        $month = $outlook->returns((int) $outlook->bank[9][1]);
        self::assertContains($month, [8, 9]);
    }

    public function test_a_dearer_plan_moves_money_and_not_luck(): void
    {
        $cheap = Outlook::of(self::of(50.0, 0.3, [new Chosen(new Cycle('month'), 400, 1.0)], [0.1]), 12, 6);
        $dear = Outlook::of(self::of(50.0, 0.3, [new Chosen(new Cycle('month'), 800, 1.0)], [0.1]), 12, 6);

        self::assertSame($cheap->paying, $dear->paying);
        foreach ($cheap->paid as $month => $band) {
            self::assertEqualsWithDelta(array_map(fn (float $v): float => 2 * $v, $band), $dear->paid[$month], 1e-6);
        }
    }

    public function test_a_lower_price_at_first_is_paid_so_often_and_no_more(): void
    {
        $plan = fn (int $times): Chosen => new Chosen(new Cycle('month'), 800, 1.0, 0, 200, $times);
        $paid = fn (int $times): int => array_sum(Rehearsal::of(self::of(50.0, 0.3, [$plan($times)], [0.0]), 12, 8)->paid);
        $begun = Rehearsal::of(self::of(50.0, 0.3, [$plan(0)], [0.0]), 12, 8)->customers;

        self::assertSame($paid(0) - 600 * $begun, $paid(1));
        self::assertSame(intdiv($paid(0), 4), $paid(99));
    }

    /**
     * @param  non-empty-list<Chosen>  $plans
     * @param  non-empty-list<float>  $leaves
     */
    private static function of(float $arrivals, float $buys, array $plans, array $leaves, Terms $terms = new Terms('Quay', '15')): Assumptions
    {
        return new Assumptions($arrivals, $buys, $plans, $leaves, $terms, rate: '19');
    }
}
