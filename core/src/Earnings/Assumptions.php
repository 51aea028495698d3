<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** What a founder takes for likely when a year is rehearsed. Shares are from 0 to 1. */
final readonly class Assumptions
{
    /**
     * @param  float  $arrivals  people who come to know the offer in a month
     * @param  float  $buys  the share of them who begin
     * @param  non-empty-list<array{months: positive-int, price: int, weight: float}>  $plans  prices in minor units, and how many choose each
     * @param  non-empty-list<float>  $leaves  the share who leave in the first month, the second and so on; the last one repeats
     * @param  int  $freeDays  0 for none
     * @param  float  $stays  the share of those who go on to pay after the free days
     * @param  float  $fails  the share of payments that fail at first
     * @param  float  $recovers  the share of those that come after all
     * @param  float  $refunds  the share of first payments that are given back
     * @param  string  $rate  of the tax in the price, in percent
     */
    public function __construct(
        public float $arrivals,
        public float $buys,
        public array $plans,
        public array $leaves,
        public Terms $terms,
        public int $freeDays = 0,
        public float $stays = 1.0,
        public float $fails = 0.0,
        public float $recovers = 0.0,
        public float $refunds = 0.0,
        public string $rate = '0',
        public string $country = 'DE',
        public string $currency = 'EUR',
    ) {
    }

    /** The share that leaves within so many months from an age on, in months. */
    public function leaving(int $age, int $months): float
    {
        $stays = 1.0;
        for ($i = 0; $i < $months; $i++) {
            $stays *= 1 - $this->leaves[min($age + $i, count($this->leaves) - 1)];
        }

        return 1 - $stays;
    }
}
