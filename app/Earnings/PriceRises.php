<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Holdings;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Rows\Refused;

/**
 * Whoever pays keeps the price at which they bought, until the founder says otherwise: then the tills are told, some at a time, and they tell or ask the
 * people.
 */
final readonly class PriceRises
{
    /** Days before it is paid that people hear of it, at least; and as many as stores ask for, unless the founder says more (common practice, no source). */
    public const SOONEST = 7;

    public const USUAL = 30;

    /** More than half as much again is never taken without asking (common practice, no source). */
    private const WITHOUT_ASKING = 1.5;

    /** So many are told in one go. */
    private const AT_A_TIME = 100;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    /**
     * Who pays less than the sentences say, and will go on doing so.
     *
     * @return list<array{product: string, plan: string, name: string, pays: string, price: string, currency: string, country: string, people: int,
     *     mustAsk: bool}>
     */
    public function old(DateTimeImmutable $now): array
    {
        $found = $this->paying($now)
            ->whereNull('rise')
            ->groupBy('product', '_purchases.plan', 'pays', 'currency', 'country')
            ->selectRaw('product, _purchases.plan, pays, currency, country, count(*) as people')
            ->orderByDesc('people')
            ->limit(200)
            ->get();
        $old = [];
        foreach ($found as $one) {
            $product = $this->space->blueprint()->product((string) $one->product);
            $plan = $product?->plan((string) $one->plan);
            $price = $product === null || $plan === null || ! $plan->isWhole() ? null : $product->priceIn((string) $one->country, $plan);
            if ($price !== null && $price->currency === $one->currency && $price->minor() > (int) $one->pays) {
                $old[] = [
                    'product' => (string) $one->product,
                    'plan' => (string) $one->plan,
                    'name' => "$product->name, $plan->name",
                    'pays' => Report::amount((int) $one->pays, $price->currency),
                    'price' => Report::amount($price->minor(), $price->currency),
                    'currency' => $price->currency,
                    'country' => (string) $one->country,
                    'people' => (int) $one->people,
                    'mustAsk' => $price->minor() > self::WITHOUT_ASKING * (int) $one->pays,
                ];
            }
        }

        return $old;
    }

    /** How many are still to be told. */
    public function waiting(): int
    {
        return $this->database->table('_purchases')->whereNotNull('rise')->count();
    }

    /**
     * The price of a plan is to be paid by all who pay less.
     *
     * @param  int  $days  from when on: the first payment so many days from now or later
     * @param  bool  $asks  only by those who agree
     *
     * @throws Refused where it cannot be
     */
    public function begin(Product $product, string $plan, int $days, bool $asks, DateTimeImmutable $now): void
    {
        $those = array_filter($this->old($now), fn (array $one): bool => $one['product'] === $product->key() && $one['plan'] === $plan);
        if ($those === []) {
            throw new Refused('Nobody pays less for it any more.');
        }
        if (! $asks && array_filter($those, fn (array $one): bool => $one['mustAsk']) !== []) {
            throw new Refused('It is more than half as much again as some of them pay. Then they have to be asked.');
        }
        $from = StoredValue::plain($now->modify("+$days days"));
        $is = $product->plan($plan) ?? throw new Refused('This plan is not sold any more.');
        foreach ($those as $one) {
            $ids = $this->paying($now)
                ->whereNull('rise')
                ->where(['product' => $one['product'], '_purchases.plan' => $plan, 'currency' => $one['currency'], 'country' => $one['country']])
                ->select('_purchases.id');
            $price = $product->priceIn($one['country'], $is)->minor();
            $this->database
                ->table('_purchases')
                ->whereIn('id', $ids)
                ->where('pays', '<', $price)
                ->update(['rise' => $price, 'rises' => $from, 'asks' => $asks]);
        }
    }

    /**
     * Some that are to be told.
     *
     * @return list<array{id: int, till: string, token: string, price: int, from: DateTimeImmutable, asks: bool}>
     */
    public function toTell(): array
    {
        $found = $this->database->table('_purchases')->whereNotNull('rise')->whereNotNull('person')->orderBy('asked')->limit(self::AT_A_TIME)->get();

        return array_values(array_map(fn (\stdClass $one): array => [
            'id' => (int) $one->id,
            'till' => (string) $one->till,
            'token' => (string) $one->token,
            'price' => (int) $one->rise,
            'from' => new DateTimeImmutable((string) $one->rises),
            'asks' => (bool) $one->asks,
        ], $found->all()));
    }

    public function told(int $purchase): void
    {
        $this->database->table('_purchases')->where('id', $purchase)->update(['rise' => null]);
    }

    /** Purchases at tills that go on by themselves, with what was paid last for them. */
    private function paying(DateTimeImmutable $now): Builder
    {
        $at = StoredValue::plain($now);
        $last = $this->database->table('_purchase_events')->where('gross', '>', 0)->groupBy('purchase')->selectRaw('purchase, max(id) as last');
        $has = $this->database
            ->table(Holdings::STORED)
            ->whereColumn(Holdings::STORED.'.purchase', '_purchases.id')
            ->where('begins', '<=', $at)
            ->where('ends', '>', $at);

        return $this->database
            ->table('_purchases')
            ->joinSub($last, 'l', 'l.purchase', '=', '_purchases.id')
            ->join('_purchase_events', '_purchase_events.id', '=', 'l.last')
            ->whereIn('till', array_map(fn (Sold $sold): string => $sold->value, Sold::tills()))
            ->where('token', 'not like', 'story-%')
            ->whereNotNull('pays')
            ->whereNotNull('person')
            ->whereExists($has);
    }
}
