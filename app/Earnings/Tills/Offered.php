<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Values\Currency;

/** What is to be bought, as tills are told of it. */
final readonly class Offered
{
    private const PERIODS = ['week' => 'P1W', 'month' => 'P1M', 'quarter' => 'P3M', 'half' => 'P6M', 'year' => 'P1Y'];

    /**
     * @param  bool  $freeDays  they have not had them
     * @param  bool  $lower  they have not paid a lower price before
     * @param  string  $account  by which the till knows who buys, and nothing else of them
     * @param  string  $back  the address to come back to
     * @param  string  $notify  the address that hears what happens
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
    ) {
    }

    /** What a store calls it. */
    public function id(): string
    {
        return $this->plan === null ? $this->product->key() : "{$this->product->key()}.{$this->plan->key()}";
    }

    /** @return array<string, mixed> name, price and currency, period, and how it begins */
    public function terms(): array
    {
        $plan = $this->plan;
        $currency = $plan === null ? $this->product->currency : $plan->currency;
        $unit = 10 ** Currency::digits($currency);
        $minor = fn (string $amount): int => BigDecimal::of($amount)->multipliedBy($unit)->toScale(0, RoundingMode::HALF_UP)->toInt();
        $price = $minor($plan === null ? $this->product->price : $plan->price);
        $lower = $plan !== null && $plan->beginsLower() && $this->lower;

        return [
            'name' => $plan === null ? $this->product->name : "{$this->product->name}, $plan->name",
            'price' => $price,
            'currency' => $currency,
            'every' => $plan === null ? '' : self::PERIODS[$plan->every] ?? 'P1M',
            'firstPrice' => $lower ? $minor($plan->begins) : $price,
            'firstTimes' => $lower ? (int) $plan->begin : 0,
            'freeDays' => $plan === null || ! $this->freeDays ? 0 : (int) $plan->freeDays,
        ];
    }
}
