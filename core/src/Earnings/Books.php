<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/**
 * The entries that follow from the events of a purchase, whatever the order in which they came: what was paid, what of it is earned with each month,
 * and what was given back. They do not depend on what time it is: what will be earned stands there with the day on which it will be.
 */
final class Books
{
    private const DAY = 86400;

    /**
     * @param  string  $purchase  what the entries' ids begin with
     * @param  list<Event>  $events  of one purchase, each once or several times
     * @return list<Entry> in the order of their days
     */
    public static function of(string $purchase, array $events): array
    {
        $events = Subscription::inOrder($events);
        $entries = [];
        foreach ($events as $i => $event) {
            $payment = self::payment($purchase, $event);
            if ($payment !== null) {
                array_push($entries, $payment->paid(), ...self::ofPayment($payment, self::back($events, $i)));
            }
        }
        usort($entries, fn (Entry $a, Entry $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return $entries;
    }

    /**
     * What stands in each account after so many entries.
     *
     * @param  list<Entry>  $entries
     * @return array<string, array<string, int>> currency => account => minor units; above zero for a debit
     */
    public static function balances(array $entries): array
    {
        $balances = [];
        foreach ($entries as $entry) {
            foreach ($entry->amounts as $account => $amount) {
                $balances[$entry->currency][$account] = ($balances[$entry->currency][$account] ?? 0) + $amount;
            }
        }

        return $balances;
    }

    /**
     * The entries of a purchase as they stand on a day: what is earned of the month that runs is earned day by day.
     *
     * @param  list<Event>  $events
     * @return list<Entry>
     */
    public static function at(DateTimeImmutable $now, string $purchase, array $events): array
    {
        $events = Subscription::inOrder($events);
        $entries = [];
        foreach ($events as $i => $event) {
            $payment = $event->at > $now ? null : self::payment($purchase, $event);
            if ($payment === null) {
                continue;
            }
            $back = self::back($events, $i);
            $back = $back !== null && $back->at <= $now ? $back : null;
            $entries[] = $payment->paid();
            $gone = min($payment->days, intdiv(max(0, ($back->at ?? $now)->getTimestamp() - $payment->at->getTimestamp()), self::DAY));
            if ($gone > 0) {
                $entries[] = $payment->earnedUntil(0, $gone);
            }
            if ($back !== null) {
                $entries[] = $payment->givenBack($gone, $back->at, true);
            }
        }

        return $entries;
    }

    private static function payment(string $purchase, Event $event): ?Payment
    {
        $charge = $event->charge;
        if ($charge === null || $charge->gross <= 0) {
            return null;
        }
        // What is kept for ever is earned at once.
        $until = $event->until === null || $event->until >= new DateTimeImmutable(Held::FOREVER) ? null : $event->until;
        $days = $until === null ? 1 : max(1, (int) round(($until->getTimestamp() - $event->at->getTimestamp()) / self::DAY));

        return new Payment("$purchase/$event->id", $event->at, $charge, $days);
    }

    /**
     * What gave a payment back: the first refund after it and before the next payment.
     *
     * @param  list<Event>  $events  in order
     */
    private static function back(array $events, int $payment): ?Event
    {
        foreach (array_slice($events, $payment + 1) as $event) {
            if ($event->what === Happened::Refunded) {
                return $event;
            }
            if ($event->charge !== null) {
                return null;
            }
        }

        return null;
    }

    /** @return list<Entry> what is earned with each month, and what is given back */
    private static function ofPayment(Payment $payment, ?Event $back): array
    {
        $entries = [];
        $most = $back === null ? $payment->days : min($payment->days, intdiv(max(0, $back->at->getTimestamp() - $payment->at->getTimestamp()), self::DAY));
        $month = $payment->at->setTimezone(new DateTimeZone('UTC'))->modify('first day of next month')->setTime(0, 0);
        for ($from = 0; $from < $most; $month = $month->modify('+1 month')) {
            $to = min($most, intdiv($month->getTimestamp() - $payment->at->getTimestamp(), self::DAY));
            if ($to > $from) {
                $entries[] = $payment->earnedUntil($from, $to);
                $from = $to;
            }
        }

        return $back === null ? $entries : [...$entries, $payment->givenBack($most, $back->at, true)];
    }
}
