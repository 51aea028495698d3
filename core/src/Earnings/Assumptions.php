<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** What a founder takes for likely when a year is rehearsed. Shares are from 0 to 1. */
final readonly class Assumptions
{
    /**
     * @param  float  $arrivals  people who come to know the offer in a month
     * @param  float  $buys  the share of them who begin
     * @param  non-empty-list<Chosen>  $plans
     * @param  non-empty-list<float>  $leaves  the share who leave in the first month, the second and so on; the last one repeats
     * @param  float  $stays  the share of those who go on to pay after the free days
     * @param  float  $fails  the share of payments that fail at first
     * @param  float  $recovers  the share of those that come after all
     * @param  float  $refunds  the share of first payments that are given back
     * @param  string  $rate  of the tax in the price, in percent
     * @param  list<Place>  $places  through what and where they buy; none for all through the one till, in the one country
     */
    public function __construct(
        public float $arrivals,
        public float $buys,
        public array $plans,
        public array $leaves,
        public Terms $terms,
        public float $stays = 1.0,
        public float $fails = 0.0,
        public float $recovers = 0.0,
        public float $refunds = 0.0,
        public string $rate = '0',
        public string $country = 'DE',
        public string $currency = 'EUR',
        public array $places = [],
    ) {
    }

    /** @return non-empty-list<Place> */
    public function places(): array
    {
        return $this->places === [] ? [new Place($this->terms, $this->country, $this->rate)] : $this->places;
    }

    /**
     * The share that leaves from an age on within so long, both in months. In a part of a month as many leave as would, month after month, leave in a
     * whole one.
     */
    public function leaving(float $age, float $months): float
    {
        $stays = 1.0;
        for ($to = $age + $months; $age < $to - 1e-9;) {
            $month = (int) floor($age + 1e-9);
            $part = min($to, $month + 1) - $age;
            $stays *= (1 - $this->leaves[min($month, count($this->leaves) - 1)]) ** $part;
            $age += $part;
        }

        return 1 - $stays;
    }
}
