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
     */
    public function __construct(public int $gross, public string $currency, public string $country, public string $rate, public Terms $terms)
    {
        $this->net = Terms::net($gross, $rate);
        $this->commission = $terms->commission($gross, $this->net);
    }
}
