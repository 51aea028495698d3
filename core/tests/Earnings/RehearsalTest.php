<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use Lanai\Core\Earnings\Assumptions;
use Lanai\Core\Earnings\Chance;
use Lanai\Core\Earnings\Chosen;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Forecast;
use Lanai\Core\Earnings\Place;
use Lanai\Core\Earnings\Rehearsal;
use Lanai\Core\Earnings\Terms;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Months with made-up customers, against what is known of them in closed form. */
final class RehearsalTest extends TestCase
{
    /** @param  array<string, mixed>  $more */
    private function of(array $more = []): Assumptions
    {
        return new Assumptions(
            ...($more + [
                'arrivals' => 200.0,
                'buys' => 0.5,
                'plans' => [new Chosen(new Cycle('month'), 499, 1.0)],
                'leaves' => [0.1],
                'terms' => new Terms('Quay', '15'),
                'rate' => '19',
            ]),
        );
    }

    public function test_people_paying_settle_at_those_who_come_by_the_share_that_leaves(): void
    {
        // A geometric lifetime: with a tenth leaving each month a customer pays 1 / 0.1 = 10 months; 200 × 0.5 × 10 = 1,000 pay in the end.
        $forecast = Rehearsal::of($this->of(), 60, 1);
        $late = array_slice($forecast->paying, 45);
        self::assertEqualsWithDelta(1000, array_sum($late) / count($late), 50);
        // Of those who came in the first ten months nearly all have gone by then; so the months of all are near to ten for each.
        $short = Rehearsal::of($this->of(['leaves' => [0.5]]), 60, 2);
        self::assertEqualsWithDelta(2.0, $short->months / $short->customers, 0.08);
    }

    public function test_the_same_seed_says_the_same_and_another_price_moves_money_alone(): void
    {
        $one = Rehearsal::of($this->of(), 24, 5);
        self::assertEquals($one, Rehearsal::of($this->of(), 24, 5));
        $dearer = Rehearsal::of($this->of(['plans' => [new Chosen(new Cycle('month'), 998, 1.0)]]), 24, 5);
        self::assertSame($one->paying, $dearer->paying);
        self::assertSame(array_map(fn (int $paid): int => 2 * $paid, $one->paid), $dearer->paid);
        // More who come are never fewer who pay, month by month.
        $more = Rehearsal::of($this->of(['arrivals' => 220.0]), 24, 5);
        foreach ($one->paying as $month => $paying) {
            self::assertGreaterThanOrEqual($paying, $more->paying[$month]);
        }
    }

    /** @param  array<string, mixed>  $more */
    #[TestWith([[]])]
    #[TestWith([['plans' => [new Chosen(new Cycle('month'), 499, 1.0, 7)], 'stays' => 0.6]])]
    #[TestWith([['fails' => 0.2, 'recovers' => 0.5, 'refunds' => 0.1]])]
    #[TestWith([['plans' => [new Chosen(new Cycle('month'), 499, 2.0), new Chosen(new Cycle('year'), 3999, 1.0)]]])]
    public function test_what_is_paid_is_kept_taxed_and_left_over_to_the_cent(array $more): void
    {
        foreach ([true, false] as $sells) {
            $forecast = Rehearsal::of($this->of($more + ['terms' => new Terms('T', '15', 0, $sells)]), 30, 9);
            $this->holds($forecast);
            self::assertSame(
                array_sum($forecast->paid),
                array_sum($forecast->commission) + array_sum($forecast->tax) + array_sum(array_map($forecast->proceeds(...), range(0, 29))),
            );
        }
    }

    private function holds(Forecast $forecast): void
    {
        self::assertGreaterThan(0, array_sum($forecast->paying));
        // Nothing is earned that was not paid, without tax; and never more than by then.
        $paid = $earned = 0;
        foreach ($forecast->paid as $month => $amount) {
            $paid += $amount - $forecast->tax[$month];
            $earned += $forecast->earned[$month];
            self::assertLessThanOrEqual($paid, $earned);
        }
    }

    public function test_each_place_has_its_own_prices_tax_and_till(): void
    {
        $quay = new Place(new Terms('Quay', '15', paysAfter: 1), 'DE', '19', 3.0);
        $card = new Place(new Terms('Till', '0', 0, false), 'CH', '0', 1.0, [[1000, 0]]);
        $both = Rehearsal::of($this->of(['arrivals' => 2000.0, 'leaves' => [1.0], 'places' => [$quay, $card]]), 6, 3);
        $this->holds($both);
        // Each pays once: three quarters 4.99, of which 4.19 are without tax, and one quarter 10.00 without any.
        $each = array_sum($both->paid) / $both->customers;
        self::assertEqualsWithDelta(0.75 * 499 + 0.25 * 1000, $each, 12);
        self::assertEqualsWithDelta(0.75 * 80 / (0.75 * 499 + 0.25 * 1000), array_sum($both->tax) / array_sum($both->paid), 0.01);
        // By card it is there in the same month, through the store a month later.
        self::assertEqualsWithDelta(0.25 * 1000 * $both->customers / 6, $both->bank[0], 0.15 * $both->bank[0]);
        self::assertLessThan($both->bank[1], $both->bank[0]);
    }

    public function test_what_is_kept_is_paid_once_and_had_for_good_and_what_is_used_up_is_bought_again(): void
    {
        $kept = Rehearsal::of($this->of(['plans' => [new Chosen(new Cycle('month'), 499, 1.0, kind: 'kept')], 'leaves' => [0.5]]), 12, 8);
        self::assertSame($kept->customers, $kept->paying[11]);
        self::assertSame(499 * $kept->customers, array_sum($kept->paid));
        self::assertSame(0.0, array_sum($kept->recurring));
        $this->holds($kept);
        $used = Rehearsal::of($this->of(['plans' => [new Chosen(new Cycle('month'), 100, 1.0, kind: 'used')], 'leaves' => [0.5], 'fails' => 1.0]), 24, 8);
        // Half of them come again, and again half of those: twice each in the end.
        self::assertEqualsWithDelta(2.0, array_sum($used->paid) / 100 / $used->customers, 0.12);
        $this->holds($used);
    }

    public function test_a_tenth_of_free_days_that_lead_on_is_a_tenth_of_those_who_pay(): void
    {
        $free = ['arrivals' => 2000.0, 'plans' => [new Chosen(new Cycle('month'), 499, 1.0, 7)], 'leaves' => [0.0]];
        $all = Rehearsal::of($this->of($free + ['stays' => 1.0]), 6, 3);
        $some = Rehearsal::of($this->of($free + ['stays' => 0.1]), 6, 3);
        self::assertSame($all->customers, $some->customers);
        self::assertEqualsWithDelta(0.1, $some->paying[5] / $all->paying[5], 0.01);
        self::assertGreaterThan(0, min($all->trying));
    }

    #[TestWith([0.0])]
    #[TestWith([0.3])]
    #[TestWith([40.0])]
    #[TestWith([3000.0])]
    public function test_as_many_come_as_are_expected_and_as_unevenly(float $expected): void
    {
        $counts = [];
        for ($seed = 0; $seed < 2000; $seed++) {
            $counts[] = (new Chance($seed))->count($expected);
        }
        $mean = array_sum($counts) / count($counts);
        $spread = array_sum(array_map(fn (int $count): float => ($count - $mean) ** 2, $counts)) / count($counts);
        // A Poisson distribution: mean and variance are the same.
        self::assertEqualsWithDelta($expected, $mean, 4 * sqrt($expected / 2000) + 1e-9);
        self::assertEqualsWithDelta($expected, $spread, 0.15 * $expected + 1e-9);
    }
}
