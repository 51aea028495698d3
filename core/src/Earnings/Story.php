<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/** A made-up customer of the sandbox: how a plan goes for them, as events that a till would tell. */
enum Story: string
{
    case Well = 'pays every time';
    case CardFails = 'has a card that fails the third time and works again ten days later';
    case CardLost = 'has a card that fails the third time for good';
    case Leaves = 'leaves in the second period';
    case Returns = 'leaves in the second period and thinks better of it';
    case Refund = 'asks for the second payment back after five days';
    case Pauses = 'pauses for two months after the second payment';

    /**
     * @param  Charge  $charge  of each payment
     * @param  int  $freeDays  0 for none
     * @param  int  $months  for so long it is told
     * @return list<Event>
     */
    public function events(Cycle $cycle, Charge $charge, int $freeDays, DateTimeImmutable $from, int $months = 24, ?DateTimeZone $zone = null): array
    {
        $zone ??= new DateTimeZone('UTC');
        $over = (new Cycle('month'))->begins($months, $from, $zone);
        $first = $freeDays > 0 ? $from->modify("+$freeDays days") : $from;
        $events = $freeDays > 0 ? [new Event('free', Happened::Bought, $from, $first, true)] : [];
        for ($n = 0; ; $n++) {
            $due = $cycle->begins($n, $first, $zone);
            if ($due >= $over) {
                return $events;
            }
            $until = $cycle->begins($n + 1, $first, $zone);
            if ($n === 2 && $this === self::CardLost) {
                return [...$events, new Event("$n/failed", Happened::Failed, $due)];
            }
            if ($n === 2 && $this === self::CardFails) {
                // Three days with it, then without; a new period begins with the payment.
                $events[] = new Event("$n/failed", Happened::Failed, $due);
                $first = $due->modify('+10 days');
                [$due, $until] = [$first, $cycle->begins(1, $first, $zone)];
                $events[] = new Event((string) $n, Happened::Paid, $due, $until, charge: $charge);

                return [...$events, ...self::onwards($cycle, $charge, $first, 1, $over, $zone)];
            }
            if ($n === 2 && $this === self::Pauses) {
                $first = (new Cycle('month'))->begins(2, $due, $zone);
                $events[] = new Event('pause', Happened::Paused, $due->modify('-1 day'), $first);

                return [...$events, ...self::onwards($cycle, $charge, $first, 0, $over, $zone)];
            }
            $events[] = new Event((string) $n, $events === [] ? Happened::Bought : Happened::Paid, $due, $until, charge: $charge);
            if ($n === 1 && $this === self::Refund) {
                return [...$events, new Event('back', Happened::Refunded, $due->modify('+5 days'))];
            }
            if ($n === 1 && in_array($this, [self::Leaves, self::Returns], true)) {
                $events[] = new Event('leaves', Happened::Left, $due->modify('+2 days'));
                if ($this === self::Leaves) {
                    return $events;
                }
                $events[] = new Event('stays', Happened::Returned, $due->modify('+4 days'));
            }
        }
    }

    /** @return list<Event> */
    private static function onwards(Cycle $cycle, Charge $charge, DateTimeImmutable $first, int $n, DateTimeImmutable $over, DateTimeZone $zone): array
    {
        $events = [];
        for (; ($due = $cycle->begins($n, $first, $zone)) < $over; $n++) {
            $events[] = new Event("later/$n", Happened::Paid, $due, $cycle->begins($n + 1, $first, $zone), charge: $charge);
        }

        return $events;
    }
}
