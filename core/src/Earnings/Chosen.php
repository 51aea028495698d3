<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** A plan as customers of a rehearsal choose it. */
final readonly class Chosen
{
    /**
     * @param  int  $price  minor units, for each period
     * @param  float  $weight  how many choose it, beside the weights of the others
     * @param  int  $freeDays  0 for none
     * @param  int  $first  a lower price, in minor units, of the first payments
     * @param  int  $times  how many payments that is; 0 for none
     * @param  'subscription'|'kept'|'used'  $kind  what is kept is paid once; what is used up is bought again in each cycle by those who do not leave
     */
    public function __construct(
        public Cycle $cycle,
        public int $price,
        public float $weight,
        public int $freeDays = 0,
        public int $first = 0,
        public int $times = 0,
        public string $kind = 'subscription',
    ) {
    }

    /** What the nth payment is, the first one being 0. */
    public function priceOf(int $n): int
    {
        return $n < $this->times ? $this->first : $this->price;
    }

    /** What of its payments belongs to a month. */
    public function monthly(): float
    {
        return $this->kind === 'kept' ? 0.0 : $this->price / $this->months();
    }

    /** How long one payment lasts, in months; a year has 52 weeks. */
    public function months(): float
    {
        return $this->cycle->count * ['week' => 12 / 52, 'month' => 1.0, 'year' => 12.0][$this->cycle->unit];
    }
}
