<?php

declare(strict_types=1);

namespace App\Outbound;

/** What was answered to a call. */
final readonly class Told
{
    /**
     * @param  int  $status  of HTTP; 0 where there was no answer
     * @param  array<string, string>  $headers  by name in small letters
     * @param  string  $body  at most Many::LARGEST bytes of it
     */
    public function __construct(public int $status, public array $headers = [], public string $body = '')
    {
    }

    /** Seconds after which it may be asked again (RFC 9110, section 10.2.3); 0 where nothing is said. */
    public function retryAfter(): int
    {
        $said = $this->headers['retry-after'] ?? '';
        $at = ctype_digit($said) ? time() + (int) substr($said, 0, 8) : strtotime($said);

        return $at === false ? 0 : max(0, $at - time());
    }
}
