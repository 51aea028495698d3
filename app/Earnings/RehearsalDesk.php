<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Models\App;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Validation\Rule;
use Lanai\Core\Earnings\Assumptions;
use Lanai\Core\Earnings\Chosen;
use Lanai\Core\Earnings\Outlook;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Values\Currency;

/** What a founder takes for likely of a subscription, and what it would bring. */
final readonly class RehearsalDesk
{
    /** The months of age over which the share that leaves falls from that of the first to that of all later ones. */
    private const SETTLES = 12;

    private const USUAL = [
        'arrivals' => 400,
        'months' => 24,
        'share' => 3,
        'first' => 9,
        'later' => 4,
        'stays' => 60,
        'fails' => 3,
        'recovers' => 60,
        'refunds' => 2,
        'tax' => 19,
        'sold' => Sold::SmallStore,
        'spent' => 2000,
    ];

    public function __construct(private App $app)
    {
    }

    /** @return list<Product> those that can be rehearsed: subscriptions with plans of which nothing is still to be filled in */
    public function products(): array
    {
        return array_values(
            array_filter(
                $this->app->revision->read()->products,
                fn (Product $p): bool => $p->sold === Product::SUBSCRIPTION && $p->plans !== [] && self::trouble($p) === '',
            ),
        );
    }

    /** Why a subscription cannot be rehearsed; '' where it can. */
    public static function trouble(Product $product): string
    {
        $open = array_filter($product->plans, fn (Plan $plan): bool => ! $plan->isWhole());
        $currencies = array_unique(array_map(fn (Plan $plan): string => $plan->currency, $product->plans));

        return match (true) {
            $product->plans === [] => "$product->name has no plan yet.",
            $open !== [] => 'A plan of '.$product->name.' still has a blank.',
            count($currencies) > 1 => "The plans of $product->name have prices in ".implode(' and ', $currencies).': they cannot be added up.',
            default => '',
        };
    }

    /** @return array<string, list<mixed>> rules for what a founder takes for likely */
    public static function rules(): array
    {
        $share = ['sometimes', 'numeric', 'min:0', 'max:100'];

        return [
            'product' => ['sometimes', 'string', 'max:100'],
            'arrivals' => ['sometimes', 'numeric', 'min:0', 'max:1000000'],
            'months' => ['sometimes', 'integer', 'min:3', 'max:60'],
            'plans' => ['sometimes', 'array', 'max:50'],
            'plans.*.share' => $share,
            'plans.*.price' => ['sometimes', 'numeric', 'min:0', 'max:1000000'],
            'plans.*.freeDays' => ['sometimes', 'integer', 'min:0', 'max:365'],
            'first' => $share,
            'later' => $share,
            'stays' => $share,
            'fails' => $share,
            'recovers' => $share,
            'refunds' => $share,
            'tax' => $share,
            'sold' => ['sometimes', Rule::enum(Sold::class)->only(Sold::kinds())],
            'spent' => ['sometimes', 'numeric', 'min:0', 'max:1000000000'],
        ];
    }

    /**
     * What is taken for likely: what is told now, else what the founder said last, else what is usual.
     *
     * @param  array<string, mixed>  $told  as in rules()
     * @return array<string, mixed>
     */
    public function assumed(Product $product, array $told = []): array
    {
        $kept = $this->app->rehearsal[$product->key()] ?? [];
        $said = $told + (is_array($kept) ? $kept : []);
        $number = fn (string $key): float => (float) (is_numeric($said[$key] ?? null) ? $said[$key] : self::USUAL[$key]);
        $plans = [];
        $at = (int) array_search($product->key(), array_map(fn (Product $p): string => $p->key(), $this->app->revision->read()->products), true);
        foreach ($product->plans as $i => $plan) {
            $own = is_array($said['plans'][$plan->key()] ?? null) ? $said['plans'][$plan->key()] : [];
            $plans[$plan->key()] = [
                'at' => "/products/$at/plans/$i",
                'name' => $plan->name,
                'every' => $plan->every,
                'share' => (float) ($own['share'] ?? self::USUAL['share']),
                'price' => (float) ($told['plans'][$plan->key()]['price'] ?? $plan->price),
                'asked' => (float) $plan->price,
                'freeDays' => (int) ($told['plans'][$plan->key()]['freeDays'] ?? $plan->freeDays ?? 0),
            ];
        }
        $assumed = ['product' => $product->key(), 'months' => (int) $number('months'), 'plans' => $plans];
        foreach (['arrivals', 'first', 'later', 'stays', 'fails', 'recovers', 'refunds', 'tax', 'spent'] as $key) {
            $assumed[$key] = $number($key);
        }
        $sold = Sold::tryFrom(is_string($said['sold'] ?? null) ? $said['sold'] : '') ?? self::USUAL['sold'];

        return $assumed + ['sold' => $sold->value];
    }

    /**
     * What it would bring: bands by month, each the 10 % quantile, the median and the 90 % quantile; amounts in whole units of the currency.
     *
     * @param  array<string, mixed>  $assumed  as assumed() gives it
     * @return array<string, mixed> as RehearsalResult in docs/studio.schema.json
     */
    public function rehearsed(Product $product, array $assumed, int $seed = 1): array
    {
        $currency = $product->plans[0]->currency;
        $unit = 10 ** Currency::digits($currency);
        $months = $assumed['months'];
        $outlook = Outlook::of($this->assumptions($product, $assumed), $months, $seed);
        $money = fn (array $bands): array => array_map(fn (array $band): array => array_map(fn (float $v): float => round($v / $unit, 2), $band), $bands);
        $people = array_map(fn (array $band): array => array_map(fn (float $v): float => round($v), $band), $outlook->paying);

        return [
            'currency' => $currency,
            'digits' => Currency::digits($currency),
            'begins' => (new DateTimeImmutable('first day of next month', new DateTimeZone('UTC')))->format('Y-m'),
            'paying' => $people,
            'recurring' => $money($outlook->recurring),
            'bank' => $money($outlook->bank),
            'tax' => $money($outlook->tax),
            'each' => round($outlook->each[$months - 1] / $unit, 2),
            'kept' => array_map(fn (float $share): float => round($share, 3), $outlook->kept),
            'stay' => round($outlook->stay, 1),
            'returns' => $assumed['spent'] > 0 ? $outlook->returns((int) round($assumed['spent'] * $unit)) : null,
        ];
    }

    /** @param  array<string, mixed>  $assumed  as assumed() gives it */
    public function assumptions(Product $product, array $assumed): Assumptions
    {
        $currency = $product->plans[0]->currency;
        $digits = Currency::digits($currency);
        $chosen = [];
        $all = 0.0;
        foreach ($product->plans as $plan) {
            $of = $assumed['plans'][$plan->key()];
            $minor = fn (string $amount): int => BigDecimal::of($amount)->multipliedBy(10 ** $digits)->toScale(0, RoundingMode::HALF_UP)->toInt();
            $first = $plan->beginsLower() ? [$minor($plan->begins), (int) $plan->begin] : [0, 0];
            $chosen[] = new Chosen($plan->cycle(), $minor((string) $of['price']), $of['share'], $of['freeDays'], ...$first);
            $all += $of['share'];
        }
        $leaves = [];
        for ($month = 0; $month < self::SETTLES; $month++) {
            $leaves[] = ($assumed['first'] + ($assumed['later'] - $assumed['first']) * $month / (self::SETTLES - 1)) / 100;
        }

        return new Assumptions(
            $assumed['arrivals'],
            min(1.0, $all / 100),
            $chosen,
            $leaves,
            Sold::from($assumed['sold'])->terms(),
            $assumed['stays'] / 100,
            $assumed['fails'] / 100,
            $assumed['recovers'] / 100,
            $assumed['refunds'] / 100,
            (string) $assumed['tax'],
            currency: $currency,
        );
    }

    /** @param  array<string, mixed>  $assumed */
    public function keep(Product $product, array $assumed): void
    {
        $this->app->rehearsal = [$product->key() => $assumed] + ($this->app->rehearsal ?? []);
        $this->app->save();
    }
}
