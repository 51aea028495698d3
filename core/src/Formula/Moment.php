<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use DateTimeImmutable;
use DateTimeZone;

/** The time (to the second, in UTC), zone and language in which formulas are evaluated. */
final readonly class Moment
{
    public DateTimeImmutable $now;

    /** @param  string  $locale an ICU locale such as en_GB */
    public function __construct(DateTimeImmutable $now, public DateTimeZone $zone, public string $locale = 'en_GB')
    {
        $this->now = (new DateTimeImmutable('@'.$now->getTimestamp()))->setTimezone(new DateTimeZone('UTC'));
    }

    /** The tag of the language. */
    public function tongue(): string
    {
        return explode('_', $this->locale)[0];
    }
}
