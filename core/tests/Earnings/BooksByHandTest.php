<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use Lanai\Core\Earnings\Books;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Entry;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Terms;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The books beside ones that are kept by hand, day by day, in plain words: the same on every day, whatever the order in which events come. */
final class BooksByHandTest extends TestCase
{
    private const START = 1_800_000_000;

    public function test_a_change_of_plan_carries_over_what_is_left(): void
    {
        $terms = new Terms('Till', '1.5', 25, false);
        $events = [
            new Event('1', Happened::Bought, self::day(0), self::day(30), charge: new Charge(3570, 'EUR', 'DE', '19', $terms)),
            // A third of the month is over: 20.00 of 30.00 without tax are left.
            new Event('2', Happened::Changed, self::day(10), self::day(375), charge: new Charge(11900, 'EUR', 'DE', '19', $terms)),
        ];
        $at = fn (int $day): array => Books::balances(Books::at(self::day($day), 'p', $events))['EUR'];
        self::assertSame([-1000, -2000], [$at(9)['earned'] - 100, $at(9)['received in advance'] + 100]);
        self::assertSame([-1000, -12000], [$at(10)['earned'], $at(10)['received in advance']]);
        self::assertSame([-13000, 0], [$at(375)['earned'], $at(375)['received in advance']]);
    }

    public function test_a_change_that_costs_nothing_is_earned_over_longer(): void
    {
        $events = [
            new Event('1', Happened::Bought, self::day(0), self::day(100), charge: self::charge(11900, 'EUR')),
            new Event('2', Happened::Changed, self::day(50), self::day(250)),
        ];
        $at = fn (int $day): int => Books::balances(Books::at(self::day($day), 'p', $events))['EUR']['earned'];
        self::assertSame([-5000, -7500, -10000], [$at(50), $at(150), $at(250)]);
        // Given back, it is what was paid, of which half of the days were had.
        $back = Books::balances(Books::of('p', [...$events, new Event('3', Happened::Refunded, self::day(150))]))['EUR'];
        self::assertSame([-7500, 7500, 0], [$back['earned'], $back['given back'], $back['owed by Till']]);
    }

    public function test_a_dispute_takes_the_money_away_until_it_is_decided(): void
    {
        $terms = new Terms('Till', '0', 0, false, disputeFee: 1500);
        $events = [
            new Event('1', Happened::Bought, self::day(0), self::day(10), charge: new Charge(1190, 'EUR', 'DE', '19', $terms)),
            new Event('2', Happened::Disputed, self::day(4)),
        ];
        $books = Books::balances(Books::at(self::day(5), 'p', $events))['EUR'];
        self::assertSame([1190, 1500, -1500], [$books['in dispute'], $books['lost in disputes'], $books['owed by Till']]);
        $won = Books::balances(Books::at(self::day(8), 'p', [...$events, new Event('3', Happened::DisputeWon, self::day(7))]))['EUR'];
        self::assertSame([0, 1500, -310], [$won['in dispute'], $won['lost in disputes'], $won['owed by Till']]);
        // Lost on the eighth day: seven tenths were earned and are lost, and no tax is owed any more.
        $lost = Books::balances(Books::of('p', [...$events, new Event('3', Happened::DisputeLost, self::day(7))]))['EUR'];
        self::assertSame([0, 1500 + 700, 0, -700], [$lost['in dispute'], $lost['lost in disputes'], $lost['tax owed DE'], $lost['earned']]);
    }

    public function test_of_a_part_that_is_given_back_the_till_gives_back_its_part(): void
    {
        $charge = new Charge(1000, 'EUR', 'DE', '0', new Terms('Quay', '15'));
        $back = new Event('2', Happened::Refunded, self::day(8), charge: new Charge(400, 'EUR', 'DE', '0', new Terms('Quay', '15')));
        $books = Books::balances(Books::of('p', [new Event('1', Happened::Bought, self::day(0), self::day(10), charge: $charge), $back]))['EUR'];
        // 6.00 stay; of the 4.00 the 2.00 that were not earned yet go first.
        self::assertSame([-800, 200, 90, 510], [$books['earned'], $books['given back'], $books['commission'], $books['owed by Quay']]);
    }

    public function test_2500_lives_in_40_orders_each_say_what_a_slow_model_says(): void
    {
        $random = new Randomizer(new Mt19937(41));
        $seen = [];
        for ($life = 0; $life < 2500; $life++) {
            $events = $this->some($random);
            $day = $random->getInt(0, 500);
            $by = self::byHand($events, $day);
            self::assertSame($by, self::sums(Books::at(self::day($day), 'p', $events)), "life $life, day $day");
            $all = Books::of('p', $events);
            foreach ([...Books::balances($all)] as $currency => $balances) {
                self::assertSame(0, array_sum($balances), "life $life, $currency");
                self::assertSame(0, $balances['received in advance'] ?? 0, "life $life: in the end all is earned or gone.");
            }
            self::assertCount(count($all), array_unique(array_map(fn (Entry $e): string => $e->id, $all)), "life $life: nothing is written twice.");
            foreach ($by as $key => $amount) {
                $seen[explode(' ', $key, 2)[1]] = true;
            }
            for ($order = 0; $order < 40; $order++) {
                $told = $random->shuffleArray($order % 4 === 0 ? [...$events, ...$events] : $events);
                if (self::sums(Books::of('p', $told)) !== self::sums($all)) {
                    self::fail("life $life, order $order");
                }
            }
        }
        ksort($seen);
        $accounts = ['commission', 'earned', 'given back', 'in dispute', 'lost in disputes', 'owed by Till', 'received in advance', 'tax owed DE'];
        self::assertSame($accounts, array_keys($seen), 'Every account was needed.');
    }

    /** @return list<Event> */
    private function some(Randomizer $random): array
    {
        $events = [];
        $day = 0;
        for ($i = 0, $count = $random->getInt(1, 9); $i < $count; $i++) {
            $what = $i === 0 ? Happened::Bought : Happened::cases()[$random->getInt(0, count(Happened::cases()) - 1)];
            $begins = in_array($what, [Happened::Bought, Happened::Paid, Happened::Changed], true);
            $pays = $begins && ($what !== Happened::Changed || $random->getInt(0, 1) === 1);
            $part = $what === Happened::Refunded && $random->getInt(0, 1) === 1;
            $charge = $pays || $part ? self::charge($random->getInt(1, 9999), $random->getInt(0, 9) > 0 ? 'EUR' : 'CHF') : null;
            $events[] = new Event("e$i", $what, self::day($day), $begins ? self::day($day + $random->getInt(1, 120)) : null, charge: $charge);
            $day += $random->getInt(1, 50);
        }

        return $events;
    }

    /**
     * @param  list<Event>  $events
     * @return array<string, int> currency and account => minor units, without what is nothing
     */
    private static function byHand(array $events, int $today): array
    {
        $books = [];
        $put = function (string $currency, string $account, int $amount) use (&$books): void {
            $books["$currency $account"] = ($books["$currency $account"] ?? 0) + $amount;
        };
        // Each payment: what of it is still to be earned, its days, and how many of them are over.
        $open = [];
        for ($day = 0; $day <= $today; $day++) {
            foreach ($open as &$one) {
                if ($day > $one['from'] && $one['over'] < $one['days'] && ! $one['closed']) {
                    $one['over']++;
                    $due = intdiv($one['whole'] * $one['over'], $one['days']);
                    $put($one['currency'], 'earned', $one['earned'] - $due);
                    $put($one['currency'], 'received in advance', $due - $one['earned']);
                    $one['earned'] = $due;
                }
            }
            unset($one);
            foreach ($events as $event) {
                if ($event->at != self::day($day)) {
                    continue;
                }
                $last = array_key_last($open);
                $isOpen = $last !== null && ! $open[$last]['closed'];
                $days = $event->until === null ? 1 : intdiv($event->until->getTimestamp() - self::START, 86400) - $day;
                $paid = $event->what === Happened::Refunded ? null : $event->charge;
                $carried = 0;
                if ($event->what === Happened::Changed && $isOpen) {
                    $left = $open[$last]['whole'] - $open[$last]['earned'];
                    $open[$last]['closed'] = true;
                    if ($paid === null || $paid->currency === $open[$last]['currency']) {
                        $carried = $left;
                    } else {
                        $put($open[$last]['currency'], 'earned', -$left);
                        $put($open[$last]['currency'], 'received in advance', $left);
                    }
                }
                if ($paid !== null) {
                    $put($paid->currency, 'owed by Till', $paid->gross - $paid->commission);
                    $put($paid->currency, 'commission', $paid->commission);
                    $put($paid->currency, 'tax owed DE', -($paid->gross - $paid->net));
                    $put($paid->currency, 'received in advance', -$paid->net);
                }
                if ($paid !== null || ($event->what === Happened::Changed && $isOpen)) {
                    $of = $paid ?? $open[$last]['of'];
                    $whole = $carried + ($paid === null ? 0 : $paid->net);
                    $open[] = ['whole' => $whole, 'days' => $days, 'from' => $day, 'over' => 0, 'earned' => 0, 'closed' => false, 'of' => $of,
                        'currency' => $of->currency, 'disputed' => false];

                    continue;
                }
                if (! $isOpen) {
                    continue;
                }
                $one = &$open[$last];
                $of = $one['of'];
                $takenBack = in_array($event->what, [Happened::Disputed, Happened::DisputeLost], true) && ! $one['disputed'];
                if ($takenBack) {
                    $put($of->currency, 'in dispute', $of->gross);
                    $put($of->currency, 'lost in disputes', 1500);
                    $put($of->currency, 'owed by Till', -$of->gross - 1500);
                    $one['disputed'] = true;
                }
                if ($event->what === Happened::DisputeWon && $one['disputed']) {
                    $put($of->currency, 'in dispute', -$of->gross);
                    $put($of->currency, 'owed by Till', $of->gross);
                    $one['disputed'] = false;
                }
                if (in_array($event->what, [Happened::Refunded, Happened::DisputeLost], true)) {
                    $isLost = $event->what === Happened::DisputeLost;
                    $gross = $isLost ? $of->gross : min($of->gross, $event->charge->gross ?? $of->gross);
                    $back = $gross === $of->gross ? $of : new Charge($gross, $of->currency, 'DE', '19', $of->terms);
                    $kept = $gross === $of->gross ? $of->commission : min($back->net, (int) round($of->commission * $gross / $of->gross));
                    $put($of->currency, 'tax owed DE', $back->gross - $back->net);
                    if ($isLost) {
                        $put($of->currency, 'in dispute', -$of->gross);
                    } else {
                        $put($of->currency, 'commission', -$kept);
                        $put($of->currency, 'owed by Till', $kept - $gross);
                    }
                    $left = $one['whole'] - $one['earned'];
                    $put($of->currency, 'received in advance', $left);
                    $put($of->currency, 'earned', min($left, $back->net) - $left);
                    $put($of->currency, $isLost ? 'lost in disputes' : 'given back', $back->net - min($left, $back->net));
                    $one['closed'] = true;
                }
                unset($one);
            }
        }
        $books = array_filter($books);
        ksort($books);

        return $books;
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, int>
     */
    private static function sums(array $entries): array
    {
        $sums = [];
        foreach (Books::balances($entries) as $currency => $accounts) {
            foreach (array_filter($accounts) as $account => $amount) {
                $sums["$currency $account"] = $amount;
            }
        }
        ksort($sums);

        return $sums;
    }

    private static function charge(int $gross, string $currency): Charge
    {
        return new Charge($gross, $currency, 'DE', '19', new Terms('Till', '1.5', 25, false, disputeFee: 1500));
    }

    private static function day(int $day): DateTimeImmutable
    {
        return new DateTimeImmutable('@'.(self::START + $day * 86400));
    }
}
