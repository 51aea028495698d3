<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/** One thing that happened to a subscription, as its till tells it. */
final readonly class Event
{
    /**
     * @param  string  $id  the till's own: told twice it is one event
     * @param  DateTimeImmutable  $at  when it happened, by the till
     * @param  DateTimeImmutable|null  $until  how far is paid, or free, or paused, or from when on a higher price is paid; null where that does not change
     * @param  bool  $free  of a purchase: it begins with free days
     * @param  Charge|null  $charge  what was paid with it, or of what was given back how much of it; null for nothing, or for all
     * @param  string  $plan  of the period that begins, or of the one that comes next; '' where that does not change
     * @param  int|null  $price  of a higher price: what it is, in minor units
     * @param  bool  $asks  of a higher price: it is paid only by those who agree; who says nothing leaves
     */
    public function __construct(
        public string $id,
        public Happened $what,
        public DateTimeImmutable $at,
        public ?DateTimeImmutable $until = null,
        public bool $free = false,
        public ?Charge $charge = null,
        public string $plan = '',
        public ?int $price = null,
        public bool $asks = false,
    ) {
    }
}
