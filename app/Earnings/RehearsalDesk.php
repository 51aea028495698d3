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
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Outlook;
use Lanai\Core\Earnings\Place;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Vat;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Values\Country;
use Lanai\Core\Values\Currency;

/** What a founder takes for likely of something that is sold, and what it would bring. */
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
        'spent' => 2000,
    ];

    /** How often what is used up is bought again, in words and as it is paid. */
    private const AGAIN = ['week' => ['week', 1], 'fortnight' => ['week', 2], 'month' => ['month', 1]];

    /** The name under which the price of what has no plans stands among the plans. */
    private const WHOLE = 'whole';

    /** So many countries can be told apart. */
    private const COUNTRIES = 12;

    public function __construct(private App $app)
    {
    }

    /** @return list<Product> those that can be rehearsed: of which nothing is still to be filled in */
    public function products(): array
    {
        return array_values(array_filter($this->app->revision->read()->products, fn (Product $p): bool => self::trouble($p) === ''));
    }

    /** Why something cannot be rehearsed; '' where it can. */
    public static function trouble(Product $product): string
    {
        if ($product->isPaidOnce()) {
            return $product->hasPrice() ? '' : "$product->name has no price yet.";
        }
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
            'again' => ['sometimes', Rule::in(array_keys(self::AGAIN))],
            'stores' => ['sometimes', 'array', 'max:3'],
            'stores.*.key' => ['required', Rule::enum(Sold::class)->only(Sold::kinds())],
            'stores.*.share' => ['required', 'numeric', 'min:0', 'max:100'],
            'countries' => ['sometimes', 'array', 'min:1', 'max:'.self::COUNTRIES],
            'countries.*.country' => ['required', 'string', Rule::in(array_keys(Country::all()))],
            'countries.*.share' => ['required', 'numeric', 'min:0', 'max:100'],
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
        $at = (int) array_search($product->key(), array_map(fn (Product $p): string => $p->key(), $this->app->revision->read()->products), true);
        $plans = [];
        if ($product->isPaidOnce()) {
            $plans[self::WHOLE] = ['at' => "/products/$at", 'name' => $product->name, 'every' => '', 'price' => $product->price, 'freeDays' => 0];
        }
        foreach ($product->plans as $i => $plan) {
            $plans[$plan->key()] = [
                'at' => "/products/$at/plans/$i",
                'name' => $plan->name,
                'every' => $plan->every,
                'price' => $plan->price,
                'freeDays' => $plan->freeDays ?? 0,
            ];
        }
        foreach ($plans as $key => $plan) {
            $own = is_array($said['plans'][$key] ?? null) ? $said['plans'][$key] : [];
            $plans[$key] = [
                'share' => (float) ($own['share'] ?? self::USUAL['share']),
                'asked' => (float) $plan['price'],
                'price' => (float) ($told['plans'][$key]['price'] ?? $plan['price']),
                'freeDays' => (int) ($told['plans'][$key]['freeDays'] ?? $plan['freeDays']),
            ] + $plan;
        }
        $assumed = ['product' => $product->key(), 'kind' => $product->sold, 'months' => (int) $number('months'), 'plans' => $plans];
        foreach (['arrivals', 'first', 'later', 'stays', 'fails', 'recovers', 'refunds', 'spent'] as $key) {
            $assumed[$key] = $number($key);
        }
        $again = is_string($said['again'] ?? null) && isset(self::AGAIN[$said['again']]) ? $said['again'] : 'month';

        return $assumed + ['again' => $again, 'stores' => $this->stores($said['stores'] ?? null), 'countries' => $this->countries($said['countries'] ?? null)];
    }

    /** @return list<array{key: string, name: string, share: float}> through what it is sold; the whole is what all shares are together */
    private function stores(mixed $said): array
    {
        $shares = [];
        foreach (is_array($said) ? $said : [] as $one) {
            if (is_array($one) && is_string($one['key'] ?? null) && is_numeric($one['share'] ?? null)) {
                $shares[$one['key']] = (float) $one['share'];
            }
        }
        $shares = $shares === [] ? [Sold::SmallStore->value => 100.0] : $shares;

        return array_map(
            fn (Sold $sold): array => ['key' => $sold->value, 'name' => $sold->inWords(), 'share' => $shares[$sold->value] ?? 0.0],
            Sold::kinds(),
        );
    }

    /** @return non-empty-list<array{country: string, name: string, share: float, tax: float}> where people buy, with the tax there today */
    private function countries(mixed $said): array
    {
        $countries = [];
        foreach (is_array($said) ? array_slice($said, 0, self::COUNTRIES) : [] as $one) {
            if (is_array($one) && is_string($one['country'] ?? null) && isset(Country::all()[$one['country']]) && is_numeric($one['share'] ?? null)) {
                $countries[] = [$one['country'], (float) $one['share']];
            }
        }
        $own = $this->app->seller['country'] ?? '';
        $countries = $countries === [] ? [[is_string($own) && isset(Country::all()[$own]) ? $own : 'DE', 100.0]] : $countries;

        return array_map(fn (array $one): array => [
            'country' => $one[0],
            'name' => Country::all()[$one[0]],
            'share' => $one[1],
            'tax' => (float) Vat::standard($one[0], new DateTimeImmutable()),
        ], $countries);
    }

    /**
     * What it would bring: bands by month, each the 10 % quantile, the median and the 90 % quantile; amounts in whole units of the currency.
     *
     * @param  array<string, mixed>  $assumed  as assumed() gives it
     * @return array<string, mixed> as RehearsalResult in docs/studio.schema.json
     */
    public function rehearsed(Product $product, array $assumed, int $seed = 1): array
    {
        $currency = self::currency($product);
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
            'paid' => $money($outlook->paid),
            'bank' => $money($outlook->bank),
            'tax' => $money($outlook->tax),
            'each' => round($outlook->each[$months - 1] / $unit, 2),
            'kept' => array_map(fn (float $share): float => round($share, 3), $outlook->kept),
            'stay' => round($outlook->stay, 1),
            'returns' => $assumed['spent'] > 0 ? $outlook->returns((int) round($assumed['spent'] * $unit)) : null,
        ];
    }

    private static function currency(Product $product): string
    {
        return $product->isPaidOnce() ? $product->currency : $product->plans[0]->currency;
    }

    /** @param  array<string, mixed>  $assumed  as assumed() gives it */
    public function assumptions(Product $product, array $assumed): Assumptions
    {
        $currency = self::currency($product);
        $digits = Currency::digits($currency);
        $minor = fn (string $amount): int => BigDecimal::of($amount)->multipliedBy(10 ** $digits)->toScale(0, RoundingMode::HALF_UP)->toInt();
        $chosen = [];
        foreach ($product->isPaidOnce() ? [null] : $product->plans as $plan) {
            $of = $assumed['plans'][$plan === null ? self::WHOLE : $plan->key()];
            $price = $minor((string) $of['price']);
            if ($plan === null) {
                [$unit, $count] = self::AGAIN[$assumed['again']];
                $kind = $product->sold === Product::KEPT ? 'kept' : 'used';
                $chosen[] = new Chosen(new Cycle($unit, $count), $price, $of['share'], kind: $kind);
            } else {
                $first = $plan->beginsLower() ? [$minor($plan->begins), (int) $plan->begin] : [0, 0];
                $chosen[] = new Chosen($plan->cycle(), $price, $of['share'], $of['freeDays'], ...$first);
            }
        }
        $leaves = [];
        for ($month = 0; $month < self::SETTLES; $month++) {
            $leaves[] = ($assumed['first'] + ($assumed['later'] - $assumed['first']) * $month / (self::SETTLES - 1)) / 100;
        }
        $places = $this->places($product, $assumed, $chosen);

        return new Assumptions(
            $assumed['arrivals'],
            min(1.0, array_sum(array_column($assumed['plans'], 'share')) / 100),
            $chosen,
            $leaves,
            $places[0]->terms,
            $assumed['stays'] / 100,
            $assumed['fails'] / 100,
            $assumed['recovers'] / 100,
            $assumed['refunds'] / 100,
            $places[0]->rate,
            $places[0]->country,
            $currency,
            $places,
        );
    }

    /**
     * Each store in each country, by the product of their shares.
     *
     * @param  array<string, mixed>  $assumed
     * @param  list<Chosen>  $chosen
     * @return non-empty-list<Place>
     */
    private function places(Product $product, array $assumed, array $chosen): array
    {
        $places = [];
        foreach ($assumed['stores'] as $store) {
            foreach ($assumed['countries'] as $of) {
                $weight = $store['share'] * $of['share'];
                if ($weight > 0) {
                    $prices = $this->prices($product, $of['country'], $chosen);
                    $places[] = new Place(Sold::from($store['key'])->terms(), $of['country'], (string) $of['tax'], $weight, $prices);
                }
            }
        }
        $first = $assumed['countries'][0];

        return $places === [] ? [new Place(Sold::SmallStore->terms(), $first['country'], (string) $first['tax'])] : $places;
    }

    /**
     * What each plan costs in a country, in the currency of the others; those that cost the same everywhere follow what is tried out.
     *
     * @param  list<Chosen>  $chosen
     * @return list<array{int, int}>
     */
    private function prices(Product $product, string $country, array $chosen): array
    {
        $usual = self::currency($product);
        $prices = [];
        $other = false;
        foreach ($product->isPaidOnce() ? [null] : $product->plans as $n => $plan) {
            $price = $product->priceIn($country, $plan);
            $rate = $this->rate($product, $price->currency, $usual);
            $isOther = $rate !== null && ($price->currency !== $usual || $price->minor() !== $product->priceIn('', $plan)->minor());
            $unit = 10 ** (Currency::digits($usual) - Currency::digits($price->currency));
            $there = fn (int $minor): int => (int) round($minor * $unit * ($rate ?? 1.0));
            $prices[] = $isOther ? [$there($price->minor()), $there($price->minorAtFirst())] : [$chosen[$n]->price, $chosen[$n]->first];
            $other = $other || $isOther;
        }

        return $other ? $prices : [];
    }

    /** So much of one currency for one of another, as the founder says; null where they have not. */
    private function rate(Product $product, string $from, string $to): ?float
    {
        if ($from === $to) {
            return 1.0;
        }
        foreach ($product->conversions as $conversion) {
            if ($conversion->currency === $from && $conversion->isWhole()) {
                return 1 / (float) $conversion->rate;
            }
        }
        $rates = $this->app->seller['rates'] ?? [];
        foreach (($this->app->seller['bank'] ?? '') === $to && is_array($rates) ? $rates : [] as $one) {
            if (is_array($one) && ($one['currency'] ?? '') === $from && is_numeric($one['rate'] ?? null)) {
                return (float) $one['rate'];
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $assumed */
    public function keep(Product $product, array $assumed): void
    {
        $this->app->rehearsal = [$product->key() => $assumed] + ($this->app->rehearsal ?? []);
        $this->app->save();
    }
}
