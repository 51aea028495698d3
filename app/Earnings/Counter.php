<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Earnings\Tills\CardTill;
use App\Earnings\Tills\Offered;
use App\Earnings\Tills\PierTill;
use App\Earnings\Tills\QuayTill;
use App\Earnings\Tills\StoreTill;
use App\Earnings\Tills\Till;
use App\Earnings\Tills\Told;
use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Storefront;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\NoAnswer;
use Lanai\Core\Play\Stand;
use Lanai\Core\Play\Tills;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;

/**
 * Where people of an app pay. What happened is never taken from an address that somebody comes back with, nor from a message: the till is asked, and what
 * it says is kept.
 */
final readonly class Counter implements Tills
{
    /** Seconds after which somebody who has not come back is asked about no more. */
    private const WAITS = 86400;

    /** Seconds in which whoever taps again comes to the page that was begun. */
    private const SAME = 1800;

    private Connection $database;

    private PurchaseBook $book;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
        $this->book = new PurchaseBook($space);
    }

    /** @param  string  $name  as in Sold */
    public function till(string $name): Till
    {
        return match (Sold::tryFrom($name)) {
            Sold::Card => new CardTill(),
            Sold::Quay => new QuayTill($this->space->app),
            Sold::Pier => new PierTill($this->space->app),
            default => throw new Refused('There is no such till.'),
        };
    }

    public function begin(Row $person, Product $product, ?Plan $plan, Visit $visit): string
    {
        if ($this->book->held($person, $product, $visit->moment->now)) {
            throw new Refused('You have this already.');
        }
        // What is used outside the app no store sells.
        $sold = $product->outside ? Sold::Card->value : $visit->till;
        $till = $this->till($sold);
        $offered = $this->offered($person, $product, $plan, $visit);
        if ($visit->sheet && $till instanceof StoreTill && $till->hasSheet()) {
            $this->sells();

            return $till->sheet($offered);
        }
        $this->closeOthers($till, $person, $product, $plan);
        $checkout = $this->checkout($person, $offered, $sold, $visit->beside);
        [$session, $url] = $till->begin($this->leadingBack($offered, $sold, (string) $checkout->token), (string) $checkout->token);
        $this->database->table('_checkouts')->where('id', $checkout->id)->update(['session' => $session]);
        $this->sells();

        return $url;
    }

    private function sells(): void
    {
        if (! $this->space->app->sells) {
            $this->space->app->forceFill(['sells' => true])->save();
        }
    }

    /**
     * Somebody has bought by the sheet of the phone's own store. What the phone says is only believed to be about a purchase: the store is asked whose it
     * is, and what was bought.
     *
     * @param  string  $transaction  what the store calls it
     * @return bool whether it is paid; what waits to be paid comes by itself
     *
     * @throws Refused where it is somebody else's, or nothing of this app
     */
    public function bought(Row $person, string $transaction): bool
    {
        $told = $this->till(Sold::Pier->value)->told($transaction);
        if (! $told->isPaid()) {
            return false;
        }
        // Whose it is has to be said: else anybody could bring a number that they have seen.
        [$key, $plan] = [...explode('.', $told->product, 2), ''];
        if ($told->account === '' || $key === '') {
            throw new Refused('The store does not say whose this purchase is.');
        }
        $this->took(Sold::Pier->value, $transaction, $person, $this->product($key), $plan, $told);

        return true;
    }

    /** What somebody would buy: what is given once is not given twice. */
    private function offered(Row $person, Product $product, ?Plan $plan, Visit $visit): Offered
    {
        return new Offered(
            $product,
            $plan,
            $this->space->app->name,
            freeDays: ! $this->book->hadFreeDays($person, $product),
            lower: ! $this->book->everPaid($person, $product),
            account: $this->account($person->id),
            merchant: $this->merchant(),
            country: Storefront::of($visit->moment->zone),
        );
    }

    private function leadingBack(Offered $offered, string $till, string $token): Offered
    {
        [$set, $slug] = [$this->space->set->value, $this->space->app->slug];

        return new Offered(
            $offered->product,
            $offered->plan,
            $offered->shop,
            $offered->freeDays,
            $offered->lower,
            $offered->account,
            url("/paid/$set/$slug/$token"),
            url("/heard/$till/$set/$slug"),
            $offered->merchant,
            $offered->country,
        );
    }

    /** For whom the tills take money: each data set by itself. */
    public function merchant(): string
    {
        return "{$this->space->app->id}/{$this->space->app->slug}/{$this->space->set->value}";
    }

    /** By which a till knows somebody: a UUID of version 8 (RFC 9562), as some stores take nothing else. */
    private function account(int $person): string
    {
        $hex = $this->accountBefore($person);
        $digits = substr($hex, 0, 12).'8'.substr($hex, 13, 3).dechex(8 | (hexdec($hex[16]) & 3)).substr($hex, 17, 15);

        return implode('-', [substr($digits, 0, 8), substr($digits, 8, 4), substr($digits, 12, 4), substr($digits, 16, 4), substr($digits, 20, 12)]);
    }

    /** By which tills knew somebody at first: what was bought then is still theirs. */
    private function accountBefore(int $person): string
    {
        return substr(hash_hmac('sha256', "account/{$this->space->app->id}/{$this->space->set->value}/$person", (string) config('app.key')), 0, 40);
    }

    /** What was begun a moment ago, at the same terms, or begins now: taps at the same time come to one page. */
    private function checkout(Row $person, Offered $offered, string $till, bool $beside): \stdClass
    {
        $same = [
            'till' => $till,
            'person' => $person->id,
            'product' => $offered->product->key(),
            'plan' => $offered->plan === null ? '' : $offered->plan->key(),
            'terms' => hash('sha256', json_encode($offered->terms(), JSON_THROW_ON_ERROR)),
            'open' => true,
        ];
        // One statement, so that nothing comes in between.
        $this->database->table('_checkouts')->insertUsing(
            [...array_keys($same), 'token', 'session', 'beside', 'asked'],
            $this->database->query()->selectRaw(
                implode(', ', array_fill(0, count($same) + 4, '?')).' where not exists (select 1 from "_checkouts" where "till" = ? and "person" = ? '
                    .'and "product" = ? and "plan" = ? and "terms" = ? and "open" = ? and "asked" > ?)',
                [...array_values($same), (string) Str::uuid(), '', $beside, time(), ...array_values($same), time() - self::SAME],
            ),
        );

        return $this->database->table('_checkouts')->where($same)->where('asked', '>', time() - self::SAME)->orderByDesc('id')->firstOrFail();
    }

    /** Another plan of the same product, of which the page is still open, is not to be paid any more: who had it twice would pay twice. */
    private function closeOthers(Till $till, Row $person, Product $product, ?Plan $plan): void
    {
        $others = $this->database
            ->table('_checkouts')
            ->where(['till' => $till->sold()->value, 'person' => $person->id, 'product' => $product->key(), 'open' => true])
            ->where('plan', '!=', $plan === null ? '' : $plan->key())
            ->where('session', '!=', '')
            ->limit(5)
            ->get();
        foreach ($others as $other) {
            $till->close((string) $other->session);
            if ($this->settled($other)) {
                throw new Refused('You have this already.');
            }
        }
    }

    public function change(Row $person, Product $product, Plan $plan, Visit $visit): string
    {
        $stand = $this->book->stands($person, $product, $visit->moment->now);
        $purchase = $this->book->running($person, $product);
        if ($purchase === null || ! $stand->mayTurn) {
            throw new Refused('There is nothing that could be changed.');
        }
        if ($plan->key() === ($stand->next === '' ? $stand->plan : $stand->next)) {
            throw new Refused("You have $plan->name already.");
        }
        $is = $product->plan($stand->plan);
        $offered = $this->offered($person, $product, $plan, $visit);
        $to = $this->leadingBack($offered, $purchase['till'], $this->wayBack($person, $purchase, $visit->beside));

        return $this->till($purchase['till'])->change($purchase['token'], $to, $is === null || $plan->isDearerThan($is));
    }

    public function manage(Row $person, Product $product, Visit $visit): string
    {
        $purchase = $this->book->running($person, $product) ?? throw new Refused('There is nothing that is paid for.');
        $offered = $this->offered($person, $product, $product->plan($purchase['plan']), $visit);
        $back = $this->leadingBack($offered, $purchase['till'], $this->wayBack($person, $purchase, $visit->beside))->back;

        return $this->till($purchase['till'])->manage($purchase['token'], $back);
    }

    /**
     * With it somebody comes back from the page about something that they have already.
     *
     * @param  array{till: string, token: string, person: int, product: string, plan: string, received: bool}  $purchase
     */
    private function wayBack(Row $person, array $purchase, bool $beside): string
    {
        $token = (string) Str::uuid();
        // It is not open: nothing new is paid.
        $this->database->table('_checkouts')->insert([
            'token' => $token,
            'till' => $purchase['till'],
            'session' => $purchase['token'],
            'person' => $person->id,
            'product' => $purchase['product'],
            'plan' => $purchase['plan'],
            'terms' => '',
            'beside' => $beside,
            'open' => false,
            'asked' => time(),
        ]);

        return $token;
    }

    public function turn(Row $person, Product $product, bool $stays): void
    {
        $purchase = $this->book->running($person, $product);
        if ($purchase === null) {
            throw new Refused($stays ? 'There is nothing that could go on.' : 'There is nothing to end.');
        }
        $told = $this->till($purchase['till'])->turn($purchase['token'], $stays);
        $this->took($purchase['till'], $purchase['token'], $person, $product, $purchase['plan'], $told);
    }

    public function stands(Row $person, Product $product, DateTimeImmutable $now): Stand
    {
        return $this->book->stands($person, $product, $now);
    }

    public function restore(Row $person): void
    {
        foreach ($this->database->table('_checkouts')->where(['person' => $person->id, 'open' => true])->limit(20)->get() as $checkout) {
            $this->settled($checkout);
        }
        foreach ($this->book->through($person) as $known) {
            $told = $this->till($known['till'])->told($known['token']);
            $this->took($known['till'], $known['token'], $person, $this->product($known['product']), $known['plan'], $told);
        }
    }

    public function give(Row $person, Product $product, DateTimeImmutable $now, ?int $seconds): void
    {
        $from = max($now, $this->book->givenUntil($person, $product, $now) ?? $now);
        $this->book->give($person, $product, $now, $seconds === null ? null : $from->modify("+$seconds seconds"));
    }

    public function pages(): array
    {
        $page = fn (string $label, string $key): array => ['label' => $label, 'address' => url("/p/{$this->space->app->slug}/$key")];

        return [$page('Terms', 'terms'), $page('Privacy', 'privacy')];
    }

    /**
     * Asks how a purchase went that was begun here.
     *
     * @param  string  $token  with which its page leads back
     * @return array{beside: bool, paid: bool}|null null where none was begun so
     */
    public function back(string $token): ?array
    {
        $checkout = $this->database->table('_checkouts')->where('token', $token)->first();

        return $checkout === null ? null : ['beside' => (bool) $checkout->beside, 'paid' => $this->settled($checkout)];
    }

    /** Asks about one purchase, of which a till has told that something happened. */
    public function about(string $till, string $session): void
    {
        $checkout = $this->database->table('_checkouts')->where(['till' => $till, 'session' => $session])->first();
        if ($checkout !== null && $checkout->open) {
            $this->settled($checkout);

            return;
        }
        foreach ($this->book->called($till, $session) as $known) {
            $this->again($known);
        }
    }

    /**
     * Asks about everything of which nothing was heard: purchases that nobody came back from, and periods that are over; says what was given; ends what
     * nobody has any more. What a till refuses keeps nothing else from being asked; one that does not answer is left alone until the next time.
     *
     * @return list<string> why some of it could not be done
     */
    public function askAround(): array
    {
        $refused = $silent = [];
        $try = function (string $till, callable $work) use (&$refused, &$silent): void {
            try {
                isset($silent[$till]) || $work();
            } catch (NoAnswer $why) {
                $silent[$till] = true;
                $refused[] = "$till: {$why->getMessage()}";
            } catch (Refused $why) {
                $refused[] = $why->getMessage();
            }
        };
        foreach ($this->database->table('_checkouts')->where('open', true)->orderBy('id')->limit(100)->get() as $checkout) {
            if ((int) $checkout->asked < time() - self::WAITS || (string) $checkout->session === '') {
                $old = $this->database->table('_checkouts')->where('id', $checkout->id);
                (int) $checkout->asked > time() - self::SAME ?: $old->update(['open' => false]);
            } else {
                $try((string) $checkout->till, fn () => $this->settled($checkout));
            }
        }
        foreach ($this->book->toEnd() as ['till' => $till, 'token' => $token]) {
            $try($till, function () use ($till, $token): void {
                $this->till($till)->turn($token, false);
                $this->book->ended($till, $token);
            });
        }
        foreach ($this->book->due(new DateTimeImmutable()) as $due) {
            $try($due['till'], fn () => $this->again($due));
        }
        $rises = new PriceRises($this->space);
        foreach ($rises->toTell() as $one) {
            $try($one['till'], function () use ($one, $rises): void {
                try {
                    $this->raise($one['till'], $one['token'], $one['price'], $one['from'], $one['asks']);
                } catch (NoAnswer $later) {
                    throw $later;
                } catch (Refused $never) {
                    // The till will not have it, as where it has ended: asking again and again changes nothing.
                    $rises->told($one['id']);
                    throw $never;
                }
                $rises->told($one['id']);
            });
        }
        foreach ($this->book->notReceived() as $waits) {
            $try($waits['till'], fn () => $this->thank($waits['till'], $waits['token']));
        }

        return array_values(array_unique($refused));
    }

    /** @param  array{till: string, token: string, person: int, product: string, plan: string}  $known */
    private function again(array $known): void
    {
        $this->book->asked($known['till'], $known['token']);
        $person = $this->person($known['person']);
        if ($person !== null) {
            $told = $this->till($known['till'])->told($known['token']);
            $this->took($known['till'], $known['token'], $person, $this->product($known['product']), $known['plan'], $told);
        }
    }

    /** Says to a till that more is to be paid for a purchase from a moment on. */
    public function raise(string $till, string $token, int $price, DateTimeImmutable $from, bool $asks): void
    {
        foreach ($this->book->called($till, $token) as $known) {
            $person = $this->person($known['person']);
            if ($person !== null) {
                $told = $this->till($till)->raise($token, $price, $from, $asks);
                $this->took($till, $token, $person, $this->product($known['product']), $known['plan'], $told);
            }
        }
    }

    /** Gives back what was paid last for a purchase; the person has it no more. */
    public function giveBack(Row $person, int $purchase): void
    {
        $known = $this->book->paid($person, $purchase) ?? throw new Refused('There is nothing of it to give back.');
        $told = $this->till($known['till'])->giveBack($known['token']);
        $this->took($known['till'], $known['token'], $person, $this->product($known['product']), $known['plan'], $told);
    }

    private function settled(\stdClass $checkout): bool
    {
        $told = $this->till((string) $checkout->till)->told((string) $checkout->session);
        $person = $this->person((int) $checkout->person);
        $product = $this->space->blueprint()->product((string) $checkout->product);
        if ($told->isPaid() && ($person === null || $product === null)) {
            // Whoever paid, or what they paid for, has gone meanwhile: nobody could have it, so the money goes back.
            $this->till((string) $checkout->till)->giveBack((string) $checkout->session);
        } elseif ($told->isPaid()) {
            $this->took((string) $checkout->till, (string) $checkout->session, $person, $product, (string) $checkout->plan, $told);
        }
        if ($told->isPaid() || $told->isOver()) {
            $this->database->table('_checkouts')->where('id', $checkout->id)->update(['open' => false]);
        }

        return $told->isPaid();
    }

    /** What was bought, also where no sentence says it any more: what is still paid for stays in the books, and can be given back. */
    private function product(string $key): Product
    {
        return $this->space->blueprint()->product($key) ?? new Product($key, stored: $key);
    }

    private function person(int $id): ?Row
    {
        $people = $this->space->blueprint()->peopleTable();

        return $people === null ? null : $this->space->store()->byIds($people, [$id])[$id] ?? null;
    }

    private function took(string $till, string $token, Row $person, Product $product, string $plan, Told $told): void
    {
        $isTheirs = hash_equals($this->account($person->id), $told->account) || hash_equals($this->accountBefore($person->id), $told->account);
        if ($told->account !== '' && ! $isTheirs) {
            throw new Refused('This purchase belongs to somebody else.');
        }
        if ($told->events === []) {
            return;
        }
        $new = $this->book->takeAll($till, $token, $person, $product, $told->events, $plan);
        $told->price === null ?: $this->book->pays($till, $token, $told->price);
        if ($new > 0) {
            // Where it cannot be said just now it is said later; what was bought is there.
            rescue(fn () => $this->thank($till, $token), report: false);
        }
    }

    /** Says to a till that what was bought was given; of what is used up, once it was. */
    private function thank(string $till, string $token): void
    {
        foreach ($this->book->called($till, $token) as $known) {
            $used = $this->space->blueprint()->product($known['product'])?->sold === Product::USED;
            if (! $known['received'] && ! $this->book->owes($till, $token)) {
                $this->till($till)->received($token, $used);
                $this->book->received($till, $token);
            }
        }
    }
}
