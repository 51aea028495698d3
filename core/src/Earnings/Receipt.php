<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/** What whoever sells writes for whoever paid: numbered without gaps, and never changed. What is given back has a receipt of its own. */
final readonly class Receipt
{
    /**
     * @param  int  $number  from 1, each one more than the one before
     * @param  bool  $back  it was given back; amounts stay above zero
     * @param  string  $item  what was paid for
     * @param  string  $buyer  a name; '' where it is not known any more
     * @param  int  $gross  minor units, with tax
     * @param  int  $net  without tax
     * @param  string  $rate  of the tax, in percent
     * @param  string  $country  of the buyer, ISO 3166-1
     * @param  int|null  $of  the number of the receipt for what is given back
     */
    public function __construct(
        public int $number,
        public bool $back,
        public DateTimeImmutable $at,
        public Seller $seller,
        public string $item,
        public string $buyer,
        public int $gross,
        public int $net,
        public string $rate,
        public string $currency,
        public string $country,
        public ?int $of = null,
    ) {
    }

    /** Minor units. */
    public function tax(): int
    {
        return $this->gross - $this->net;
    }

    public function name(): string
    {
        return ($this->back ? 'Credit note ' : 'Receipt ').$this->number;
    }
}
