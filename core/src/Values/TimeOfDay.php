<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use Lanai\Core\Text\Pattern;

/** A time on the clock, to the minute, without a day. */
final readonly class TimeOfDay implements Sortable
{
    /** @param  string  $iso ISO 8601, as in 07:30 */
    private function __construct(public string $iso)
    {
    }

    /** Null where there is no such time. */
    public static function of(string $iso): ?self
    {
        return Pattern::match('/^([01]\d|2[0-3]):[0-5]\d$/', $iso) ? new self($iso) : null;
    }

    public function key(): string
    {
        return $this->iso;
    }
}
