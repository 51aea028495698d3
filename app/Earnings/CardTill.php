<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Vat;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Stand;
use Lanai\Core\Play\Tills;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Values\Currency;

/**
 * Payments by card, on a page of the provider. What happened is never taken from an address that somebody comes back with, nor from a message: the
 * provider is asked.
 */
final readonly class CardTill implements Tills
{
    private const PERIODS = ['week' => 'P1W', 'month' => 'P1M', 'quarter' => 'P3M', 'half' => 'P6M', 'year' => 'P1Y'];

    private const HAPPENED = [
        'bought' => Happened::Bought,
        'renewed' => Happened::Paid,
        'failed' => Happened::Failed,
        'left' => Happened::Left,
        'stays' => Happened::Returned,
        'refunded' => Happened::Refunded,
    ];

    /** Seconds after which somebody who has not come back is asked about no more. */
    private const WAITS = 86400;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public function begin(Row $person, Product $product, ?Plan $plan, Visit $visit): string
    {
        $holds = $this->book()->held($person, $product, $visit->moment->now);
        if ($holds) {
            throw new Refused('You have this already.');
        }
        $currency = $plan === null ? $product->currency : $plan->currency;
        $unit = 10 ** Currency::digits($currency);
        $minor = fn (string $amount): int => BigDecimal::of($amount)->multipliedBy($unit)->toScale(0, RoundingMode::HALF_UP)->toInt();
        $lower = $plan !== null && $plan->beginsLower() && ! $this->book()->everPaid($person, $product);
        $key = $this->space->set === DataSet::Live ? $this->space->app->slug : $this->space->app->share_code;
        $answer = $this->ask('POST', '/sessions', [
            'name' => $plan === null ? $product->name : "$product->name, $plan->name",
            'shop' => $this->space->app->name,
            'price' => $minor($plan === null ? $product->price : $plan->price),
            // A lower price at first is given once, too.
            'firstPrice' => $lower ? $minor($plan->begins) : 0,
            'firstTimes' => $lower ? (int) $plan->begin : 0,
            'currency' => $currency,
            'every' => $plan === null ? '' : self::PERIODS[$plan->every] ?? 'P1M',
            // They are given once.
            'freeDays' => $plan === null || $this->book()->hadFreeDays($person, $product) ? 0 : (int) $plan->freeDays,
            'back' => url("/paid/{$this->space->set->value}/{$this->space->app->slug}/".($token = (string) Str::uuid())),
        ]);
        $session = is_string($answer['id'] ?? null) ? $answer['id'] : throw new Refused('The till does not answer as it should. Nothing was paid.');
        $this->database->table('_checkouts')->insert([
            'session' => "$token $session",
            'person' => $person->id,
            'product' => $product->key(),
            'plan' => $plan === null ? '' : $plan->key(),
            'beside' => $visit->beside,
            'asked' => time(),
        ]);

        if (! $this->space->app->sells) {
            $this->space->app->forceFill(['sells' => true])->save();
        }

        return is_string($answer['url'] ?? null) ? $answer['url'] : '';
    }

    public function turn(Row $person, Product $product, bool $stays): void
    {
        $purchase = $this->book()->running(Sold::Card->value, $person, $product);
        if ($purchase === null) {
            throw new Refused($stays ? 'There is nothing that could go on.' : 'There is nothing to end.');
        }
        $answer = $this->ask('POST', "/sessions/$purchase[token]/".($stays ? 'stay' : 'end'), []);
        $this->took($purchase['token'], $person, $product, $purchase['plan'], $answer);
    }

    public function stands(Row $person, Product $product, DateTimeImmutable $now): Stand
    {
        return $this->book()->stands($person, $product, $now, Sold::Card->value);
    }

    public function restore(Row $person): void
    {
        foreach ($this->database->table('_checkouts')->where(['person' => $person->id, 'open' => true])->limit(20)->get() as $checkout) {
            $this->settled($checkout);
        }
        foreach ($this->book()->through(Sold::Card->value, $person) as $known) {
            $product = $this->space->blueprint()->product($known['product']);
            if ($product !== null) {
                $this->took($known['token'], $person, $product, $known['plan'], $this->ask('GET', "/sessions/$known[token]"));
            }
        }
    }

    public function pages(): array
    {
        $page = fn (string $label, string $key): array => ['label' => $label, 'address' => url("/p/{$this->space->app->slug}/$key")];

        return [$page('Terms', 'terms'), $page('Privacy', 'privacy')];
    }

    private function book(): PurchaseBook
    {
        return new PurchaseBook($this->space);
    }

    /**
     * Asks how a purchase went that was begun here.
     *
     * @param  string  $token  with which its page leads back
     * @return array{beside: bool, paid: bool}|null null where none was begun so
     */
    public function back(string $token): ?array
    {
        $checkout = $this->database->table('_checkouts')->where('session', 'like', "$token %")->first();

        return $checkout === null ? null : ['beside' => (bool) $checkout->beside, 'paid' => $this->settled($checkout)];
    }

    /** Asks about everything of which nothing was heard: purchases that nobody came back from, and periods that are over. */
    public function askAround(): void
    {
        foreach ($this->database->table('_checkouts')->where('open', true)->orderBy('id')->limit(100)->get() as $checkout) {
            if ((int) $checkout->asked < time() - self::WAITS) {
                $this->database->table('_checkouts')->where('id', $checkout->id)->update(['open' => false]);
            } else {
                $this->settled($checkout);
            }
        }
        foreach ($this->book()->toEnd(Sold::Card->value) as $token) {
            $this->ask('POST', "/sessions/$token/end");
            $this->book()->ended(Sold::Card->value, $token);
        }
        foreach ($this->book()->due(Sold::Card->value, new DateTimeImmutable()) as $due) {
            $product = $this->space->blueprint()->product($due['product']);
            $person = $this->person($due['person']);
            if ($product !== null && $person !== null) {
                $this->took($due['token'], $person, $product, $due['plan'], $this->ask('GET', "/sessions/$due[token]"));
            }
        }
    }

    private function settled(\stdClass $checkout): bool
    {
        $session = explode(' ', (string) $checkout->session)[1] ?? '';
        $answer = $this->ask('GET', "/sessions/$session");
        $person = $this->person((int) $checkout->person);
        $product = $this->space->blueprint()->product((string) $checkout->product);
        $paid = ($answer['state'] ?? '') === 'paid';
        if ($paid && $person !== null && $product !== null) {
            $this->took($session, $person, $product, (string) $checkout->plan, $answer);
        }
        if (($answer['state'] ?? '') !== 'open') {
            $this->database->table('_checkouts')->where('id', $checkout->id)->update(['open' => false]);
        }

        return $paid;
    }

    private function person(int $id): ?Row
    {
        $people = $this->space->blueprint()->peopleTable();

        return $people === null ? null : $this->space->store()->byIds($people, [$id])[$id] ?? null;
    }

    /** @param  array<string, mixed>  $answer */
    private function took(string $session, Row $person, Product $product, string $plan, array $answer): void
    {
        $text = fn (mixed $value): string => is_string($value) ? $value : '';
        $country = $text($answer['country'] ?? null);
        $events = [];
        foreach (is_array($answer['events'] ?? null) ? $answer['events'] : [] as $told) {
            $what = is_array($told) ? self::HAPPENED[$text($told['type'] ?? null)] ?? null : null;
            if ($what === null || $text($told['id'] ?? null) === '') {
                continue;
            }
            $at = new DateTimeImmutable($text($told['at'] ?? null));
            $until = $text($told['until'] ?? null) === '' ? null : new DateTimeImmutable($text($told['until']));
            if ($what === Happened::Bought && $until === null) {
                $until = new DateTimeImmutable(Held::FOREVER);
            }
            $amount = is_int($told['amount'] ?? null) ? $told['amount'] : 0;
            $paid = fn (): Charge => new Charge($amount, $text($answer['currency'] ?? null), $country, Vat::standard($country, $at), Sold::Card->terms());
            $charge = $amount <= 0 ? null : $paid();
            $events[] = new Event($text($told['id']), $what, $at, $until, ($told['free'] ?? false) === true, $charge);
        }
        if ($events !== []) {
            $this->book()->takeAll(Sold::Card->value, $session, $person, $product, $events, $plan);
        }
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed>
     *
     * @throws Refused with a sentence for the person
     */
    private function ask(string $method, string $path, array $body = []): array
    {
        $url = rtrim((string) config('lanai.till.url'), '/');
        try {
            $request = Guard::to($url, ['till'])
                ->withToken((string) config('lanai.till.key'))
                ->withHeaders(['Idempotency-Key' => (string) Str::uuid()]);
            $answer = $method === 'GET' ? $request->get($url.$path) : $request->post($url.$path, $body);
        } catch (ConnectionException|AddressRefused) {
            throw new Refused('The till does not answer just now. Nothing was paid; please try again in a moment.');
        }

        return self::read($answer);
    }

    /** @return array<string, mixed> */
    private static function read(Response $answer): array
    {
        $told = $answer->json();
        if (! $answer->successful() || ! is_array($told)) {
            throw new Refused('The till does not answer as it should. Nothing was paid; please try again in a moment.');
        }

        return $told;
    }
}
