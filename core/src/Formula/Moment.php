<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use DateTimeZone;

/** The time, zone and language in which formulas are evaluated. */
final readonly class Moment
{
    /** @param  string  $locale an ICU locale such as en_GB */
    public function __construct(public DateTimeImmutable $now, public DateTimeZone $zone, public string $locale = 'en_GB')
    {
    }
}
