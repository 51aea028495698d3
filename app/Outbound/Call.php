<?php

declare(strict_types=1);

namespace App\Outbound;

/** A call out, of many that go together. */
final readonly class Call
{
    /** @param  array<string, string>  $headers */
    public function __construct(public string $url, public array $headers, public string $body, public string $method = 'POST')
    {
    }
}
