<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

/** What shows a service who calls, in the clear: only for the moment of the call. */
final readonly class Secret
{
    /** @param  string  $name  of a name and password, or the client's id */
    public function __construct(#[\SensitiveParameter] public string $secret, public string $name = '')
    {
    }
}
