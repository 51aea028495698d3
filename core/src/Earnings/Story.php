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
    case Switches = 'changes to another plan ten days after the second payment';
    case Disputes = 'has the bank take the second payment back';
    case Silent = 'says nothing to a higher price from the third payment on';

    /**
     * @param  Charge  $charge  of each payment
     * @param  int  $freeDays  0 for none
     * @param  int  $months  for so long it is told
     * @param  array{Cycle, Charge, string}|null  $other  the plan to which they change, and what it is called; null for the same by the year
     * @return list<Event>
     */
    public function events(
        Cycle $cycle,
        Charge $charge,
        int $freeDays,
        DateTimeImmutable $from,
        int $months = 24,
        ?DateTimeZone $zone = null,
        ?array $other = null,
    ): array {
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
            if ($n === 1 && $this === self::Disputes) {
                return [...$events, new Event('disputed', Happened::Disputed, $due->modify('+4 days')),
                    new Event('lost', Happened::DisputeLost, $due->modify('+25 days'))];
            }
            if ($n === 1 && $this === self::Silent) {
                $price = intdiv($charge->gross * 3, 2);

                return [...$events, new Event('rises', Happened::Rises, $due->modify('+1 day'), $until, price: $price, asks: true)];
            }
            if ($n === 1 && $this === self::Switches) {
                [$to, $costs, $plan] = $other ?? [new Cycle('year'), $charge, ''];
                $then = $due->modify('+10 days');
                if ($then >= min($until, $over)) {
                    // Of a week nothing is left by then.
                    $then = $due->modify('+3 days');
                }
                $change = PlanChange::now($then, $charge->gross, $due, $until, $to, $costs->gross, $zone);
                $events[] = new Event('changes', Happened::Changed, $then, $change->until, charge: $costs->part($change->charge), plan: $plan);

                return [...$events, ...self::onwards($to, $costs, $change->until, 0, $over, $zone)];
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
