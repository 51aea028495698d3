<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

/** More rows would have to be looked at one by one than one visit may take: it is said, and nothing half counted is shown. */
final class TooMuch extends Refused
{
    public static function of(string $what, int $most): self
    {
        return new self("There are too many $what to work this out one by one: it stops after ".number_format($most).'.');
    }
}
