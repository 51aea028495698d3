<?php

declare(strict_types=1);

namespace App\People\OpenId;

/** Where a provider's parts are. */
final readonly class ProviderPages
{
    public function __construct(public string $issuer, public string $authorization, public string $token, public string $keys, public string $userInfo)
    {
    }
}
