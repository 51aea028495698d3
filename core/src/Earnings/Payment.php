<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/** A payment for a period, as it stands in the books: what comes of it at once, with each day, and where it is given back. */
final readonly class Payment
{
    /**
     * @param  string  $id  the till's own
     * @param  positive-int  $days  that it is for
     */
    public function __construct(public string $id, public DateTimeImmutable $at, public Charge $charge, public int $days)
    {
    }

    /** What is the founder's in the end, without tax and before what the till keeps. */
    public function net(): int
    {
        return $this->charge->net;
    }

    /** What of it is owed to a tax office by the founder. */
    private function tax(): int
    {
        return $this->charge->terms->sells ? 0 : $this->charge->gross - $this->charge->net;
    }

    /** It was paid: nothing of it is earned yet. */
    public function paid(): Entry
    {
        $tax = $this->tax();

        return Entry::of(
            "$this->id/paid",
            $this->at,
            'paid',
            [
                "owed by {$this->charge->terms->till}" => $this->charge->net + $tax - $this->charge->commission,
                'commission' => $this->charge->commission,
                "tax owed {$this->charge->country}" => -$tax,
                'received in advance' => -$this->charge->net,
            ],
            $this->charge->currency,
        );
    }

    /** What is earned of it in some of its days, on the last of them: from the one of this number on, the first one being 0, and before that. */
    public function earnedUntil(int $from, int $to): Entry
    {
        $amount = Spread::share($this->charge->net, $to, $this->days) - Spread::share($this->charge->net, $from, $this->days);

        return Entry::of(
            "$this->id/earned/$to",
            $this->at->setTimestamp($this->at->getTimestamp() + $to * 86400 - 1),
            'earned',
            ['received in advance' => $amount, 'earned' => -$amount],
            $this->charge->currency,
        );
    }

    /** What is earned of it in the nth of its days, the first one being 0. */
    public function earned(int $day): Entry
    {
        $amount = Spread::share($this->charge->net, $day + 1, $this->days) - Spread::share($this->charge->net, $day, $this->days);

        return Entry::of(
            "$this->id/earned/$day",
            $this->at->modify("+$day days"),
            'earned',
            ['received in advance' => $amount, 'earned' => -$amount],
            $this->charge->currency,
        );
    }

    /**
     * It was given back after so many days, of which what was earned is earned no more.
     *
     * @param  bool  $returns  whether the till gives back what it kept
     */
    public function givenBack(int $after, DateTimeImmutable $at, bool $returns): Entry
    {
        $earned = Spread::share($this->charge->net, $after, $this->days);
        $tax = $this->tax();
        $commission = $returns ? $this->charge->commission : 0;

        return Entry::of(
            "$this->id/given back",
            $at,
            'given back',
            [
                'received in advance' => $this->charge->net - $earned,
                'given back' => $earned,
                "tax owed {$this->charge->country}" => $tax,
                'commission' => -$commission,
                "owed by {$this->charge->terms->till}" => -($this->charge->net + $tax - $commission),
            ],
            $this->charge->currency,
        );
    }
}
