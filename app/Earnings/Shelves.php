<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Earnings\Tills\Offered;
use App\Earnings\Tills\Till;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Rows\Refused;

/** What stands for sale at each till beside what the sentences say, and what a founder should know of it. */
final readonly class Shelves
{
    private const WHERE = [
        'card' => 'on the web, in web apps, and for what is used outside the app',
        'quay' => 'in packages for Android',
        'pier' => 'in packages for iOS',
    ];

    /** Of the terms: what is compared with what a store has. */
    private const SAID = ['price' => 'its price', 'currency' => 'its currency', 'every' => 'how often it is paid', 'freeDays' => 'its free days',
        'firstPrice' => 'its price at first', 'firstTimes' => 'how often it costs less at first', 'name' => 'its name',
        'prices' => 'its prices in other countries'];

    private Counter $counter;

    public function __construct(private Space $space)
    {
        $this->counter = new Counter($space);
    }

    /**
     * What a store that sells something of an app sold otherwise than is said, as far as it was looked at: where that is said, the store, and how.
     *
     * @return list<array{string, string, string}>
     */
    public static function remembered(App $app, Blueprint $blueprint): array
    {
        $differ = [];
        foreach (array_filter(Sold::tills(), fn (Sold $sold): bool => $sold->terms()->sells) as $sold) {
            $there = Cache::get(self::memory($app, $sold));
            foreach (is_array($there) && $there !== [] ? self::offers($blueprint) : [] as $at => $offered) {
                $how = $offered->product->outside ? '' : self::differs($offered, $there);
                if ($how !== '') {
                    $differ[] = [$at, $sold->terms()->till, "{$offered->terms()['name']} $how"];
                }
            }
        }

        return $differ;
    }

    /**
     * Which stores have not heard for a day that something was given.
     *
     * @return list<array{string, string}> where it is said, and the store
     */
    public static function unheard(App $app, Blueprint $blueprint): array
    {
        $places = array_flip(array_map(fn (Product $product): string => $product->key(), $blueprint->products));
        $unheard = [];
        foreach ($app->sells ? DataSet::cases() : [] as $set) {
            $space = Space::of($app, $set);
            foreach ($space === null ? [] : (new PurchaseBook($space))->notReceived(new DateTimeImmutable('-1 day')) as $known) {
                $at = isset($places[$known['product']]) ? "/products/{$places[$known['product']]}" : '';
                $unheard["$at {$known['till']}"] = [$at, Sold::from($known['till'])->terms()->till];
            }
        }

        return array_values($unheard);
    }

    private static function memory(App $app, Sold $sold): string
    {
        return "shelf $app->id $sold->value";
    }

    /** @return array<string, mixed> as TillsState in docs/studio.schema.json */
    public function state(): array
    {
        $rises = new PriceRises($this->space);

        return [
            'old' => $rises->old(new DateTimeImmutable()),
            'raising' => $rises->waiting(),
            'tills' => array_map($this->ofTill(...), Sold::tills()),
            'waiting' => $this->waiting(),
            'refused' => (new Refusals($this->space))->last(10),
        ];
    }

    /** Puts up at a store what is missing there or stands there otherwise; nothing is taken down, for somebody may have bought it. */
    public function putUp(string $name): void
    {
        $till = $this->counter->till($name);
        $there = $till->shelf() ?? [];
        foreach ($this->offered() as $offered) {
            if (! $offered->product->outside && self::differs($offered, $there) !== '') {
                $till->putUp($offered);
            }
        }
        Cache::forever(self::memory($this->space->app, $till->sold()), $till->shelf() ?? []);
    }

    /** @return array<string, mixed> */
    private function ofTill(Sold $sold): array
    {
        $till = $this->counter->till($sold->value);
        $told = ['key' => $sold->value, 'name' => $sold->terms()->till, 'where' => self::WHERE[$sold->value], 'shelf' => null, 'trouble' => ''];
        try {
            return ['shelf' => $this->shelf($till)] + $told;
        } catch (Refused) {
            return ['trouble' => "{$told['name']} does not answer just now."] + $told;
        }
    }

    /** @return list<array{id: string, name: string, differs: string}>|null */
    private function shelf(Till $till): ?array
    {
        $there = $till->shelf();
        if ($there === null) {
            return null;
        }
        Cache::forever(self::memory($this->space->app, $till->sold()), $there);
        $shelf = [];
        foreach ($this->offered() as $offered) {
            if (! $offered->product->outside) {
                $shelf[] = ['id' => $offered->id(), 'name' => (string) $offered->terms()['name'], 'differs' => self::differs($offered, $there)];
            }
        }

        return $shelf;
    }

    /** @param  array<string, array<string, mixed>>  $there  what is different, as the end of a sentence; '' for nothing */
    private static function differs(Offered $offered, array $there): string
    {
        $is = $there[$offered->id()] ?? null;
        if ($is === null) {
            return 'is not there';
        }
        $isOther = fn (mixed $value, string $key): bool => is_array($value) ? ($is[$key] ?? []) != $value : ($is[$key] ?? null) !== $value;
        $other = array_intersect_key(self::SAID, array_filter($offered->onShelf(), $isOther, ARRAY_FILTER_USE_BOTH));

        return $other === [] ? '' : 'differs in '.implode(' and ', $other);
    }

    /** @return array<string, Offered> */
    private function offered(): array
    {
        return self::offers($this->space->blueprint());
    }

    /** @return array<string, Offered> what can be bought, by where it is said: of subscriptions each plan by itself */
    private static function offers(Blueprint $blueprint): array
    {
        $offered = [];
        foreach ($blueprint->products as $i => $product) {
            if ($product->sold === Product::SUBSCRIPTION) {
                foreach (array_filter($product->plans, fn (Plan $plan): bool => $plan->isWhole()) as $n => $plan) {
                    $offered["/products/$i/plans/$n"] = new Offered($product, $plan);
                }
            } elseif ($product->hasPrice()) {
                $offered["/products/$i"] = new Offered($product, null);
            }
        }

        return $offered;
    }

    /** @return list<array{product: string, since: string}> what was bought at a store that does not know yet that it was given */
    private function waiting(): array
    {
        $book = new PurchaseBook($this->space);
        $waiting = [];
        foreach ($book->notReceived() as $known) {
            $product = $this->space->blueprint()->product($known['product']);
            $at = $book->bought($known['till'], $known['token']) ?? new DateTimeImmutable();
            $waiting[] = ['product' => $product === null ? $known['product'] : $product->name, 'since' => $at->format('c')];
        }

        return $waiting;
    }
}
