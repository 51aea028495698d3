<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;

/** What is to be bought, as tills are told of it. */
final readonly class Offered
{
    private const PRICE = ['price' => true, 'currency' => true, 'firstPrice' => true];

    /**
     * @param  bool  $freeDays  they have not had them
     * @param  bool  $lower  they have not paid a lower price before
     * @param  string  $account  by which the till knows who buys, and nothing else of them
     * @param  string  $back  the address to come back to
     * @param  string  $notify  the address that hears what happens
     * @param  string  $merchant  for whom it is sold: what is paid out is by them
     * @param  string  $country  where the person is, ISO 3166-1; '' where that is not known
     */
    public function __construct(
        public Product $product,
        public ?Plan $plan,
        public string $shop = '',
        public bool $freeDays = true,
        public bool $lower = true,
        public string $account = '',
        public string $back = '',
        public string $notify = '',
        public string $merchant = '',
        public string $country = '',
    ) {
    }

    /** What a store calls it. */
    public function id(): string
    {
        return $this->plan === null ? $this->product->key() : "{$this->product->key()}.{$this->plan->key()}";
    }

    /**
     * Where the person is.
     *
     * @return array<string, mixed> name, price and currency, period, and how it begins
     */
    public function terms(): array
    {
        return $this->in($this->country);
    }

    /** @return array<string, mixed> what a store has of it: its terms, and what it costs in countries that have a price of their own */
    public function onShelf(): array
    {
        $prices = [];
        $usual = array_intersect_key($this->in(''), self::PRICE);
        foreach ($this->product->countries() as $country) {
            $price = array_intersect_key($this->in($country), self::PRICE);
            if ($price !== $usual) {
                $prices[$country] = $price;
            }
        }

        return $this->in('') + ['prices' => $prices];
    }

    /** @return array<string, mixed> */
    private function in(string $country): array
    {
        $plan = $this->plan;
        $price = $this->product->priceIn($country, $plan);
        $lower = $plan !== null && $plan->beginsLower() && $this->lower;

        return [
            'name' => $plan === null ? $this->product->name : "{$this->product->name}, $plan->name",
            'price' => $price->minor(),
            'currency' => $price->currency,
            'every' => $plan === null ? '' : $plan->period(),
            'firstPrice' => $lower ? $price->minorAtFirst() : $price->minor(),
            'firstTimes' => $lower ? (int) $plan->begin : 0,
            'freeDays' => $plan === null || ! $this->freeDays ? 0 : (int) $plan->freeDays,
        ];
    }
}
