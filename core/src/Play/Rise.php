<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use DateTimeImmutable;

/** A higher price of which somebody has heard. */
final readonly class Rise
{
    /**
     * @param  int  $price  minor units, for each period
     * @param  string  $currency  ISO 4217
     * @param  DateTimeImmutable|null  $from  null for the next payment
     * @param  bool  $asks  they are asked and have not agreed yet
     */
    public function __construct(public int $price, public string $currency, public ?DateTimeImmutable $from, public bool $asks)
    {
    }
}
