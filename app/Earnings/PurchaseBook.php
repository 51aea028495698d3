<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Earnings\Books;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Commission;
use Lanai\Core\Earnings\Entry;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Status;
use Lanai\Core\Earnings\Subscription;
use Lanai\Core\Earnings\Terms;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Holdings;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Play\Rise;
use Lanai\Core\Play\Stand;
use Lanai\Core\Values\Currency;

/**
 * The purchases of an app's people in one data set: every event as it was told, and what follows from all of them. Who has what is written anew
 * with every event, from all that is known of the purchase.
 */
final readonly class PurchaseBook
{
    /** So many events of one purchase are kept: a weekly plan has them after 19 years. */
    private const EVENTS = 1000;

    /** So many purchases of one person are shown. */
    private const SHOWN = 200;

    /** What the founder gives comes through no till. */
    public const GIFT = 'gift';

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    /** The tables that hold purchases; called whenever a data file takes the shape of a revision. */
    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_statements')) {
            return;
        }
        if (! $schema->hasTable('_owed')) {
            self::second($database);
        }
        $schema->table('_purchase_events', function (Schema $table): void {
            // What is paid for from then on.
            $table->string('plan')->default('');
            // A higher price: what it is, and whether they are asked.
            $table->bigInteger('price')->nullable();
            $table->boolean('asks')->default(false);
            // What the till keeps of it; null where that follows from its terms.
            $table->bigInteger('commission')->nullable();
        });
        $schema->table('_purchases', function (Schema $table): void {
            // A price that is still to be told to the till, from when on, and whether it asks.
            $table->bigInteger('rise')->nullable()->index();
            $table->string('rises')->default('');
            $table->boolean('asks')->default(false);
            // What each payment is from the next one on, in minor units, as the till says.
            $table->bigInteger('pays')->nullable();
        });
        // What a till pays out is about many purchases.
        $schema->table('_ledger', fn (Schema $table) => $table->unsignedBigInteger('purchase')->nullable()->change());
        $schema->create('_turnover', function (Schema $table): void {
            $table->string('till');
            $table->unsignedInteger('year');
            $table->string('currency');
            $table->bigInteger('gross');
            $table->primary(['till', 'year', 'currency']);
        });
        Statements::prepare($database);
    }

    private static function second(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if (! $schema->hasTable('_purchases')) {
            self::first($database);
        }
        $schema->table('_purchases', function (Schema $table): void {
            // It was said to the till that what was bought was given.
            $table->boolean('received')->default(false);
            // When its till was last asked, in seconds.
            $table->unsignedBigInteger('asked')->default(0);
        });
        $schema->dropIfExists('_checkouts');
        $schema->create('_checkouts', function (Schema $table): void {
            $table->id();
            // With it somebody comes back; what the till calls it is nobody's to know.
            $table->string('token')->unique();
            $table->string('till');
            $table->string('session')->index();
            $table->unsignedBigInteger('person');
            $table->string('product');
            $table->string('plan');
            $table->string('terms');
            $table->boolean('beside');
            $table->boolean('open')->default(true)->index();
            $table->unsignedBigInteger('asked');
            $table->index(['person', 'product']);
        });
        Refusals::prepare($database);
        Receipts::prepare($database);
        Owed::prepare($database);
    }

    private static function first(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        $schema->create('_purchases', function (Schema $table): void {
            $table->id();
            $table->string('till');
            $table->string('token');
            $table->unsignedBigInteger('person')->nullable()->index();
            $table->string('product');
            $table->string('plan')->default('');
            $table->text('note')->default('');
            // Somebody has gone: the till is to be told.
            $table->boolean('end')->default(false)->index();
            $table->unique(['till', 'token']);
        });
        $schema->create('_purchase_events', function (Schema $table): void {
            $table->id();
            $table->foreignId('purchase')->constrained('_purchases')->cascadeOnDelete();
            $table->string('event');
            $table->string('what');
            $table->string('at');
            $table->string('until')->nullable();
            $table->boolean('free')->default(false);
            $table->bigInteger('gross')->nullable();
            $table->string('currency')->default('');
            $table->string('country')->default('');
            $table->string('rate')->default('');
            $table->unique(['purchase', 'event']);
        });
        $schema->create('_ledger', function (Schema $table): void {
            $table->id();
            $table->foreignId('purchase')->constrained('_purchases')->cascadeOnDelete();
            $table->string('entry');
            $table->string('at');
            $table->string('why');
            $table->string('account');
            $table->bigInteger('amount');
            $table->string('currency');
            $table->unique(['purchase', 'entry', 'account']);
            // A report reads nothing else.
            $table->index(['at', 'account', 'currency', 'amount']);
        });
        $schema->create(Holdings::STORED, function (Schema $table): void {
            $table->id();
            $table->unsignedBigInteger('person');
            $table->string('product');
            $table->string('begins');
            $table->string('ends');
            $table->foreignId('purchase')->constrained('_purchases')->cascadeOnDelete();
            $table->index(['person', 'product', 'ends']);
        });
    }

    /**
     * Something that happened to a purchase. Told twice it changes nothing; told late, what follows from all that is known is worked out anew.
     *
     * @param  string  $till  a till's name, or GIFT
     * @param  string  $token  the till's own for the purchase
     * @param  Product  $product  of the first event; later ones belong to what was bought then
     * @return bool whether it was new
     */
    public function take(string $till, string $token, Row $person, Product $product, Event $event, string $plan = '', string $note = ''): bool
    {
        return $this->takeAll($till, $token, $person, $product, [$event], $plan, $note) > 0;
    }

    /**
     * Several at once, as take().
     *
     * @param  list<Event>  $events
     * @return int how many were new
     *
     * @throws PurchaseRefused where it belongs to somebody else, or has more events than are kept
     */
    public function takeAll(string $till, string $token, Row $person, Product $product, array $events, string $plan = '', string $note = ''): int
    {
        return $this->database->transaction(function () use ($till, $token, $person, $product, $events, $plan, $note): int {
            $key = ['till' => $till, 'token' => $token];
            $more = ['person' => $person->id, 'product' => $product->key(), 'plan' => $plan, 'note' => $note];
            $purchases = $this->database->table('_purchases');
            $known = $purchases->clone()->where($key)->first();
            if ($known !== null && (int) $known->person !== $person->id) {
                throw new PurchaseRefused('This purchase belongs to somebody else.');
            }

            return $this->keep((int) ($known->id ?? $purchases->clone()->insertGetId($key + $more)), $events);
        });
    }

    /** Whether somebody has what a product gives because they bought it, or were given it. */
    public function held(Row $person, Product $product, DateTimeImmutable $now): bool
    {
        $at = StoredValue::plain($now);

        return $this->database
            ->table(Holdings::STORED)
            ->where(['person' => $person->id, 'product' => $product->key()])
            ->where('begins', '<=', $at)
            ->where('ends', '>', $at)
            ->exists();
    }

    /** Whether somebody had the free days of a product already: they are given once. */
    public function hadFreeDays(Row $person, Product $product): bool
    {
        return $this->database
            ->table('_purchase_events')
            ->join('_purchases', '_purchases.id', '=', '_purchase_events.purchase')
            ->where(['person' => $person->id, 'product' => $product->key(), 'free' => true])
            ->exists();
    }

    /** Whether somebody has paid for a product before. */
    public function everPaid(Row $person, Product $product): bool
    {
        return $this->database
            ->table('_purchase_events')
            ->join('_purchases', '_purchases.id', '=', '_purchase_events.purchase')
            ->where(['person' => $person->id, 'product' => $product->key()])
            ->where('gross', '>', 0)
            ->exists();
    }

    /**
     * The newest purchase of a product by somebody that goes on by itself.
     *
     * @return array{till: string, token: string, person: int, product: string, plan: string, received: bool}|null
     */
    public function running(Row $person, Product $product): ?array
    {
        $found = $this->atTills()->where(['person' => $person->id, 'product' => $product->key()])->orderByDesc('id')->first();

        return $found === null ? null : self::known($found);
    }

    /**
     * What somebody bought, the newest first.
     *
     * @return list<array{till: string, token: string, person: int, product: string, plan: string, received: bool}>
     */
    public function through(Row $person): array
    {
        return self::all($this->atTills()->where('person', $person->id)->orderByDesc('id')->limit(20));
    }

    /**
     * What a till calls so: one, or none.
     *
     * @return list<array{till: string, token: string, person: int, product: string, plan: string, received: bool}>
     */
    public function called(string $till, string $token): array
    {
        return self::all($this->atTills()->where(['till' => $till, 'token' => $token])->whereNotNull('person'));
    }

    /**
     * A purchase of somebody that was paid at a till.
     *
     * @return array{till: string, token: string, person: int, product: string, plan: string, received: bool}|null
     */
    public function paid(Row $person, int $purchase): ?array
    {
        return self::all($this->atTills()->where(['person' => $person->id, 'id' => $purchase]))[0] ?? null;
    }

    /** Purchases that a till knows of. */
    private function atTills(): Builder
    {
        $tills = array_map(fn (Sold $sold): string => $sold->value, Sold::tills());

        return $this->database->table('_purchases')->whereIn('till', $tills)->where('token', 'not like', 'story-%');
    }

    /** @return list<array{till: string, token: string, person: int, product: string, plan: string, received: bool}> */
    private static function all(Builder $purchases): array
    {
        return array_values(array_map(self::known(...), $purchases->get(['_purchases.*'])->all()));
    }

    /** @return array{till: string, token: string, person: int, product: string, plan: string, received: bool} */
    private static function known(\stdClass $raw): array
    {
        return [
            'till' => (string) $raw->till,
            'token' => (string) $raw->token,
            'person' => (int) $raw->person,
            'product' => (string) $raw->product,
            'plan' => (string) $raw->plan,
            'received' => (bool) $raw->received,
        ];
    }

    /** How somebody stands to a product: by the purchase that lasts longest of those that they have something of. */
    public function stands(Row $person, Product $product, DateTimeImmutable $now): Stand
    {
        $purchases = $this->database->table('_purchases')->where(['person' => $person->id, 'product' => $product->key()])->limit(self::SHOWN)->get();
        $events = $this->events(array_map(fn (\stdClass $p): int => (int) $p->id, $purchases->all()));
        $best = new Stand(false, false, null, false);
        $forGood = new DateTimeImmutable(Held::FOREVER);
        foreach ($purchases as $purchase) {
            $own = $events[(int) $purchase->id] ?? [];
            $stands = Subscription::at($now, $own);
            $forever = $stands->until !== null && $stands->until >= $forGood;
            if ($stands->status->has() && ($best->until !== null || ! $best->has) && ($forever || ! $best->has || $stands->until > $best->until)) {
                $isStory = str_starts_with((string) $purchase->token, 'story-');
                $real = in_array(Sold::tryFrom((string) $purchase->till), Sold::tills(), true) && ! $isStory && ! $forever;
                $plan = $stands->plan === '' ? (string) $purchase->plan : $stands->plan;
                $rise = $stands->rise === null ? null : self::rise($stands->rise, $stands->agreed, $own);
                $best = new Stand(true, $stands->status === Status::Ending, $forever ? null : $stands->until, $real, $plan, $stands->next, $rise);
            }
        }

        return $best;
    }

    /** @param  list<Event>  $events */
    private static function rise(Event $told, bool $agreed, array $events): Rise
    {
        $paid = array_filter($events, fn (Event $event): bool => $event->charge !== null);
        $last = $paid === [] ? null : end($paid)->charge;

        return new Rise((int) $told->price, $last->currency ?? '', $told->until, $told->asks && ! $agreed);
    }

    /**
     * Purchases whose period is over and of which nothing was heard since: some at a time, those first that were asked about longest ago. In the hour
     * after it they are asked about each minute, then each hour, for as long as a payment can still come.
     *
     * @return list<array{till: string, token: string, person: int, product: string, plan: string, received: bool}>
     */
    public function due(DateTimeImmutable $now): array
    {
        $at = fn (string $ago): string => (string) StoredValue::plain($now->modify($ago));
        $until = $this->database->table('_purchase_events')->groupBy('purchase')->selectRaw('purchase, max(until) as until');

        return self::all(
            $this->atTills()
                ->joinSub($until, 'known', 'known.purchase', '=', '_purchases.id')
                ->whereNotNull('person')
                ->whereBetween('until', [$at('-50 days'), $at('now')])
                ->where(fn (Builder $q) => $q
                    ->where('asked', '<', $now->getTimestamp() - 3600)
                    ->orWhere(fn (Builder $q) => $q->where('asked', '<', $now->getTimestamp() - 50)->where('until', '>', $at('-1 hour'))))
                ->orderBy('asked')
                ->limit(self::SHOWN),
        );
    }

    /**
     * What was bought at a store that does not know yet that it was given.
     *
     * @param  DateTimeImmutable|null  $before  bought before that; null for ever
     * @return list<array{till: string, token: string, person: int, product: string, plan: string, received: bool}>
     */
    public function notReceived(?DateTimeImmutable $before = null): array
    {
        $found = $this->atTills()->where('received', false)->where('till', '!=', Sold::Card->value)->whereNotNull('person');
        if ($before !== null) {
            $since = $this->database->table('_purchase_events')->where('at', '<', StoredValue::plain($before))->select('purchase');
            $found->whereIn('_purchases.id', $since);
        }

        return self::all($found->orderBy('id')->limit(self::SHOWN));
    }

    /** When it was bought. */
    public function bought(string $till, string $token): ?DateTimeImmutable
    {
        $at = $this->database
            ->table('_purchase_events')
            ->join('_purchases', '_purchases.id', '=', '_purchase_events.purchase')
            ->where(['till' => $till, 'token' => $token])
            ->min('at');

        return $at === null ? null : new DateTimeImmutable((string) $at);
    }

    public function received(string $till, string $token): void
    {
        $this->database->table('_purchases')->where(['till' => $till, 'token' => $token])->update(['received' => true]);
    }

    /** What each payment is from the next one on. */
    public function pays(string $till, string $token, int $price): void
    {
        $this->database->table('_purchases')->where(['till' => $till, 'token' => $token])->update(['pays' => $price]);
    }

    public function asked(string $till, string $token): void
    {
        $this->database->table('_purchases')->where(['till' => $till, 'token' => $token])->update(['asked' => time()]);
    }

    /** Whether what buying it does is still to be done. */
    public function owes(string $till, string $token): bool
    {
        return $this->database
            ->table('_owed')
            ->join('_purchases', '_purchases.id', '=', '_owed.purchase')
            ->where(['till' => $till, 'token' => $token, 'routine' => ''])
            ->exists();
    }

    /** Somebody goes: what they bought stays in the books without them, and what goes on by itself is to be ended at its till. */
    public function leave(int $person): void
    {
        $this->database->table(Holdings::STORED)->where('person', $person)->delete();
        $this->database->table('_checkouts')->where('person', $person)->update(['person' => 0]);
        Receipts::forget($this->database, $person);
        $theirs = $this->database->table('_purchases')->where('person', $person);
        $this->atTills()->where('person', $person)->update(['end' => true]);
        $theirs->clone()->update(['person' => null, 'note' => '']);
    }

    /** @return list<array{till: string, token: string, person: int, product: string, plan: string, received: bool}> what is to be ended at its till */
    public function toEnd(): array
    {
        return self::all($this->atTills()->where('end', true)->limit(self::SHOWN));
    }

    public function ended(string $till, string $token): void
    {
        $this->database->table('_purchases')->where(['till' => $till, 'token' => $token])->update(['end' => false]);
    }

    /** The founder gives a product to somebody, until a moment or for ever. */
    public function give(Row $person, Product $product, DateTimeImmutable $now, ?DateTimeImmutable $until, string $note = ''): void
    {
        $token = (string) Str::uuid();
        $this->database->transaction(function () use ($token, $person, $product, $now, $until, $note): void {
            $given = new Event('given', Happened::Bought, $now, $until ?? new DateTimeImmutable(Held::FOREVER));
            // No payment is due when it is over: it ends then, without grace.
            $ends = $until === null ? [] : [new Event('given until', Happened::Left, $now)];
            $this->takeAll(self::GIFT, $token, $person, $product, [$given, ...$ends], note: $note);
        });
    }

    /** Until when somebody has what they were given; null where they were given nothing, or have it for good. */
    public function givenUntil(Row $person, Product $product, DateTimeImmutable $now): ?DateTimeImmutable
    {
        $until = $this->database
            ->table(Holdings::STORED)
            ->join('_purchases', '_purchases.id', '=', Holdings::STORED.'.purchase')
            ->where([Holdings::STORED.'.person' => $person->id, Holdings::STORED.'.product' => $product->key(), 'till' => self::GIFT])
            ->where('ends', '>', StoredValue::plain($now))
            ->max('ends');
        $until = $until === null ? null : new DateTimeImmutable((string) $until);

        return $until === null || $until >= new DateTimeImmutable(Held::FOREVER) ? null : $until;
    }

    /** What the founder gave is taken back; false where it is not theirs to take, or gone already. */
    public function takeBack(int $purchase, DateTimeImmutable $now): bool
    {
        return $this->database->transaction(function () use ($purchase, $now): bool {
            $gift = $this->database->table('_purchases')->where('id', $purchase)->where('till', self::GIFT)->exists();
            if (! $gift || ! Subscription::at($now, $this->events([$purchase])[$purchase] ?? [])->status->has()) {
                return false;
            }

            return $this->keep($purchase, [new Event('taken back', Happened::Revoked, $now)]) > 0;
        });
    }

    /** @param  list<Event>  $events */
    private function keep(int $purchase, array $events): int
    {
        if ($this->database->table('_purchase_events')->where('purchase', $purchase)->count() + count($events) > self::EVENTS) {
            throw new PurchaseRefused('This purchase has so many events that no more are kept.');
        }
        $new = [];
        $of = $this->database->table('_purchases')->where('id', $purchase)->firstOrFail();
        foreach ($events as $event) {
            $kept = $this->kept($of, $event);
            $added = $this->database->table('_purchase_events')->insertOrIgnore([
                'purchase' => $purchase,
                'event' => $event->id,
                'what' => $event->what->value,
                'at' => StoredValue::plain($event->at),
                'until' => $event->until === null ? null : StoredValue::plain($event->until),
                'free' => $event->free,
                'gross' => $event->charge?->gross,
                'currency' => $event->charge->currency ?? '',
                'country' => $event->charge->country ?? '',
                'rate' => $event->charge->rate ?? '',
                'plan' => $event->plan,
                'price' => $event->price,
                'asks' => $event->asks,
                'commission' => $kept,
            ]);
            if ($added > 0) {
                $this->sold($of, $event);
                $new[] = $event;
            }
        }
        if ($new !== []) {
            $this->follow($purchase);
            $this->owe($purchase, $new);
            $this->write($purchase, $new);
        }

        return count($new);
    }

    /** What a store keeps of a payment, in minor units, by what was sold through it so far; null where nothing was paid. */
    private function kept(\stdClass $of, Event $event): ?int
    {
        $sold = Sold::tryFrom((string) $of->till);
        $isStore = in_array($sold, Sold::tills(), true) && $sold->terms()->sells;
        if ($event->charge === null || $event->what === Happened::Refunded || ! $isStore) {
            return $event->charge?->commission;
        }
        $isSubscription = $this->space->blueprint()->product((string) $of->product)?->sold === Product::SUBSCRIPTION;
        $first = $this->database->table('_purchase_events')->where('purchase', $of->id)->where('gross', '>', 0)->min('at');
        $age = $first === null ? 0 : $event->at->getTimestamp() - (new DateTimeImmutable((string) $first))->getTimestamp();
        $before = $this->database->table('_turnover')->where(['till' => $of->till, 'year' => (int) $event->at->format('Y')])->get();
        $units = $before->sum(fn (\stdClass $in): float => (int) $in->gross / 10 ** Currency::digits((string) $in->currency));

        return $event->charge->keeping(Commission::percent($sold, $event->at, (int) $units, $isSubscription ? $age : null))->commission;
    }

    /** Adds to what was sold through a till in the year. */
    private function sold(\stdClass $of, Event $event): void
    {
        if ($event->charge !== null && $event->what !== Happened::Refunded && ! str_starts_with((string) $of->token, 'story-')) {
            $key = ['till' => (string) $of->till, 'year' => (int) $event->at->format('Y'), 'currency' => $event->charge->currency];
            $this->database->table('_turnover')->insertOrIgnore($key + ['gross' => 0]);
            $this->database->table('_turnover')->where($key)->increment('gross', $event->charge->gross);
        }
    }

    /** @param  non-empty-list<Event>  $new  for which receipts may be due */
    private function write(int $purchase, array $new): void
    {
        $of = $this->database->table('_purchases')->where('id', $purchase)->first();
        if ($of === null || $of->till === self::GIFT || str_starts_with((string) $of->token, 'story-')) {
            return;
        }
        $product = $this->space->blueprint()->product((string) $of->product);
        $plan = $product?->plan((string) $of->plan);
        $people = $this->space->blueprint()->peopleTable();
        $person = $people === null || $of->person === null ? null : $this->space->store()->byIds($people, [(int) $of->person])[(int) $of->person] ?? null;
        $item = ($product === null ? (string) $of->product : $product->name).($plan === null ? '' : ", $plan->name");
        (new Receipts($this->space))->issue($purchase, $this->events([$purchase])[$purchase] ?? [], $new, $item, $person?->label() ?? '');
    }

    /** @param  non-empty-list<Event>  $events */
    private function owe(int $purchase, array $events): void
    {
        $of = $this->database->table('_purchases')->where('id', $purchase)->first();
        $product = $this->space->blueprint()->product((string) $of?->product);
        // A made-up customer and a gift of the founder are no sale.
        if ($of === null || $product === null || $of->person === null || $of->till === self::GIFT || str_starts_with((string) $of->token, 'story-')) {
            return;
        }
        $before = ['person' => $of->person, 'product' => $of->product];
        $again = $this->database->table('_purchases')->where($before)->where('till', '!=', self::GIFT)->where('id', '<', $purchase)->exists();
        foreach ($events as $event) {
            (new Owed($this->space))->owe($purchase, $product, $event, $again);
        }
    }

    /** Writes anew what follows from all events of a purchase: who has what, and what stands in the books. */
    private function follow(int $purchase): void
    {
        $events = $this->events([$purchase])[$purchase] ?? [];
        $of = $this->database->table('_purchases')->where('id', $purchase)->first();
        $this->database->table(Holdings::STORED)->where('purchase', $purchase)->delete();
        $this->database->table('_ledger')->where('purchase', $purchase)->delete();
        // Who bought what is used up has nothing of it but what it brought.
        $used = $this->space->blueprint()->product((string) $of?->product)?->sold === Product::USED;
        $plan = Subscription::at(new DateTimeImmutable(Held::FOREVER), $events)->plan;
        if ($plan !== '' && $plan !== $of?->plan) {
            $this->database->table('_purchases')->where('id', $purchase)->update(['plan' => $plan]);
        }
        foreach ($of?->person === null || $used ? [] : Held::of($events) as $held) {
            $this->database->table(Holdings::STORED)->insert([
                'person' => $of->person,
                'product' => $of->product,
                'begins' => StoredValue::plain($held->from),
                'ends' => StoredValue::plain($held->until),
                'purchase' => $purchase,
            ]);
        }
        foreach (array_chunk(self::lines(Books::of((string) $purchase, $events)), 100) as $some) {
            $this->database->table('_ledger')->insert(array_map(fn (array $line): array => ['purchase' => $purchase] + $line, $some));
        }
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<array{entry: string, at: string|int|float|null, why: string, account: string, amount: int, currency: string}>
     */
    public static function lines(array $entries): array
    {
        $lines = [];
        foreach ($entries as $entry) {
            foreach ($entry->amounts as $account => $amount) {
                $lines[] = [
                    'entry' => $entry->id,
                    'at' => StoredValue::plain($entry->at),
                    'why' => $entry->why,
                    'account' => $account,
                    'amount' => $amount,
                    'currency' => $entry->currency,
                ];
            }
        }

        return $lines;
    }

    /**
     * Whether the books are those that follow from what was told: a sentence for each purchase where they are not.
     *
     * @return list<string>
     */
    public function check(): array
    {
        $wrong = [];
        foreach ($this->database->table('_purchases')->orderBy('id')->lazy(200) as $purchase) {
            $id = (int) $purchase->id;
            $lines = $this->database->table('_ledger')->where('purchase', $id)->get(['entry', 'at', 'why', 'account', 'amount', 'currency']);
            $kept = array_map(fn (\stdClass $line): array => (array) $line, $lines->all());
            $due = self::lines(Books::of((string) $id, $this->events([$id])[$id] ?? []));
            sort($kept);
            sort($due);
            foreach ($lines->groupBy('entry') as $entry => $parts) {
                if ((int) $parts->sum('amount') !== 0) {
                    $wrong[] = "The entry $entry does not balance.";
                }
            }
            if ($kept != $due) {
                $wrong[] = "Purchase $id and its entries disagree.";
            }
        }

        return [...$wrong, ...(new Statements($this->space))->check()];
    }

    /**
     * @param  list<int>  $purchases
     * @return array<int, list<Event>>
     */
    public function events(array $purchases): array
    {
        $events = [];
        $found = $this->database
            ->table('_purchase_events')
            ->join('_purchases', '_purchases.id', '=', '_purchase_events.purchase')
            ->whereIntegerInRaw('purchase', $purchases)
            ->orderBy('_purchase_events.id')
            ->get(['_purchase_events.*', '_purchases.till']);
        foreach ($found as $raw) {
            $until = $raw->until === null ? null : new DateTimeImmutable((string) $raw->until);
            $what = Happened::from((string) $raw->what);
            $charge = $raw->gross === null ? null : self::charge($raw);
            $at = new DateTimeImmutable((string) $raw->at);
            $price = $raw->price === null ? null : (int) $raw->price;
            $events[(int) $raw->purchase][] = new Event(
                (string) $raw->event,
                $what,
                $at,
                $until,
                (bool) $raw->free,
                $charge,
                (string) $raw->plan,
                $price,
                (bool) $raw->asks,
            );
        }

        return $events;
    }

    private static function charge(\stdClass $raw): Charge
    {
        $terms = Sold::tryFrom((string) $raw->till)?->terms() ?? new Terms((string) $raw->till, '0', 0, false);

        $kept = $raw->commission === null ? null : (int) $raw->commission;

        return new Charge((int) $raw->gross, (string) $raw->currency, (string) $raw->country, (string) $raw->rate, $terms, $kept);
    }

    /**
     * What somebody has bought or been given, the newest first.
     *
     * @return list<array{id: int, till: string, story: bool, product: string, plan: string, note: string, status: string, has: bool, until: string|null,
     *     events: list<array{what: string, at: string, until: string|null}>}>
     */
    public function of(Row $person, DateTimeImmutable $now): array
    {
        $purchases = $this->database->table('_purchases')->where('person', $person->id)->orderByDesc('id')->limit(self::SHOWN)->get();
        $events = $this->events(array_map(fn (\stdClass $p): int => (int) $p->id, $purchases->all()));
        $told = [];
        foreach ($purchases as $purchase) {
            $own = $events[(int) $purchase->id] ?? [];
            $stands = Subscription::at($now, $own);
            $product = $this->space->blueprint()->product((string) $purchase->product);
            $told[] = [
                'id' => (int) $purchase->id,
                'till' => (string) $purchase->till,
                // A made-up customer of the tide.
                'story' => str_starts_with((string) $purchase->token, 'story-'),
                'product' => $product === null ? (string) $purchase->product : $product->name,
                'plan' => $product?->plan((string) $purchase->plan)->name ?? (string) $purchase->plan,
                'note' => (string) $purchase->note,
                'status' => $stands->status->value,
                'has' => $stands->status->has(),
                'until' => $stands->until?->format('c'),
                'events' => array_map(
                    fn (Event $e): array => ['what' => $e->what->value, 'at' => $e->at->format('c'), 'until' => $e->until?->format('c')],
                    $own,
                ),
            ];
        }

        return $told;
    }
}
