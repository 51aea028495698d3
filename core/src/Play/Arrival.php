<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** Somebody who has just come in. */
final readonly class Arrival
{
    /** @param  string|null  $token  opaque; the device shows it at each request; null where the session goes on */
    public function __construct(public int $person, public ?string $token)
    {
    }
}
