<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Earnings\Books;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Entry;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Earnings\Status;
use Lanai\Core\Earnings\Story;
use Lanai\Core\Earnings\Subscription;
use Lanai\Core\Earnings\Terms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Made-up customers, where they stand on which day, and what the books say of them. */
final class StoriesTest extends TestCase
{
    /** @param  array<string, Status>  $stands */
    #[TestWith([Story::Well, ['2027-01-05' => Status::Trial, '2027-01-09' => Status::Active, '2027-12-30' => Status::Active]])]
    #[TestWith([Story::CardFails, ['2027-03-09' => Status::Grace, '2027-03-12' => Status::Hold, '2027-03-19' => Status::Active]])]
    #[TestWith([Story::CardLost, ['2027-03-09' => Status::Grace, '2027-03-12' => Status::Hold, '2027-05-01' => Status::Expired]])]
    #[TestWith([Story::Leaves, ['2027-02-09' => Status::Active, '2027-02-20' => Status::Ending, '2027-03-09' => Status::Expired]])]
    #[TestWith([Story::Returns, ['2027-02-11' => Status::Ending, '2027-02-20' => Status::Active, '2027-06-01' => Status::Active]])]
    #[TestWith([Story::Refund, ['2027-02-12' => Status::Active, '2027-02-14' => Status::Revoked, '2027-08-01' => Status::Revoked]])]
    #[TestWith([Story::Pauses, ['2027-03-07' => Status::Active, '2027-03-20' => Status::Paused, '2027-05-09' => Status::Active]])]
    #[TestWith([Story::Switches, ['2027-02-17' => Status::Active, '2027-06-01' => Status::Active, '2028-01-01' => Status::Active]])]
    #[TestWith([Story::Disputes, ['2027-02-13' => Status::Active, '2027-03-04' => Status::Active, '2027-03-05' => Status::Revoked]])]
    #[TestWith([Story::Silent, ['2027-03-07' => Status::Active, '2027-03-08' => Status::Expired]])]
    public function test_each_story_goes_as_it_says(Story $story, array $stands): void
    {
        $events = $story->events(new Cycle('month'), self::charge(), 7, self::at('2027-01-01'), 12);
        foreach ($stands as $day => $status) {
            self::assertSame($status, Subscription::at(self::at($day)->modify('+1 hour'), $events)->status, $day);
        }
    }

    public function test_days_of_the_month_stay_and_a_story_has_an_end(): void
    {
        $events = Story::Well->events(new Cycle('month'), self::charge(), 0, self::at('2027-01-31'), 6);
        self::assertSame(
            ['2027-01-31', '2027-02-28', '2027-03-31', '2027-04-30', '2027-05-31', '2027-06-30'],
            array_map(fn (Event $e): string => $e->at->format('Y-m-d'), $events),
        );
    }

    #[DataProvider('stories')]
    public function test_the_books_of_a_story_balance_and_what_was_paid_is_earned_or_given_back(Story $story, Terms $terms, string $unit): void
    {
        $charge = new Charge(2999, 'EUR', 'DE', '19', $terms);
        $events = $story->events(new Cycle($unit), $charge, 3, self::at('2027-01-31 12:30'), 18);
        $sum = fn (array $some): int => array_sum(array_map(fn (Event $e): int => $e->charge->net ?? 0, $some));
        $whole = Books::balances(Books::of('p', $events))['EUR'] ?? [];
        self::assertSame(0, array_sum($whole));
        $kept = -($whole['earned'] ?? 0) - ($whole['given back'] ?? 0) - ($whole['lost in disputes'] ?? 0);
        $gone = in_array($story, [Story::Refund, Story::Disputes], true) ? $charge->net + ($story === Story::Disputes ? $terms->disputeFee : 0) : 0;
        self::assertSame($sum($events) - $gone, $kept, 'In the end all of it is earned, or gone.');
        self::assertSame(0, $whole['received in advance'] ?? 0);

        // On any day the books of that day say the same as the entries until then, but for what the month that runs has earned since.
        $entries = Books::of('p', $events);
        for ($day = self::at('2027-02-01'); $day < self::at('2028-09-01'); $day = $day->modify('+1 month')) {
            $until = array_values(array_filter($entries, fn (Entry $e): bool => $e->at < $day));
            $that = Books::balances(Books::at($day, 'p', $events))['EUR'] ?? [];
            $kept = Books::balances($until)['EUR'] ?? [];
            self::assertEquals(array_filter($that), array_filter($kept), $day->format('Y-m-d'));
        }
    }

    /** @return iterable<string, array{Story, Terms, string}> */
    public static function stories(): iterable
    {
        foreach (Story::cases() as $story) {
            foreach ([new Terms('store', '15', paysAfter: 1), new Terms('Till', '1.5', 25, false, disputeFee: 1500)] as $terms) {
                foreach (['week', 'month', 'year'] as $unit) {
                    yield "$story->name by the $unit through $terms->till" => [$story, $terms, $unit];
                }
            }
        }
    }

    /** Any events in any order, some of them several times: the books are the same, and each entry balances (Entry refuses others). */
    public function test_the_books_do_not_mind_the_order_in_which_events_come(): void
    {
        mt_srand(7);
        for ($life = 0; $life < 300; $life++) {
            $events = [];
            $at = self::at('2027-01-15');
            for ($i = 0; $i < mt_rand(1, 10); $i++) {
                $what = $i === 0 ? Happened::Bought : Happened::cases()[mt_rand(0, count(Happened::cases()) - 1)];
                $pays = in_array($what, [Happened::Bought, Happened::Paid], true);
                $events[] = new Event("$i", $what, $at, $at->modify('+'.mt_rand(1, 400).' days'), charge: $pays ? self::charge() : null);
                $at = $at->modify('+'.mt_rand(1, 2000).' hours');
            }
            $books = Books::of('p', $events);
            $again = [...$events, ...array_slice($events, 0, 3)];
            shuffle($again);
            self::assertEquals($books, Books::of('p', $again));
            self::assertCount(count($books), array_unique(array_map(fn (Entry $e): string => $e->id, $books)), 'Nothing is counted twice.');
            self::assertSame(0, Books::balances($books)['EUR']['received in advance'] ?? 0);
        }
    }

    public function test_what_is_kept_is_earned_at_once(): void
    {
        $bought = new Event('1', Happened::Bought, self::at('2027-01-10'), self::at(Held::FOREVER), charge: self::charge());
        $balances = Books::balances(Books::at(self::at('2027-01-11'), 'p', [$bought]))['EUR'];

        self::assertSame(-335, $balances['earned']);
        self::assertSame(0, $balances['received in advance']);
        self::assertSame(285, $balances['owed by store']);
    }

    private static function charge(): Charge
    {
        return new Charge(399, 'EUR', 'DE', '19', new Terms('store', '15', paysAfter: 1));
    }

    private static function at(string $at): DateTimeImmutable
    {
        return new DateTimeImmutable($at, new DateTimeZone('UTC'));
    }
}
