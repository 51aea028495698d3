<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/** Some months of a plan with made-up customers, each a list of events through the same fold and the same books as real ones. */
final class Rehearsal
{
    private const DAY = 86400;

    private const PLACE = 'UTC';

    private const GOLDEN = 0.6180339887498949;

    /** Another number whose multiples are spread evenly: the square root of two, less one. */
    private const SILVER = 0.4142135623730951;

    private readonly DateTimeZone $zone;

    /** @var list<int> when each month begins, and the end of the last */
    private array $begins = [];

    private Forecast $forecast;

    /** @var array<int, array<int, Charge>> by their places and prices */
    private array $charges = [];

    /** @var non-empty-list<float> */
    private readonly array $chosen;

    /** @var non-empty-list<float> */
    private readonly array $placed;

    /** @var non-empty-list<Place> */
    private readonly array $places;

    private function __construct(private readonly Assumptions $of, private readonly int $months, private readonly DateTimeImmutable $from)
    {
        $this->places = $of->places();
        $this->chosen = array_map(fn (Chosen $plan): float => $plan->weight, $of->plans);
        $this->placed = array_map(fn (Place $place): float => $place->weight, $this->places);
        $this->zone = new DateTimeZone(self::PLACE);
        $month = new Cycle('month');
        for ($i = 0; $i <= $months; $i++) {
            $this->begins[] = $month->begins($i, $from, $this->zone)->getTimestamp();
        }
        $this->forecast = new Forecast($months);
    }

    /** @param  int  $months  from 1 to 120 */
    public static function of(Assumptions $of, int $months, int $seed, ?DateTimeImmutable $from = null): Forecast
    {
        $rehearsal = new self($of, max(1, min(120, $months)), $from ?? new DateTimeImmutable('2027-01-01T00:00:00Z'));
        for ($month = 0; $month < $rehearsal->months; $month++) {
            $arrive = (new Chance($seed, $month))->count($of->arrivals);
            for ($i = 0; $i < $arrive; $i++) {
                $chance = new Chance($seed, $month, $i + 1);
                $day = $chance->next();
                if ($chance->next() < $of->buys) {
                    $rehearsal->live($chance, $month, $day);
                }
            }
        }

        return $rehearsal->forecast;
    }

    /**
     * Some customers alone, each from the month in which they begin; they begin in all months of a year alike.
     *
     * @param  int  $months  from 1 to 120
     * @param  positive-int  $count
     * @return non-empty-list<Forecast>
     */
    public static function lives(Assumptions $of, int $months, int $seed, int $count): array
    {
        $months = max(1, min(120, $months));
        $first = new DateTimeImmutable('2027-01-01T00:00:00Z');
        $years = [];
        $lives = [];
        $i = 0;
        do {
            $year = $years[$i % 12] ??= new self($of, $months, (new Cycle('month'))->begins($i % 12, $first, new DateTimeZone(self::PLACE)));
            $year->forecast = new Forecast($months);
            $chance = new Chance($seed, $i % 12, $i + 1);
            // Plans and places are spread evenly over them (multiples of the golden ratio, and of another such number), so that few say what many would.
            $year->live($chance, 0, $chance->next(), fmod($i * self::GOLDEN, 1), fmod($i * self::SILVER, 1));
            $lives[] = $year->forecast;
        } while (++$i < $count);

        return $lives;
    }

    /** One customer, from when they begin until they are gone or the months are over. */
    private function live(Chance $chance, int $month, float $day, ?float $luck = null, ?float $where = null): void
    {
        $at = new DateTimeImmutable('@'.($this->begins[$month] + (int) ($day * ($this->begins[$month + 1] - $this->begins[$month]))));
        $over = $this->begins[$this->months];
        $drawn = $chance->next();
        $n = self::one($this->chosen, $luck ?? $drawn);
        $plan = $this->of->plans[$n];
        $place = count($this->places) < 2 ? 0 : self::one($this->placed, $where ?? $chance->next());
        $costs = $this->places[$place]->prices[$n] ?? [$plan->price, $plan->first];
        $stays = $chance->next();
        $this->forecast->customers++;
        $events = [];
        $payments = [];
        $first = $at;
        if ($plan->freeDays > 0) {
            $first = $at->setTimestamp($at->getTimestamp() + $plan->freeDays * self::DAY);
            $events[] = new Event('0', Happened::Bought, $at, $first, true);
            if ($stays >= $this->of->stays) {
                $events[] = new Event('0/left', Happened::Left, $at->setTimestamp($at->getTimestamp() + self::DAY));
                $this->count($events, null, $plan);

                return;
            }
        }
        $cycle = $plan->cycle;
        $length = $plan->months();
        for ($n = 0; ; $n++) {
            $due = $cycle->begins($n, $first, $this->zone);
            if ($due->getTimestamp() >= $over) {
                break;
            }
            $luck = [$chance->next(), $chance->next(), $chance->next(), $chance->next()];
            if ($n > 0 && $luck[0] < $this->of->leaving(($n - 1) * $length, $length)) {
                $events[] = new Event("$n/left", Happened::Left, $due->setTimestamp($due->getTimestamp() - 1));
                break;
            }
            $until = $cycle->begins($n + 1, $first, $this->zone);
            $paid = $due;
            if ($n > 0 && $plan->kind === 'subscription' && $luck[1] < $this->of->fails) {
                $events[] = new Event("$n/failed", Happened::Failed, $due);
                if ($luck[2] >= $this->of->recovers) {
                    break;
                }
                $paid = $due->setTimestamp($due->getTimestamp() + self::DAY);
            }
            $events[] = new Event((string) $n, $n === 0 && $plan->freeDays === 0 ? Happened::Bought : Happened::Paid, $paid, $until);
            $back = null;
            if ($n === 0 && $luck[3] < $this->of->refunds) {
                $back = $paid->setTimestamp($paid->getTimestamp() + 3 * self::DAY);
                $events[] = new Event('0/back', Happened::Refunded, $back);
            }
            $payments[] = [$paid, $until, $back];
            if ($back !== null) {
                break;
            }
            if ($plan->kind === 'kept') {
                // It is theirs for good.
                $events = [new Event('0', Happened::Bought, $paid, new DateTimeImmutable(Held::FOREVER))];
                break;
            }
        }
        $this->count($events, isset($payments[0]) ? $payments[0][0]->getTimestamp() : null, $plan);
        foreach ($payments as $n => [$paid, $until, $back]) {
            $price = $n < $plan->times ? $costs[1] : $costs[0];
            $days = $plan->kind === 'subscription' ? max(1, (int) round(($until->getTimestamp() - $paid->getTimestamp()) / self::DAY)) : 1;
            $this->write($place, $price, $paid, $days, $back);
            $this->forecast->months += $back === null && $plan->kind !== 'kept' ? $length : 0;
        }
    }

    /**
     * Which of some, by their weights.
     *
     * @param  non-empty-list<float>  $weights
     */
    private static function one(array $weights, float $luck): int
    {
        if (count($weights) === 1) {
            return 0;
        }
        $all = array_sum($weights);
        $sum = 0.0;
        foreach ($weights as $n => $weight) {
            $sum += $all > 0 ? $weight / $all : 1.0;
            if ($luck < $sum) {
                return $n;
            }
        }

        return count($weights) - 1;
    }

    /**
     * Where they stand at the end of each month.
     *
     * @param  list<Event>  $events
     * @param  int|null  $first  when they paid first; null where they never did
     */
    private function count(array $events, ?int $first, Chosen $plan): void
    {
        $end = $this->from->setTimestamp($this->begins[$this->months]);
        $history = Subscription::history($end, $events);
        $monthly = $plan->monthly();
        $stands = Status::Offered;
        $next = 0;
        for ($month = 0; $month < $this->months; $month++) {
            $had = $stands->has();
            while (isset($history[$next]) && $history[$next][0]->getTimestamp() < $this->begins[$month + 1]) {
                $stands = $history[$next++][1];
                $had = $had || $stands->has();
            }
            // Whoever leaves in the free days has them to their end, and pays nothing.
            $trying = $first === null || $first >= $this->begins[$month + 1];
            $this->forecast->trying[$month] += $stands->has() && $trying ? 1 : 0;
            $this->forecast->paying[$month] += $stands->has() && ! $trying ? 1 : 0;
            $this->forecast->recurring[$month] += $stands->has() && ! $trying ? $monthly : 0;
            $this->forecast->left[$month] += $had && ! $stands->has() ? 1 : 0;
        }
    }

    private function write(int $place, int $price, DateTimeImmutable $paid, int $days, ?DateTimeImmutable $back): void
    {
        $payment = new Payment('', $paid, $this->charges[$place][$price] ??= $this->charge($place, $price), max(1, $days));
        $month = $this->monthOf($paid->getTimestamp());
        $this->book($payment->paid(), $month, $price, $payment->charge);
        if ($back !== null && $back->getTimestamp() < $this->begins[$this->months]) {
            $this->book($payment->givenBack(min($days, 3), $back, true), $this->monthOf($back->getTimestamp()), -$price, $payment->charge);

            return;
        }
        $so = 0;
        for ($m = $month; $m < $this->months && $so < $payment->net(); $m++) {
            $gone = intdiv($this->begins[$m + 1] - $paid->getTimestamp(), self::DAY);
            $earned = Spread::share($payment->net(), $gone, $payment->days);
            $this->forecast->earned[$m] += $earned - $so;
            $so = $earned;
        }
    }

    private function charge(int $place, int $price): Charge
    {
        $of = $this->places[$place];

        return new Charge($price, $this->of->currency, $of->country, $of->rate, $of->terms);
    }

    private function book(Entry $entry, int $month, int $paid, Charge $charge): void
    {
        $commission = $entry->amounts['commission'] ?? 0;
        // Where the till sells it pays the tax itself, of what people paid.
        $tax = $charge->terms->sells
            ? $paid - ($entry->amounts["owed by {$charge->terms->till}"] ?? 0) - $commission
            : -($entry->amounts["tax owed $charge->country"] ?? 0);
        $this->forecast->paid[$month] += $paid;
        $this->forecast->commission[$month] += $commission;
        $this->forecast->tax[$month] += $tax;
        $later = $month + $charge->terms->paysAfter;
        if ($later < $this->months) {
            $this->forecast->bank[$later] += $paid - $commission - $tax;
        }
    }

    private function monthOf(int $at): int
    {
        $low = 0;
        $high = $this->months - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $this->begins[$middle] <= $at ? [$middle, $high] : [$low, $middle - 1];
        }

        return $low;
    }
}
