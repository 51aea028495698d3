<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** Through what, and where, some of the customers of a rehearsal buy. */
final readonly class Place
{
    /**
     * @param  string  $country  ISO 3166-1
     * @param  string  $rate  of the tax in the price there, in percent
     * @param  float  $weight  how many buy so, beside the weights of the others
     * @param  list<array{int, int}>  $prices  by the numbers of the plans: what each costs there and what it costs at first, in minor units of the
     *     rehearsal's currency; empty where everything costs what it costs everywhere
     */
    public function __construct(public Terms $terms, public string $country, public string $rate, public float $weight = 1.0, public array $prices = [])
    {
    }
}
