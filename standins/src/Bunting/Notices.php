<?php

declare(strict_types=1);

namespace Standins\Bunting;

/**
 * Whether a notice comes from whoever holds the key: HTTP Message Signatures (RFC 9421) with hmac-sha256 over the method and the address, not older than
 * five minutes.
 */
final class Notices
{
    private const OLD = 300;

    private const INPUT = '/^sig=(\("@method" "@target-uri"\);created=(\d{10});keyid="[\w.-]{0,100}";alg="hmac-sha256")$/D';

    /** @param  array<string, string>  $headers  by name in small letters */
    public static function areSigned(string $method, string $address, array $headers, string $key, int $now): bool
    {
        if ($key === '' || ! preg_match(self::INPUT, $headers['signature-input'] ?? '', $found) || abs($now - (int) $found[2]) > self::OLD) {
            return false;
        }
        $base = "\"@method\": $method\n\"@target-uri\": $address\n\"@signature-params\": $found[1]";
        $due = 'sig=:'.base64_encode(hash_hmac('sha256', $base, $key, true)).':';

        return hash_equals($due, $headers['signature'] ?? '');
    }
}
