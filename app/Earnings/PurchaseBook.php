<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Subscription;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Holdings;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;

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
        if ($schema->hasTable('_purchases')) {
            return;
        }
        $schema->create('_purchases', function (Schema $table): void {
            $table->id();
            $table->string('till');
            $table->string('token');
            $table->unsignedBigInteger('person')->nullable()->index();
            $table->string('product');
            $table->string('plan')->default('');
            $table->text('note')->default('');
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
            $table->unique(['purchase', 'event']);
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
        return $this->database->transaction(function () use ($till, $token, $person, $product, $event, $plan, $note): bool {
            $this->database->table('_purchases')->insertOrIgnore([
                'till' => $till,
                'token' => $token,
                'person' => $person->id,
                'product' => $product->key(),
                'plan' => $plan,
                'note' => $note,
            ]);
            $purchase = $this->database->table('_purchases')->where('till', $till)->where('token', $token)->first();

            return $purchase !== null && $this->keep((int) $purchase->id, $event);
        });
    }

    /** The founder gives a product to somebody, until a moment or for ever. */
    public function give(Row $person, Product $product, DateTimeImmutable $now, ?DateTimeImmutable $until, string $note = ''): void
    {
        $until ??= new DateTimeImmutable(Held::FOREVER);
        $this->take(self::GIFT, (string) Str::uuid(), $person, $product, new Event('given', Happened::Bought, $now, $until), note: $note);
    }

    /** What the founder gave is taken back; false where it is not theirs to take, or gone already. */
    public function takeBack(int $purchase, DateTimeImmutable $now): bool
    {
        return $this->database->transaction(function () use ($purchase, $now): bool {
            $gift = $this->database->table('_purchases')->where('id', $purchase)->where('till', self::GIFT)->exists();
            if (! $gift || ! Subscription::at($now, $this->events([$purchase])[$purchase] ?? [])->status->has()) {
                return false;
            }

            return $this->keep($purchase, new Event('taken back', Happened::Revoked, $now));
        });
    }

    private function keep(int $purchase, Event $event): bool
    {
        if ($this->database->table('_purchase_events')->where('purchase', $purchase)->count() >= self::EVENTS) {
            throw new TooManyEvents('This purchase has so many events that no more are kept.');
        }
        $new = $this->database->table('_purchase_events')->insertOrIgnore([
            'purchase' => $purchase,
            'event' => $event->id,
            'what' => $event->what->value,
            'at' => StoredValue::plain($event->at),
            'until' => $event->until === null ? null : StoredValue::plain($event->until),
            'free' => $event->free,
        ]);
        if ($new > 0) {
            $this->hold($purchase);
        }

        return $new > 0;
    }

    /** Writes anew who has what of a purchase. */
    private function hold(int $purchase): void
    {
        $this->database->table(Holdings::STORED)->where('purchase', $purchase)->delete();
        $of = $this->database->table('_purchases')->where('id', $purchase)->whereNotNull('person')->first();
        if ($of === null) {
            return;
        }
        $this->database->table(Holdings::STORED)->insert(
            array_map(
                fn (Held $held): array => [
                    'person' => $of->person,
                    'product' => $of->product,
                    'begins' => StoredValue::plain($held->from),
                    'ends' => StoredValue::plain($held->until),
                    'purchase' => $purchase,
                ],
                Held::of($this->events([$purchase])[$purchase] ?? []),
            ),
        );
    }

    /**
     * @param  list<int>  $purchases
     * @return array<int, list<Event>>
     */
    private function events(array $purchases): array
    {
        $events = [];
        foreach ($this->database->table('_purchase_events')->whereIntegerInRaw('purchase', $purchases)->orderBy('id')->get() as $raw) {
            $until = $raw->until === null ? null : new DateTimeImmutable((string) $raw->until);
            $what = Happened::from((string) $raw->what);
            $events[(int) $raw->purchase][] = new Event((string) $raw->event, $what, new DateTimeImmutable((string) $raw->at), $until, (bool) $raw->free);
        }

        return $events;
    }

    /**
     * What somebody has bought or been given, the newest first.
     *
     * @return list<array{id: int, till: string, product: string, plan: string, note: string, status: string, has: bool, until: string|null,
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
