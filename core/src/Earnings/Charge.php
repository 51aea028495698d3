<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** What was paid with an event, and by whose terms. */
final readonly class Charge
{
    /**
     * @param  int  $gross  minor units
     * @param  string  $currency  ISO 4217
     * @param  string  $country  of the buyer, ISO 3166-1
     * @param  string  $rate  of the tax in it, in percent
     */
    public function __construct(public int $gross, public string $currency, public string $country, public string $rate, public Terms $terms)
    {
    }
}
