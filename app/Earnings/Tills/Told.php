<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use DateTimeImmutable;
use Exception;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Terms;
use Lanai\Core\Earnings\Vat;
use Lanai\Core\Rows\Refused;

/** What a till tells of a purchase. */
final readonly class Told
{
    private const HAPPENED = [
        'bought' => Happened::Bought,
        'renewed' => Happened::Paid,
        'failed' => Happened::Failed,
        'left' => Happened::Left,
        'stays' => Happened::Returned,
        'refunded' => Happened::Refunded,
        'changed' => Happened::Changed,
        'chosen' => Happened::Chosen,
        'rises' => Happened::Rises,
        'agreed' => Happened::Agreed,
        'disputed' => Happened::Disputed,
        'dispute won' => Happened::DisputeWon,
        'dispute lost' => Happened::DisputeLost,
        'paused' => Happened::Paused,
        'resumed' => Happened::Resumed,
        'revoked' => Happened::Revoked,
    ];

    /** More of one purchase is not read. */
    private const MOST = 1000;

    /**
     * @param  string  $state  open, pending, paid or left
     * @param  string  $account  whose it is, as the till was told; '' where it does not keep that
     * @param  list<Event>  $events
     * @param  int|null  $price  what each payment is from the next one on, in minor units
     * @param  string  $product  what was bought, as the till calls it; '' where it does not say that
     */
    public function __construct(
        public string $state,
        public string $account,
        public array $events,
        public ?int $price = null,
        public string $product = '',
    ) {
    }

    public function isPaid(): bool
    {
        return $this->state === 'paid';
    }

    /** Whether nothing more will come of it. */
    public function isOver(): bool
    {
        return $this->state === 'left';
    }

    /**
     * @param  array<string, mixed>  $answer
     * @return list<array<string, mixed>> what it says has happened
     */
    public static function events(array $answer): array
    {
        $told = $answer['events'] ?? null;

        return is_array($told) ? array_values(array_filter($told, is_array(...))) : [];
    }

    /**
     * @param  array<string, mixed>  $answer
     * @param  list<array<string, mixed>>  $told  each with its type, id and time; until, amount, ref, asks and free where it has them
     *
     * @throws Refused where it makes no sense
     */
    public static function of(array $answer, array $told, Terms $terms): self
    {
        $text = fn (mixed $value): string => is_string($value) ? $value : '';
        if (count($told) > self::MOST) {
            throw new Refused('The till tells of more than can be read. Nothing was changed.');
        }
        $events = [];
        try {
            foreach ($told as $one) {
                $what = self::HAPPENED[$text($one['type'] ?? null)] ?? null;
                if ($what === null || $text($one['id'] ?? null) === '' || strlen($text($one['id'])) > 100) {
                    continue;
                }
                $at = new DateTimeImmutable($text($one['at'] ?? null) ?: 'never');
                $until = $text($one['until'] ?? null) === '' ? null : new DateTimeImmutable($text($one['until']));
                if ($what === Happened::Bought && $until === null) {
                    $until = new DateTimeImmutable(Held::FOREVER);
                }
                $amount = is_int($one['amount'] ?? null) ? $one['amount'] : 0;
                $country = $text($one['country'] ?? $answer['country'] ?? null);
                $currency = $text($one['currency'] ?? $answer['currency'] ?? null);
                // What a higher price is was not paid, and what is disputed was paid before.
                $isMoney = $amount > 0 && in_array($what, [Happened::Bought, Happened::Paid, Happened::Changed, Happened::Refunded], true);
                $charge = $isMoney ? new Charge($amount, $currency, $country, Vat::standard($country, $at), $terms) : null;
                $plan = explode('.', $text($one['ref'] ?? null), 2)[1] ?? '';
                $price = $what === Happened::Rises ? $amount : null;
                $asks = ($one['asks'] ?? false) === true;
                $events[] = new Event($text($one['id']), $what, $at, $until, ($one['free'] ?? false) === true, $charge, $plan, $price, $asks);
            }
        } catch (Exception) {
            throw new Refused('The till tells of a time that is none. Nothing was changed.');
        }

        $last = $told === [] ? [] : $told[count($told) - 1];
        $price = $answer['price'] ?? $last['price'] ?? null;

        $state = $text($answer['state'] ?? null);

        return new self($state, $text($answer['account'] ?? null), $events, is_int($price) && $price > 0 ? $price : null, $text($answer['product'] ?? null));
    }
}
