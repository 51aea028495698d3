<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Earnings\PurchaseBook;
use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Entry;
use Lanai\Core\Values\Currency;

/**
 * Adverts in the books: what the network owes for each day. An advert is worth a part of a cent, so that a day's entry is what makes the sum of all days whole:
 * no part of a cent is lost and none is made up.
 */
final readonly class AdvertLedger
{
    public const EARNED = 'earned by adverts';

    /** What the network is called in the books, whatever it is called by the app. */
    public const NETWORK = 'the network of adverts';

    /** Days after which nothing more is counted for a day. */
    private const CLOSED = 2;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    /** Writes the days of which nothing more is to come. */
    public function book(int $now): void
    {
        $this->bookUntil(gmdate('Y-m-d', $now - self::CLOSED * 86400));
    }

    /** Writes the days until one, that day, too. */
    public function bookUntil(string $until): void
    {
        foreach ($this->currencies() as $currency) {
            $this->database->transaction(fn () => $this->bookIn($currency, $until));
        }
    }

    private function bookIn(string $currency, string $until): void
    {
        $last = substr((string) $this->lines($currency)->max('at'), 0, 10);
        $booked = -(int) $this->lines($currency)->sum('amount');
        foreach ($this->sums($currency) as $day => $whole) {
            if ($day > $last && $day <= $until && $whole > $booked) {
                $amounts = ['owed by '.self::NETWORK => $whole - $booked, self::EARNED => $booked - $whole];
                $entry = new Entry("adverts/$currency/$day", new DateTimeImmutable("{$day}T23:59:59Z"), 'adverts of a day', $amounts, $currency);
                $this->database->table('_ledger')->insert(array_map(fn (array $line): array => ['purchase' => null] + $line, PurchaseBook::lines([$entry])));
                $booked = $whole;
            }
        }
    }

    /** What was counted until a day, that day, too, in whole minor units. */
    public function counted(string $currency, string $until): int
    {
        $sums = array_filter($this->sums($currency), fn (string $day): bool => $day <= $until, ARRAY_FILTER_USE_KEY);

        return $sums === [] ? 0 : max($sums);
    }

    /** @return list<string> where what stands in the books of adverts is not what was counted */
    public function check(): array
    {
        $wrong = [];
        foreach ($this->currencies() as $currency) {
            $last = substr((string) $this->lines($currency)->max('at'), 0, 10);
            $booked = -(int) $this->lines($currency)->sum('amount');
            // Of the last day something may have been counted since.
            $before = $last === '' ? '' : (new DateTimeImmutable($last))->modify('-1 day')->format('Y-m-d');
            if ($booked > $this->counted($currency, $last) || $booked < $this->counted($currency, $before)) {
                $wrong[] = "The entries of adverts in $currency are not what was counted.";
            }
        }

        return $wrong;
    }

    /** @return array<string, int> day => what was earned until its end, in whole minor units */
    private function sums(string $currency): array
    {
        $sums = [];
        $millionths = 0;
        $days = $this->database->table('_advert_days')->where('currency', $currency)->groupBy('day')->orderBy('day');
        foreach ($days->selectRaw('day, sum(earned) as earned')->get() as $raw) {
            $millionths += (int) $raw->earned;
            $sums[(string) $raw->day] = intdiv($millionths * 10 ** Currency::digits($currency), 1_000_000);
        }

        return $sums;
    }

    /** @return list<string> */
    private function currencies(): array
    {
        return array_values(array_map(strval(...), $this->database->table('_advert_days')->distinct()->orderBy('currency')->pluck('currency')->all()));
    }

    private function lines(string $currency): \Illuminate\Database\Query\Builder
    {
        return $this->database->table('_ledger')->whereNull('purchase')->where(['account' => self::EARNED, 'currency' => $currency]);
    }
}
