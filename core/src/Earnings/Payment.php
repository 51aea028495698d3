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
     * @param  int  $carried  what is left of a payment for another plan and is earned with this one; minor units, without tax
     * @param  bool  $fresh  whether something was paid; false where all of it is carried over, and the charge is that of before
     */
    public function __construct(
        public string $id,
        public DateTimeImmutable $at,
        public Charge $charge,
        public int $days,
        public int $carried = 0,
        public bool $fresh = true,
    ) {
    }

    /** What is the founder's in the end, without tax and before what the till keeps. */
    public function net(): int
    {
        return $this->charge->net;
    }

    /** What is earned by the end of its days. */
    public function whole(): int
    {
        return $this->carried + ($this->fresh ? $this->charge->net : 0);
    }

    /** What is earned of it after so many of its days. */
    public function share(int $after): int
    {
        return Spread::share($this->whole(), $after, $this->days);
    }

    /** What of so much is owed to a tax office by the founder. */
    private function tax(Charge $of): int
    {
        return $of->terms->sells ? 0 : $of->gross - $of->net;
    }

    private function owed(): string
    {
        return "owed by {$this->charge->terms->till}";
    }

    /** It was paid: nothing of it is earned yet. */
    public function paid(): Entry
    {
        $tax = $this->tax($this->charge);

        return Entry::of(
            "$this->id/paid",
            $this->at,
            'paid',
            [
                $this->owed() => $this->charge->net + $tax - $this->charge->commission,
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
        $amount = $this->share($to) - $this->share($from);

        return Entry::of(
            "$this->id/earned/$to",
            $this->at->setTimestamp($this->at->getTimestamp() + $to * 86400 - 1),
            'earned',
            ['received in advance' => $amount, 'earned' => -$amount],
            $this->charge->currency,
        );
    }

    /** Nothing more is given for it: what is left of it is earned. */
    public function over(int $after, DateTimeImmutable $at): Entry
    {
        $left = $this->whole() - $this->share($after);

        return Entry::of("$this->id/over", $at, 'earned', ['received in advance' => $left, 'earned' => -$left], $this->charge->currency);
    }

    /**
     * It was given back after so many days, of which what was earned is earned no more. What is left of it without being given back is earned.
     *
     * @param  bool  $returns  whether the till gives back what it kept
     * @param  int|null  $gross  how much is given back, in minor units, never more than was paid; null for all
     */
    public function givenBack(int $after, DateTimeImmutable $at, bool $returns, ?int $gross = null): Entry
    {
        $back = $gross === null || $gross >= $this->charge->gross ? $this->charge : $this->charge->part($gross);
        $commission = $returns ? $back->commission : 0;
        $tax = $this->tax($back);

        return Entry::of(
            "$this->id/given back",
            $at,
            'given back',
            [
                "tax owed {$this->charge->country}" => $tax,
                'commission' => -$commission,
                $this->owed() => -($back->net + $tax - $commission),
            ] + $this->lost($after, $back->net, 'given back'),
            $this->charge->currency,
        );
    }

    /**
     * Where so much of it is gone: what was not earned yet goes first, what is left over is earned at once.
     *
     * @return array<string, int> account => minor units
     */
    private function lost(int $after, int $net, string $account): array
    {
        $left = $this->whole() - $this->share($after);
        $unearned = min($left, $net);

        return ['received in advance' => $left, $account => $net - $unearned, 'earned' => $unearned - $left];
    }

    /**
     * Its bank has taken it back until it is decided whether it was right, and the till keeps a fee for its work.
     *
     * @param  int  $time  the how many-th time, the first one being 1
     */
    public function disputed(DateTimeImmutable $at, int $time = 1): Entry
    {
        $fee = $this->charge->terms->disputeFee;
        $gone = $this->charge->net + $this->tax($this->charge);

        return Entry::of(
            "$this->id/disputed/$time",
            $at,
            'disputed',
            ['in dispute' => $gone, 'lost in disputes' => $fee, $this->owed() => -$gone - $fee],
            $this->charge->currency,
        );
    }

    /** The founder was right: what was taken back is there again. */
    public function disputeWon(DateTimeImmutable $at, int $time = 1): Entry
    {
        $gone = $this->charge->net + $this->tax($this->charge);

        return Entry::of("$this->id/won/$time", $at, 'dispute won', [$this->owed() => $gone, 'in dispute' => -$gone], $this->charge->currency);
    }

    /** It stays gone, after so many days; no tax is owed of what nobody paid. */
    public function disputeLost(int $after, DateTimeImmutable $at): Entry
    {
        $tax = $this->tax($this->charge);

        return Entry::of(
            "$this->id/lost",
            $at,
            'dispute lost',
            ['in dispute' => -$this->charge->net - $tax, "tax owed {$this->charge->country}" => $tax]
                + $this->lost($after, $this->charge->net, 'lost in disputes'),
            $this->charge->currency,
        );
    }
}
