<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DateTimeImmutable;
use Lanai\Core\Values\Currency;

/** What a till has paid to the bank, as its statement says. Where the bank has another currency, the rate of that day says what it should have been. */
final readonly class Payout
{
    /**
     * @param  string  $id  of the statement
     * @param  int  $total  of the statement, in minor units
     * @param  string  $currency  of what was sold, ISO 4217
     * @param  int  $paid  what came to the bank, in minor units
     * @param  string  $bank  the currency of the bank
     * @param  string  $rate  so much of the bank's currency for one of the other, a decimal; '' for what the till took
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $at,
        public string $till,
        public int $total,
        public string $currency,
        public int $paid,
        public string $bank,
        public string $rate = '',
    ) {
    }

    /** @return non-empty-list<Entry> one for each currency */
    public function entries(): array
    {
        $owed = "owed by $this->till";
        if ($this->bank === $this->currency) {
            // What came less than was owed the till, or the bank, has kept.
            $less = $this->total - $this->paid;

            $amounts = ['bank' => $this->paid, $owed => -$this->total, 'commission' => $less];

            return [Entry::of("$this->id/paid out", $this->at, 'paid out', $amounts, $this->bank)];
        }
        $due = $this->due();

        return [
            Entry::of("$this->id/paid out", $this->at, 'paid out', ['in exchange' => $this->total, $owed => -$this->total], $this->currency),
            Entry::of(
                "$this->id/exchanged",
                $this->at,
                'exchanged',
                ['bank' => $this->paid, 'in exchange' => -$due, 'currency difference' => $due - $this->paid],
                $this->bank,
            ),
        ];
    }

    /** What it should have been in the bank's currency, in minor units, rounded half up. */
    public function due(): int
    {
        if ($this->rate === '') {
            return $this->paid;
        }
        $scale = Currency::digits($this->bank) - Currency::digits($this->currency);
        $exact = BigDecimal::of($this->total)->multipliedBy($this->rate);
        $exact = $scale < 0 ? $exact->dividedBy(10 ** -$scale, 10, RoundingMode::HALF_UP) : $exact->multipliedBy(10 ** $scale);

        return $exact->toScale(0, RoundingMode::HALF_UP)->toInt();
    }
}
