<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Earnings\Books;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Status;
use Lanai\Core\Earnings\Story;
use Lanai\Core\Earnings\Subscription;
use Lanai\Core\Earnings\Vat;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Row;
use Lanai\Core\Values\Country;
use Lanai\Core\Values\Currency;

/** The purchases of the sandbox on an axis of time: where each stands from when until when, and what it brings. */
final readonly class Tide
{
    /** So many are drawn. */
    private const MOST = 30;

    /** A made-up customer's token begins so. */
    private const STORY = 'story-';

    private Connection $database;

    private PurchaseBook $book;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, DataSet::Sandbox))->connection);
        $this->book = new PurchaseBook($space);
    }

    /**
     * A made-up customer, told from a day on.
     *
     * @param  string  $country  where they live, ISO 3166-1
     */
    public function tell(Row $person, Product $product, ?Plan $plan, Story $story, Sold $sold, DateTimeImmutable $from, string $country): void
    {
        // A rate of tax, or a name, is none: nothing would be owed to anybody.
        isset(Country::all()[$country]) || throw new \InvalidArgumentException("“{$country}” is no country.");
        $token = self::STORY.Str::uuid();
        $events = $this->events($product, $plan, $story, $sold, $from, $country);
        $this->book->takeAll($sold->value, $token, $person, $product, $events, $plan === null ? '' : $plan->key(), $story->value);
    }

    /** @return list<Event> */
    private function events(Product $product, ?Plan $plan, Story $story, Sold $sold, DateTimeImmutable $from, string $country): array
    {
        $charge = function (?Plan $plan, bool $atFirst = false) use ($product, $country, $from, $sold): Charge {
            $price = $product->priceIn($country, $plan);
            $gross = $atFirst ? $price->minorAtFirst() : $price->minor();

            return new Charge($gross, $price->currency, $country, Vat::standard($country, $from), $sold->terms());
        };
        if ($plan !== null) {
            $other = self::other($product, $plan);
            $to = $other === null ? null : [$other->cycle(), $charge($other), $other->key()];
            $events = $story->events($plan->cycle(), $charge($plan), $plan->freeDays ?? 0, $from, other: $to);
            $left = $plan->beginsLower() ? (int) $plan->begin : 0;

            return array_map(function (Event $e) use ($charge, $plan, &$left): Event {
                $isLow = $e->charge !== null && in_array($e->what, [Happened::Bought, Happened::Paid], true) && $left-- > 0;

                return $isLow ? new Event($e->id, $e->what, $e->at, $e->until, $e->free, $charge($plan, true), $e->plan) : $e;
            }, $events);
        }
        $bought = new Event('0', Happened::Bought, $from, new DateTimeImmutable(Held::FOREVER), charge: $charge(null));

        return match ($story) {
            Story::Refund => [$bought, new Event('back', Happened::Refunded, $from->modify('+5 days'))],
            Story::Disputes => [$bought, new Event('disputed', Happened::Disputed, $from->modify('+4 days')),
                new Event('lost', Happened::DisputeLost, $from->modify('+25 days'))],
            default => [$bought],
        };
    }

    /** Another plan that is sold, if there is one: the next of them, or the one before the last. */
    private static function other(Product $product, Plan $plan): ?Plan
    {
        $whole = array_values(array_filter($product->plans, fn (Plan $one): bool => $one->isWhole() && $one->currency === $plan->currency));
        $at = (int) array_search($plan->key(), array_map(fn (Plan $one): string => $one->key(), $whole), true);

        return $whole[$at + 1] ?? $whole[$at - 1] ?? null;
    }

    /** A made-up customer is forgotten; false where it is none. */
    public function forget(int $purchase): bool
    {
        return $this->database->transaction(fn (): bool => $this->database
            ->table('_purchases')
            ->where('id', $purchase)
            ->where('token', 'like', self::STORY.'%')
            ->delete() > 0);
    }

    /**
     * The newest ones, in the order in which they came.
     *
     * @param  int  $before  those that came before so many
     * @return array<string, mixed> as TideState in docs/studio.schema.json
     */
    public function at(DateTimeImmutable $now, int $before = 0): array
    {
        $purchases = $this->database->table('_purchases')->orderByDesc('id')->offset($before)->limit(self::MOST)->get()->reverse()->values();
        $ids = array_map(fn (\stdClass $p): int => (int) $p->id, $purchases->all());
        $events = $this->book->events($ids);
        $people = $this->space->blueprint()->peopleTable();
        $rows = $people === null ? [] : $this->space->store()->byIds($people, array_map(intval(...), $purchases->pluck('person')->filter()->all()));
        $begins = $this->begins($events, $now);
        $ends = max($begins->modify('+14 months'), $now->modify('+1 month'));
        $customers = [];
        $entries = [];
        $have = [];
        foreach ($purchases as $purchase) {
            $own = Subscription::inOrder($events[(int) $purchase->id] ?? []);
            $product = $this->space->blueprint()->product((string) $purchase->product);
            array_push($entries, ...Books::at($now, (string) $purchase->id, $own));
            foreach ($product !== null && Subscription::at($now, $own)->status->has() ? $product->gives : [] as $gives) {
                $have[$gives][(int) $purchase->person] = true;
            }
            $customers[] = [
                'id' => (int) $purchase->id,
                'person' => (int) $purchase->person,
                'name' => ($rows[(int) $purchase->person] ?? null)?->label() ?? 'Somebody who is gone',
                'product' => $product === null ? (string) $purchase->product : $product->name,
                'plan' => $product?->plan((string) $purchase->plan)->name ?? (string) $purchase->plan,
                'story' => str_starts_with((string) $purchase->token, self::STORY) ? (string) $purchase->note : '',
                'gift' => $purchase->till === PurchaseBook::GIFT,
                'bands' => self::bands($own, $ends),
                'events' => self::told((string) $purchase->id, $own, $ends),
            ];
        }
        ksort($have);

        return [
            'begins' => $begins->format('c'),
            'ends' => $ends->format('c'),
            'now' => $now->format('c'),
            'customers' => $customers,
            'before' => $before,
            'more' => max(0, $this->database->table('_purchases')->count() - $before - count($customers)),
            'have' => array_map(fn (string $name, array $who): array => ['name' => $name, 'people' => count($who)], array_keys($have), $have),
            'money' => self::money($entries),
            'stories' => array_map(fn (Story $s): array => ['key' => $s->name, 'name' => $s->value], Story::cases()),
            'sold' => array_map(fn (Sold $sold): array => ['key' => $sold->value, 'name' => $sold->inWords()], Sold::kinds()),
            'countries' => array_map(
                fn (string $key, string $name): array => ['key' => $key, 'name' => $name],
                array_keys(Country::all()),
                Country::all(),
            ),
        ];
    }

    /** @param  array<int, list<Event>>  $events */
    private function begins(array $events, DateTimeImmutable $now): DateTimeImmutable
    {
        $first = $now;
        foreach ($events as $own) {
            foreach ($own as $event) {
                $first = min($first, $event->at);
            }
        }

        return $first->modify('first day of this month')->setTime(0, 0);
    }

    /**
     * @param  list<Event>  $events
     * @return list<array{status: string, has: bool, from: string, until: string}>
     */
    private static function bands(array $events, DateTimeImmutable $ends): array
    {
        $bands = [];
        $history = Subscription::history($ends, $events);
        foreach ($history as $i => [$from, $status]) {
            if (in_array($status, [Status::Expired, Status::Revoked, Status::Offered], true)) {
                continue;
            }
            $until = $history[$i + 1][0] ?? $ends;
            if ($until > $from) {
                $bands[] = ['status' => $status->value, 'has' => $status->has(), 'from' => $from->format('c'), 'until' => $until->format('c')];
            }
        }

        return $bands;
    }

    /**
     * @param  list<Event>  $events  in order
     * @return list<array{what: string, at: string, amount: float|null, currency: string}> what each brought the founder, without what the till keeps
     */
    private static function told(string $purchase, array $events, DateTimeImmutable $ends): array
    {
        $owed = [];
        foreach (Books::of($purchase, $events) as $entry) {
            foreach ($entry->amounts as $account => $amount) {
                if (str_starts_with($account, 'owed by ')) {
                    $owed[$entry->at->getTimestamp()] = [$amount / 10 ** Currency::digits($entry->currency), $entry->currency];
                }
            }
        }
        $told = [];
        foreach ($events as $event) {
            if ($event->at < $ends) {
                [$amount, $currency] = $owed[$event->at->getTimestamp()] ?? [null, ''];
                $told[] = ['what' => $event->what->value, 'at' => $event->at->format('c'), 'amount' => $amount, 'currency' => $currency];
            }
        }

        return $told;
    }

    /**
     * @param  list<\Lanai\Core\Earnings\Entry>  $entries
     * @return list<array{currency: string, digits: int, earned: float, advance: float, owed: float, tax: float, commission: float, back: float}>
     */
    private static function money(array $entries): array
    {
        $money = [];
        foreach (Books::balances($entries) as $currency => $accounts) {
            $sum = fn (string $begins): float => array_sum(
                array_filter($accounts, fn (string $account): bool => str_starts_with($account, $begins), ARRAY_FILTER_USE_KEY),
            ) / 10 ** Currency::digits($currency);
            $money[] = [
                'currency' => $currency,
                'digits' => Currency::digits($currency),
                'earned' => -$sum('earned'),
                'advance' => -$sum('received in advance'),
                'owed' => $sum('owed by '),
                'tax' => -$sum('tax owed '),
                'commission' => $sum('commission'),
                'back' => $sum('given back'),
            ];
        }

        return $money;
    }
}
