<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** What was paid with an event, and by whose terms. */
final readonly class Charge
{
    /** What is the founder's in the end, without tax and before what the till keeps; minor units. */
    public int $net;

    /** What the till keeps; minor units. */
    public int $commission;

    /**
     * @param  int  $gross  minor units
     * @param  string  $currency  ISO 4217
     * @param  string  $country  of the buyer, ISO 3166-1
     * @param  string  $rate  of the tax in it, in percent
     * @param  int|null  $commission  what the till keeps where it is known; null for what its terms say
     */
    public function __construct(
        public int $gross,
        public string $currency,
        public string $country,
        public string $rate,
        public Terms $terms,
        ?int $commission = null,
    ) {
        $this->net = Terms::net($gross, $rate);
        $this->commission = $commission ?? $terms->commission($gross, $this->net);
    }

    /** The same, of which the till keeps another share. */
    public function keeping(string $percent): self
    {
        return new self($this->gross, $this->currency, $this->country, $this->rate, $this->terms->keeping($percent));
    }

    /** A part of it, of which the till keeps the same part. */
    public function part(int $gross): self
    {
        $part = new self($gross, $this->currency, $this->country, $this->rate, $this->terms);
        $kept = min($part->net, intdiv(2 * $this->commission * $gross + $this->gross, max(1, 2 * $this->gross)));

        return new self($gross, $this->currency, $this->country, $this->rate, $this->terms, $kept);
    }
}
