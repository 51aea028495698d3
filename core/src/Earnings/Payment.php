<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/** A payment for a period, as it stands in the books: what comes of it at once, with each day, and where it is given back. */
final readonly class Payment
{
    private int $net;

    private int $commission;

    /**
     * @param  string  $id  the till's own
     * @param  int  $gross  what was paid, in minor units
     * @param  string  $country  of the buyer, ISO 3166-1
     * @param  string  $rate  of the tax in it, in percent
     * @param  positive-int  $days  that it is for
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $at,
        public int $gross,
        public string $currency,
        public string $country,
        public string $rate,
        public Terms $terms,
        public int $days,
    ) {
        $this->net = Terms::net($gross, $rate);
        $this->commission = $terms->commission($gross, $this->net);
    }

    /** What is the founder's in the end, without tax and before what the till keeps. */
    public function net(): int
    {
        return $this->net;
    }

    /** It was paid: nothing of it is earned yet. */
    public function paid(): Entry
    {
        $tax = $this->terms->sells ? 0 : $this->gross - $this->net;

        return Entry::of(
            "$this->id/paid",
            $this->at,
            'paid',
            [
                "owed by {$this->terms->till}" => $this->net + $tax - $this->commission,
                'commission' => $this->commission,
                "tax owed $this->country" => -$tax,
                'received in advance' => -$this->net,
            ],
            $this->currency,
        );
    }

    /** What is earned of it in some of its days, on the last of them: from the one of this number on, the first one being 0, and before that. */
    public function earnedUntil(int $from, int $to): Entry
    {
        $amount = Spread::share($this->net, $to, $this->days) - Spread::share($this->net, $from, $this->days);

        return Entry::of(
            "$this->id/earned/$to",
            $this->at->setTimestamp($this->at->getTimestamp() + $to * 86400 - 1),
            'earned',
            ['received in advance' => $amount, 'earned' => -$amount],
            $this->currency,
        );
    }

    /** What is earned of it in the nth of its days, the first one being 0. */
    public function earned(int $day): Entry
    {
        $amount = Spread::share($this->net, $day + 1, $this->days) - Spread::share($this->net, $day, $this->days);

        return Entry::of(
            "$this->id/earned/$day",
            $this->at->modify("+$day days"),
            'earned',
            ['received in advance' => $amount, 'earned' => -$amount],
            $this->currency,
        );
    }

    /**
     * It was given back after so many days, of which what was earned is earned no more.
     *
     * @param  bool  $returns  whether the till gives back what it kept
     */
    public function givenBack(int $after, DateTimeImmutable $at, bool $returns): Entry
    {
        $earned = Spread::share($this->net, $after, $this->days);
        $tax = $this->terms->sells ? 0 : $this->gross - $this->net;
        $commission = $returns ? $this->commission : 0;

        return Entry::of(
            "$this->id/given back",
            $at,
            'given back',
            [
                'received in advance' => $this->net - $earned,
                'given back' => $earned,
                "tax owed $this->country" => $tax,
                'commission' => -$commission,
                "owed by {$this->terms->till}" => -($this->net + $tax - $commission),
            ],
            $this->currency,
        );
    }
}
