<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Jobs\SendReceipt;
use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Period;
use Lanai\Core\Earnings\Receipt;
use Lanai\Core\Earnings\Seller;
use Lanai\Core\Earnings\Subscription;
use Lanai\Core\Model\StoredValue;

/**
 * Receipts for what the founder sells: what is paid by card. Stores sell in their own name and write their own. A receipt is written together with the
 * payment that it is for, has the next number, and stays as it is.
 */
final readonly class Receipts
{
    /** So many are listed at once. */
    private const SHOWN = 200;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $database->getSchemaBuilder()->create('_receipts', function (Schema $table): void {
            $table->unsignedInteger('number')->primary();
            $table->foreignId('purchase')->constrained('_purchases')->restrictOnDelete();
            $table->string('event');
            $table->boolean('back');
            $table->unsignedInteger('of')->nullable();
            $table->string('at');
            $table->string('item');
            $table->string('buyer');
            $table->text('seller');
            $table->bigInteger('gross');
            $table->bigInteger('net');
            $table->string('rate');
            $table->string('currency');
            $table->string('country');
            $table->unique(['purchase', 'event']);
            $table->index('at');
        });
    }

    /**
     * Writes those that new events of a purchase ask for; called within the transaction that keeps them.
     *
     * @param  list<Event>  $events  all of the purchase
     * @param  non-empty-list<Event>  $new
     */
    public function issue(int $purchase, array $events, array $new, string $item, string $buyer): void
    {
        $ids = array_map(fn (Event $event): string => $event->id, $new);
        $last = null;
        foreach (Subscription::inOrder($events) as $event) {
            $isBack = in_array($event->what, [Happened::Refunded, Happened::DisputeLost], true);
            $paid = ! $isBack && $event->charge !== null && $event->charge->gross > 0 && ! $event->charge->terms->sells;
            $back = $isBack ? $last : null;
            $for = $paid ? $event : $back;
            $last = match (true) {
                $paid => $event,
                $back !== null => null,
                default => $last,
            };
            if ($for?->charge !== null && in_array($event->id, $ids, true)) {
                $this->write($purchase, $event, $for, $back !== null, $item, $buyer);
            }
        }
    }

    private function write(int $purchase, Event $event, Event $for, bool $back, string $item, string $buyer): void
    {
        $charge = $for->charge ?? throw new \LogicException('Nothing was paid.');
        // Of what is given back in part that part.
        $charge = $back && $event->charge !== null && $event->charge->gross < $charge->gross ? $charge->part($event->charge->gross) : $charge;
        $receipts = $this->database->table('_receipts');
        $number = (int) $receipts->clone()->max('number') + 1;
        $of = $back ? $receipts->clone()->where(['purchase' => $purchase, 'event' => $for->id])->value('number') : null;
        $receipts->insert([
            'number' => $number,
            'purchase' => $purchase,
            'event' => $event->id,
            'back' => $back,
            'of' => $of,
            'at' => StoredValue::plain($event->at),
            'item' => $item,
            'buyer' => $buyer,
            'seller' => json_encode($this->seller()->data(), JSON_THROW_ON_ERROR),
            'gross' => $charge->gross,
            'net' => $charge->net,
            'rate' => $charge->rate,
            'currency' => $charge->currency,
            'country' => $charge->country,
        ]);
        [$app, $set] = [$this->space->app->id, $this->space->set->value];
        $this->database->afterCommit(fn () => SendReceipt::dispatch($app, $set, $number));
    }

    public function seller(): Seller
    {
        return Seller::of($this->space->app->seller, $this->space->app->name);
    }

    public function find(int $number): ?Receipt
    {
        $raw = $this->database->table('_receipts')->where('number', $number)->first();

        return $raw === null ? null : self::receipt($raw);
    }

    /** Whose it is; null where they have gone. */
    public function person(int $number): ?int
    {
        $person = $this->database
            ->table('_receipts')
            ->join('_purchases', '_purchases.id', '=', '_receipts.purchase')
            ->where('number', $number)
            ->value('person');

        return $person === null ? null : (int) $person;
    }

    /** @return list<Receipt> of a period, the newest first */
    public function in(Period $period): array
    {
        $found = $this->database->table('_receipts')->where('at', '>=', $period->from)->where('at', '<', $period->before);

        return array_values(array_map(self::receipt(...), $found->orderByDesc('number')->limit(self::SHOWN)->get()->all()));
    }

    public function count(Period $period): int
    {
        return $this->database->table('_receipts')->where('at', '>=', $period->from)->where('at', '<', $period->before)->count();
    }

    /** Somebody has gone: their receipts stay, without their name. */
    public static function forget(Connection $database, int $person): void
    {
        $theirs = $database->table('_purchases')->where('person', $person)->select('id');
        $database->table('_receipts')->whereIn('purchase', $theirs)->update(['buyer' => '']);
    }

    private static function receipt(\stdClass $raw): Receipt
    {
        $seller = json_decode((string) $raw->seller, true);

        return new Receipt(
            (int) $raw->number,
            (bool) $raw->back,
            new DateTimeImmutable((string) $raw->at),
            Seller::of(is_array($seller) ? $seller : [], ''),
            (string) $raw->item,
            (string) $raw->buyer,
            (int) $raw->gross,
            (int) $raw->net,
            (string) $raw->rate,
            (string) $raw->currency,
            (string) $raw->country,
            $raw->of === null ? null : (int) $raw->of,
        );
    }
}
