<?php

declare(strict_types=1);

namespace App\People;

/** A session that a device has shown. */
final readonly class FoundSession
{
    /** @param  string|null  $fresh  the token that takes the place of the one shown */
    public function __construct(public Session $session, public Account $account, public ?string $fresh)
    {
    }
}
