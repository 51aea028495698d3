<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Patience;
use Lanai\Core\Earnings\StatesDocument;
use Lanai\Core\Earnings\Status;
use Lanai\Core\Earnings\Subscription;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sabre\VObject\Recur\RRuleIterator;

/** Where a subscription stands: by cases, by a slow and obvious model, and whatever the order in which events come. */
final class SubscriptionTest extends TestCase
{
    public function test_the_document_of_states_is_that_of_the_fold(): void
    {
        $published = (string) file_get_contents(__DIR__.'/../../../docs/purchases.md');

        self::assertSame(StatesDocument::markdown(), $published, 'Run php artisan lanai:schema.');
    }

    private static function day(int $day): DateTimeImmutable
    {
        return new DateTimeImmutable('@'.(1_800_000_000 + $day * 86400));
    }

    /** @param  array{Happened, int, 2?: int|null, 3?: bool}  $of */
    private static function event(array $of, int $i): Event
    {
        return new Event("e$i", $of[0], self::day($of[1]), isset($of[2]) ? self::day($of[2]) : null, $of[3] ?? false);
    }

    /** @param  list<array{Happened, int, 2?: int|null, 3?: bool}>  $events @param  array<int, Status>  $stands day => where it stands then */
    #[DataProvider('cases')]
    public function test_it_stands_where_it_should(array $events, array $stands): void
    {
        $all = array_map(self::event(...), $events, array_keys($events));
        foreach ($stands as $day => $status) {
            self::assertSame($status, Subscription::at(self::day($day), $all)->status, "day $day");
        }
    }

    /** @return iterable<string, array{list<array{Happened, int, 2?: int|null, 3?: bool}>, array<int, Status>}> */
    public static function cases(): iterable
    {
        $bought = [Happened::Bought, 0, 30];
        yield 'nothing yet' => [[], [0 => Status::Offered]];
        yield 'bought, and paid again' => [[$bought, [Happened::Paid, 29, 60]], [0 => Status::Active, 30 => Status::Active, 59 => Status::Active]];
        yield 'nothing was heard' => [
            [$bought],
            [29 => Status::Active, 30 => Status::Grace, 32 => Status::Grace, 33 => Status::Hold, 63 => Status::Expired],
        ];
        yield 'paid in grace' => [
            [$bought, [Happened::Failed, 30], [Happened::Paid, 32, 60]],
            [31 => Status::Grace, 32 => Status::Active, 60 => Status::Grace],
        ];
        yield 'paid on hold' => [[$bought, [Happened::Paid, 40, 70]], [39 => Status::Hold, 40 => Status::Active]];
        yield 'left' => [[$bought, [Happened::Left, 5]], [4 => Status::Active, 5 => Status::Ending, 29 => Status::Ending, 30 => Status::Expired]];
        yield 'left and stays after all' => [
            [$bought, [Happened::Left, 5], [Happened::Returned, 9]],
            [8 => Status::Ending, 9 => Status::Active, 30 => Status::Grace],
        ];
        yield 'free days' => [[[Happened::Bought, 0, 7, true], [Happened::Paid, 7, 37]], [6 => Status::Trial, 7 => Status::Active, 36 => Status::Active]];
        yield 'left in the free days, and stays' => [
            [[Happened::Bought, 0, 7, true], [Happened::Left, 2], [Happened::Returned, 3]],
            [1 => Status::Trial, 2 => Status::Ending, 3 => Status::Trial],
        ];
        yield 'free days are given once' => [
            [[Happened::Bought, 0, 7, true], [Happened::Left, 1], [Happened::Bought, 20, 27, true]],
            [8 => Status::Expired, 20 => Status::Active],
        ];
        yield 'pauses' => [
            [$bought, [Happened::Paused, 10, 90]],
            [10 => Status::Active, 29 => Status::Active, 30 => Status::Paused, 89 => Status::Paused, 90 => Status::Grace, 93 => Status::Hold],
        ];
        yield 'goes on early' => [[$bought, [Happened::Paused, 10, 90], [Happened::Resumed, 50, 80]], [49 => Status::Paused, 50 => Status::Active]];
        yield 'given back' => [[$bought, [Happened::Refunded, 3]], [2 => Status::Active, 3 => Status::Revoked, 99 => Status::Revoked]];
        yield 'given back, and bought again' => [[$bought, [Happened::Refunded, 3], [Happened::Bought, 9, 39]], [8 => Status::Revoked, 9 => Status::Active]];
        yield 'another plan from now on' => [
            [$bought, [Happened::Changed, 10, 375]],
            [10 => Status::Active, 31 => Status::Active, 374 => Status::Active, 375 => Status::Grace],
        ];
        yield 'another plan in the free days' => [[[Happened::Bought, 0, 7, true], [Happened::Changed, 2, 7]], [3 => Status::Trial, 7 => Status::Grace]];
        yield 'who changes goes on' => [[$bought, [Happened::Left, 4], [Happened::Changed, 6, 40]], [5 => Status::Ending, 6 => Status::Active]];
        yield 'a higher price is told' => [[$bought, [Happened::Rises, 2, 30, false]], [29 => Status::Active, 30 => Status::Grace]];
        yield 'a dispute' => [
            [$bought, [Happened::Disputed, 5], [Happened::DisputeWon, 9], [Happened::DisputeLost, 20]],
            [6 => Status::Active, 10 => Status::Active, 20 => Status::Revoked],
        ];
        yield 'moved' => [[$bought, [Happened::Moved, 4]], [4 => Status::Moved, 40 => Status::Moved]];
    }

    public function test_who_says_nothing_to_a_higher_price_that_asks_leaves_when_what_is_paid_is_over(): void
    {
        $bought = new Event('1', Happened::Bought, self::day(0), self::day(30));
        $rises = new Event('2', Happened::Rises, self::day(5), self::day(45), price: 499, asks: true);
        $agreed = new Event('4', Happened::Agreed, self::day(50));
        $paid = new Event('3', Happened::Paid, self::day(30), self::day(60));
        self::assertSame(Status::Grace, Subscription::at(self::day(31), [$bought, $rises])->status, 'Until then the old price is paid.');
        self::assertSame(Status::Expired, Subscription::at(self::day(60), [$bought, $rises, $paid])->status);
        self::assertSame(Status::Grace, Subscription::at(self::day(60), [$agreed, $paid, $bought, $rises])->status);
        self::assertSame(499, Subscription::at(self::day(55), [$agreed, $paid, $bought, $rises])->rise?->price);
        $next = new Event('5', Happened::Paid, self::day(60), self::day(90));
        self::assertNull(Subscription::at(self::day(61), [$next, $agreed, $paid, $bought, $rises])->rise, 'What rose is paid now.');
    }

    public function test_it_knows_which_plan_is_paid_for_and_which_comes_next(): void
    {
        $events = [
            new Event('1', Happened::Bought, self::day(0), self::day(30), plan: 'monthly'),
            new Event('2', Happened::Chosen, self::day(3), plan: 'weekly'),
            new Event('3', Happened::Paid, self::day(30), self::day(37), plan: 'weekly'),
            new Event('4', Happened::Changed, self::day(33), self::day(398), plan: 'yearly'),
            new Event('5', Happened::Chosen, self::day(40), plan: 'yearly'),
        ];
        $plans = fn (int $day): array => [Subscription::at(self::day($day), $events)->plan, Subscription::at(self::day($day), $events)->next];
        self::assertSame([['monthly', ''], ['monthly', 'weekly'], ['weekly', ''], ['yearly', ''], ['yearly', '']], array_map($plans, [1, 4, 31, 34, 41]));
    }

    public function test_the_order_in_which_events_come_and_how_often_changes_nothing_and_a_slow_model_says_the_same(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $seen = [];
        for ($round = 0; $round < 2500; $round++) {
            $events = $this->some($random);
            $now = self::day($random->getInt(0, 260));
            $patience = new Patience($random->getInt(1, 16), $random->getInt(1, 30));
            $status = Subscription::at($now, $events, $patience)->status;
            $again = $random->shuffleArray([...$events, ...array_slice($random->shuffleArray($events), 0, 3)]);
            self::assertSame($status, Subscription::at($now, $again, $patience)->status, "round $round");
            self::assertSame($this->slowly($now, $events, $patience), $status, "round $round");
            // In 40 orders each, 100,000 in all, some of the events told twice.
            for ($order = 1; $order < 40; $order++) {
                $told = $random->shuffleArray($order % 4 === 0 ? [...$events, ...$events] : $events);
                if (Subscription::at($now, $told, $patience)->status !== $status) {
                    self::fail("round $round, order $order");
                }
            }
            // Its history ends where it stands, each part of it beginning after the one before.
            $history = Subscription::history($now, $again, $patience);
            self::assertSame($status, $history === [] ? Status::Offered : end($history)[1]);
            $begins = array_map(fn (array $part): int => $part[0]->getTimestamp(), $history);
            $sorted = $begins;
            sort($sorted);
            self::assertSame($sorted, $begins);
            $seen[$status->value] = true;
        }
        self::assertCount(count(Status::cases()), $seen, 'Every place is come to.');
    }

    /** @return list<Event> */
    private function some(Randomizer $random): array
    {
        $events = [];
        $day = $random->getInt(0, 5);
        for ($i = 0, $count = $random->getInt(0, 9); $i < $count; $i++) {
            $what = $i === 0 ? Happened::Bought : Happened::cases()[$random->getInt(0, count(Happened::cases()) - 1)];
            $goesOn = in_array($what, [Happened::Bought, Happened::Paid, Happened::Paused, Happened::Resumed, Happened::Changed, Happened::Rises], true);
            $until = $goesOn && ($what !== Happened::Rises || $random->getInt(0, 3) > 0) ? self::day($day + $random->getInt(1, 60)) : null;
            $asks = $random->getInt(0, 3) > 0;
            $events[] = new Event("e$i", $what, self::day($day), $until, $random->getInt(0, 1) === 1, asks: $asks);
            $day += $random->getInt(1, 40);
        }

        return $events;
    }

    /**
     * From first principles: day by day, in plain words.
     *
     * @param  list<Event>  $events
     */
    private function slowly(DateTimeImmutable $now, array $events, Patience $patience): Status
    {
        $is = 'offered';
        $until = $free = $pause = null;
        // From when on more is to be paid, if they have not agreed to it; 'next' for the next payment.
        $asked = null;
        $had = false;
        for ($day = 0; self::day($day) <= $now; $day++) {
            // A day may be the end of several things, one after the other.
            for ($i = 0; $i < 4; $i++) {
                $over = $until === null ? null : $day - $until;
                if (in_array($is, ['trial', 'active'], true) && $over >= 0) {
                    $silent = $asked === 'next' || ($asked !== null && $asked <= $until);
                    $is = $pause !== null && $pause > $until ? 'paused' : ($silent ? 'expired' : 'in grace');
                    $until = $is === 'paused' ? $pause : $until;
                    $pause = $is === 'paused' ? null : $pause;
                } elseif ($is === 'paused' && $over >= 0) {
                    $is = $asked === 'next' || ($asked !== null && $asked <= $until) ? 'expired' : 'in grace';
                } elseif ($is === 'in grace' && $over >= $patience->graceDays) {
                    $is = 'on hold';
                } elseif ($is === 'on hold' && $over >= $patience->graceDays + $patience->holdDays) {
                    $is = 'expired';
                } elseif ($is === 'ending' && $over >= 0) {
                    $is = 'expired';
                }
            }
            foreach ($events as $event) {
                if ($event->at != self::day($day)) {
                    continue;
                }
                $to = $event->until === null ? null : intdiv($event->until->getTimestamp() - 1_800_000_000, 86400);
                $runs = in_array($is, ['trial', 'active', 'in grace', 'on hold', 'paused', 'ending'], true);
                $what = $event->what;
                if ($what === Happened::Bought && in_array($is, ['offered', 'expired', 'revoked', 'on hold', 'paused', 'ending'], true)) {
                    $first = $event->free && ! $had;
                    $had = $had || $first;
                    [$is, $until, $free, $pause] = [$first || ($free !== null && $free === $to) ? 'trial' : 'active', $to, $first ? $to : $free, null];
                    $asked = null;
                } elseif ($what === Happened::Changed && in_array($is, ['trial', 'active', 'in grace', 'ending'], true)) {
                    [$is, $until, $pause] = [$free !== null && $free === $to ? 'trial' : 'active', $to, null];
                    $asked = null;
                } elseif ($what === Happened::Rises) {
                    $asked = $event->asks ? $to ?? 'next' : null;
                } elseif ($what === Happened::Agreed) {
                    $asked = null;
                } elseif ($what === Happened::Paid && ($runs || $is === 'expired')) {
                    [$is, $until, $pause] = [$is === 'ending' ? 'ending' : 'active', max($until, $to), null];
                    $asked = $asked === 'next' || $asked === null || $asked <= $day ? null : $asked;
                } elseif ($what === Happened::Left && $runs && $is !== 'ending') {
                    [$is, $pause] = [in_array($is, ['trial', 'active'], true) ? 'ending' : 'expired', null];
                } elseif ($what === Happened::Returned && $is === 'ending') {
                    [$is, $pause] = [$free !== null && $free === $until ? 'trial' : 'active', null];
                } elseif ($what === Happened::Paused && in_array($is, ['trial', 'active'], true)) {
                    $pause = $to;
                } elseif ($what === Happened::Resumed && $is === 'paused') {
                    $until = max($until, $to);
                    [$is, $pause] = [$free !== null && $free === $until ? 'trial' : 'active', null];
                } elseif (in_array($what, [Happened::Refunded, Happened::Revoked, Happened::DisputeLost], true) && $runs) {
                    [$is, $pause] = ['revoked', null];
                } elseif ($what === Happened::Moved && $runs) {
                    [$is, $pause] = ['moved to somebody else', null];
                } elseif ($what === Happened::Failed && in_array($is, ['in grace', 'on hold'], true)) {
                    $pause = null;
                }
            }
        }

        return Status::from($is);
    }

    /** Beside “sabre/vobject”, which knows the recurrences of RFC 5545: the last of the days up to that of the first, in each month. */
    public function test_periods_begin_when_a_library_of_calendars_says(): void
    {
        $random = new Randomizer(new Mt19937(55));
        $zones = ['UTC', 'Europe/Berlin', 'America/New_York', 'Pacific/Auckland', 'Asia/Kolkata', 'America/St_Johns'];
        for ($i = 0; $i < 400; $i++) {
            $zone = new DateTimeZone($zones[$i % count($zones)]);
            // Not by night, when clocks change: then a time may not be there.
            $first = new DateTimeImmutable(sprintf('2024-01-01 %02d:%02d', $random->getInt(6, 22), $random->getInt(0, 59)), $zone);
            $first = $first->modify('+'.$random->getInt(0, 1500).' days');
            $rules = [['week', 1, 'WEEKLY'], ['month', 1, 'MONTHLY'], ['month', 3, 'MONTHLY'], ['month', 6, 'MONTHLY'], ['year', 1, 'YEARLY']];
            [$unit, $count, $rule] = $rules[$i % 5];
            $day = (int) $first->format('j');
            $days = implode(',', range(min($day, 28), $day));
            $by = ['WEEKLY' => '', 'MONTHLY' => ";BYMONTHDAY=$days;BYSETPOS=-1", 'YEARLY' => ";BYMONTH={$first->format('n')};BYMONTHDAY=$days;BYSETPOS=-1"];
            $theirs = new RRuleIterator("FREQ=$rule;INTERVAL=$count$by[$rule]", $first);
            $cycle = new Cycle($unit, $count);
            for ($n = 0; $n < 14; $n++, $theirs->next()) {
                $ours = $cycle->begins($n, $first, $zone)->setTimezone($zone)->format('Y-m-d H:i');
                self::assertSame($theirs->current()?->format('Y-m-d H:i'), $ours, "$rule $count from {$first->format('c')}, $n");
            }
        }
    }

    /** @param  list<string>  $begins  of the periods after the first */
    #[DataProvider('cycles')]
    public function test_periods_keep_the_day_of_the_month_and_the_time_of_day(string $first, string $zone, Cycle $cycle, array $begins): void
    {
        $zone = new DateTimeZone($zone);
        $at = new DateTimeImmutable($first, $zone);
        foreach ($begins as $i => $begin) {
            self::assertSame($begin, $cycle->begins($i + 1, $at, $zone)->setTimezone($zone)->format('Y-m-d H:i'));
        }
        self::assertEquals($at, $cycle->begins(0, $at, $zone));
    }

    /** @return iterable<string, array{string, string, Cycle, list<string>}> */
    public static function cycles(): iterable
    {
        yield 'from a 31st' => ['2027-01-31 09:00', 'UTC', new Cycle('month'), ['2027-02-28 09:00', '2027-03-31 09:00', '2027-04-30 09:00']];
        yield 'in a leap year' => ['2028-01-31 09:00', 'UTC', new Cycle('month'), ['2028-02-29 09:00', '2028-03-31 09:00']];
        yield 'from a leap day, by the year' => [
            '2028-02-29 12:00',
            'UTC',
            new Cycle('year'),
            ['2029-02-28 12:00', '2030-02-28 12:00', '2031-02-28 12:00', '2032-02-29 12:00'],
        ];
        yield 'three months over the end of a year' => ['2027-11-30 08:00', 'UTC', new Cycle('month', 3), ['2028-02-29 08:00', '2028-05-30 08:00']];
        yield 'the clocks go forward' => ['2027-02-28 08:30', 'Europe/Berlin', new Cycle('month'), ['2027-03-28 08:30', '2027-04-28 08:30']];
        yield 'weeks over a change of the clocks' => ['2027-03-24 08:30', 'Europe/Berlin', new Cycle('week'), ['2027-03-31 08:30', '2027-04-07 08:30']];
        yield 'two weeks' => ['2026-12-24 00:15', 'Pacific/Auckland', new Cycle('week', 2), ['2027-01-07 00:15', '2027-01-21 00:15']];
    }
}
