<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Earnings;

use DateTimeImmutable;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Entry;
use Lanai\Core\Earnings\Payment;
use Lanai\Core\Earnings\Spread;
use Lanai\Core\Earnings\Terms;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Money in the books: every entry balances, and the parts are the whole to the cent. */
final class BooksTest extends TestCase
{
    private static function at(string $when = '2026-12-01'): DateTimeImmutable
    {
        return new DateTimeImmutable("$when 00:00:00Z");
    }

    /** The prices of these are worked out by hand. @param  array<string, int>  $amounts */
    #[DataProvider('payments')]
    public function test_a_payment_stands_where_it_belongs(Terms $terms, int $gross, string $rate, array $amounts): void
    {
        $entry = (new Payment('p1', self::at(), new Charge($gross, 'EUR', 'DE', $rate, $terms), 30))->paid();
        self::assertEquals($amounts, $entry->amounts);
    }

    /** @return iterable<string, array{Terms, int, string, array<string, int>}> */
    public static function payments(): iterable
    {
        yield 'through a store that sells: 3.99 with 19 % in it, 15 % kept' => [
            new Terms('Quay', '15'),
            399,
            '19',
            ['owed by Quay' => 285, 'commission' => 50, 'received in advance' => -335],
        ];
        yield 'by card: 1.5 % and 0.25 of what is paid' => [
            new Terms('Till', '1.5', 25, false),
            399,
            '19',
            ['owed by Till' => 368, 'commission' => 31, 'tax owed DE' => -64, 'received in advance' => -335],
        ];
        yield 'a rate with decimals' => [
            new Terms('Till', '0', 0, false),
            10000,
            '25.5',
            ['owed by Till' => 10000, 'tax owed DE' => -2032, 'received in advance' => -7968],
        ];
        yield 'less than the fixed part' => [new Terms('Till', '1.5', 25, false), 20, '0', ['commission' => 20, 'received in advance' => -20]];
        yield 'nothing' => [new Terms('Quay', '15'), 0, '19', []];
    }

    public function test_an_entry_that_does_not_balance_is_none(): void
    {
        $this->expectException(\LogicException::class);
        new Entry('x', self::at(), 'x', ['bank' => 5, 'earned' => -4], 'EUR');
    }

    /** @param  list<int>  $weights @param  list<int>  $parts */
    #[TestWith([100, [1, 1, 1], [34, 33, 33]])]
    #[TestWith([-100, [1, 1, 1], [-34, -33, -33]])]
    #[TestWith([10, [0, 3, 7], [0, 3, 7]])]
    #[TestWith([7, [5, 3, 1], [4, 2, 1]])]
    public function test_by_weights_the_largest_remainder_gets_what_is_left(int $amount, array $weights, array $parts): void
    {
        self::assertSame($parts, Spread::by($amount, $weights));
    }

    public function test_whatever_is_paid_earned_and_given_back_always_adds_up(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($round = 0; $round < 2000; $round++) {
            $gross = $random->getInt(0, 50000);
            $days = $random->getInt(1, 400);
            $rate = (string) ($random->getInt(0, 270) / 10);
            $terms = new Terms('Till', (string) ($random->getInt(0, 400) / 10), $random->getInt(0, 50), $random->getInt(0, 1) === 1);
            $payment = new Payment("p$round", self::at(), new Charge($gross, 'EUR', 'DE', $rate, $terms), $days);
            $after = $random->getInt(0, $days);
            $entries = [$payment->paid()];
            $parts = [];
            for ($day = 0; $day < $after; $day++) {
                $entries[] = $earned = $payment->earnedUntil($day, $day + 1);
                $parts[] = $earned->amounts['received in advance'] ?? 0;
            }
            // No day earns more than a cent more than another.
            self::assertTrue($parts === [] || max($parts) - min($parts) <= 1);
            self::assertSame(array_sum($parts), Spread::share($payment->net(), $after, $days));
            $books = $this->added($entries);
            self::assertSame(0, array_sum($books));
            // Earned and received in advance are what was paid without tax.
            self::assertSame($payment->net(), -(($books['earned'] ?? 0) + ($books['received in advance'] ?? 0)));

            $returns = $random->getInt(0, 1) === 1;
            $books = $this->added([...$entries, $payment->givenBack($after, self::at('2027-01-01'), $returns)]);
            self::assertSame(0, array_sum($books));
            self::assertSame(0, $books['received in advance'] ?? 0);
            self::assertSame(0, $books['tax owed DE'] ?? 0, 'Nothing is owed of what was given back.');
            self::assertSame(0, ($books['earned'] ?? 0) + ($books['given back'] ?? 0));
            // What the till keeps of it is what it does not give back.
            self::assertSame(-($books['commission'] ?? 0), $books['owed by Till'] ?? 0);
            if ($returns) {
                self::assertSame(0, $books['commission'] ?? 0);
            }
            self::assertSame(array_sum(Spread::evenly($gross, $days)), $gross);
        }
    }

    /** @param  list<Entry>  $entries @return array<string, int> */
    private function added(array $entries): array
    {
        $books = [];
        foreach ($entries as $entry) {
            foreach ($entry->amounts as $account => $amount) {
                $books[$account] = ($books[$account] ?? 0) + $amount;
            }
        }

        return $books;
    }
}
