<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/**
 * The entries that follow from the events of a purchase, whatever the order in which they came: what was paid, what of it is earned with each month,
 * and what was given back. They do not depend on what time it is: what will be earned stands there with the day on which it will be.
 */
final class Books
{
    /**
     * @param  string  $purchase  what the entries' ids begin with
     * @param  list<Event>  $events  of one purchase, each once or several times
     * @return list<Entry> in the order of their days
     */
    public static function of(string $purchase, array $events): array
    {
        $entries = [];
        foreach (self::pieces($purchase, Subscription::inOrder($events)) as $piece) {
            array_push($entries, ...$piece->entries, ...$piece->earned());
        }
        $entries = array_values(array_filter($entries, fn (Entry $entry): bool => $entry->amounts !== []));
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
        $known = array_values(array_filter(Subscription::inOrder($events), fn (Event $event): bool => $event->at <= $now));
        $entries = [];
        foreach (self::pieces($purchase, $known) as $piece) {
            $gone = $piece->days($piece->ends ?? $now);
            array_push($entries, ...$piece->entries, ...$gone > 0 ? [$piece->payment->earnedUntil(0, $gone)] : []);
        }

        return $entries;
    }

    /**
     * @param  list<Event>  $events  in order
     * @return list<Piece>
     */
    private static function pieces(string $purchase, array $events): array
    {
        $pieces = [];
        $last = null;
        foreach ($events as $event) {
            $isPaid = $event->what !== Happened::Refunded && $event->charge !== null && $event->charge->gross > 0;
            if ($event->what === Happened::Changed && $last !== null && $last->ends === null) {
                $pieces[] = $last = self::changed($purchase, $last, $event);
            } elseif ($isPaid) {
                $pieces[] = $last = new Piece(new Payment("$purchase/$event->id", $event->at, $event->charge, self::days($event)));
            } else {
                $last?->take($event);
            }
        }

        return $pieces;
    }

    /** What is left of a payment for one plan is earned with another: over the days of that, with what was paid on top of it. */
    private static function changed(string $purchase, Piece $last, Event $event): Piece
    {
        $was = $last->payment;
        $after = $last->days($event->at);
        $fresh = $event->charge !== null && $event->charge->gross > 0;
        $charge = $fresh ? $event->charge : $was->charge;
        // What was paid in another currency is not mixed with it.
        $carried = $charge->currency === $was->charge->currency ? $was->whole() - $was->share($after) : 0;
        $last->end($event->at, $carried > 0 ? null : $was->over($after, $event->at));

        return new Piece(new Payment("$purchase/$event->id", $event->at, $charge, self::days($event), $carried, $fresh));
    }

    /** @return positive-int */
    private static function days(Event $event): int
    {
        // What is kept for ever is earned at once.
        $until = $event->until === null || $event->until >= new DateTimeImmutable(Held::FOREVER) ? null : $event->until;

        return $until === null ? 1 : max(1, (int) round(($until->getTimestamp() - $event->at->getTimestamp()) / Piece::DAY));
    }
}
