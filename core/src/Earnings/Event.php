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
     * @param  DateTimeImmutable|null  $until  how far is paid, or free, or paused; null where that does not change
     * @param  bool  $free  of a purchase: it begins with free days
     * @param  Charge|null  $charge  what was paid with it; null for nothing
     */
    public function __construct(
        public string $id,
        public Happened $what,
        public DateTimeImmutable $at,
        public ?DateTimeImmutable $until = null,
        public bool $free = false,
        public ?Charge $charge = null,
    ) {
    }
}
