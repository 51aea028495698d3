<?php

declare(strict_types=1);

namespace App\Outbound;

use Illuminate\Http\Client\PendingRequest;
use Illuminate\Support\Facades\Http;

/**
 * The one way out. A call goes only to a public address, or to the stand-ins that ship with Lanai; the address that was
 * checked is the one that is called, and redirects are not followed.
 */
final class Guard
{
    /** @throws AddressRefused */
    public static function to(string $url): PendingRequest
    {
        $parts = parse_url($url);
        $host = is_array($parts) ? strtolower(trim($parts['host'] ?? '', '[]')) : '';
        $scheme = is_array($parts) ? strtolower($parts['scheme'] ?? '') : '';
        if ($host === '' || ! in_array($scheme, ['http', 'https'], true) || isset($parts['user'])) {
            throw new AddressRefused("“{$url}” is not an address that can be called.");
        }
        $port = $parts['port'] ?? ($scheme === 'https' ? 443 : 80);
        $address = filter_var($host, FILTER_VALIDATE_IP) !== false ? $host : (gethostbynamel($host)[0] ?? '');
        if ($address === '') {
            throw new AddressRefused("“{$host}” cannot be found.");
        }
        if ("$host:$port" !== config('lanai.standins') && ! self::isPublic($address)) {
            throw new AddressRefused("“{$host}” is inside a private network; calls go only to public addresses.");
        }

        return Http::withOptions(['allow_redirects' => false, 'connect_timeout' => 3, 'timeout' => 30, 'curl' => [CURLOPT_RESOLVE => ["$host:$port:$address"]]])->acceptJson();
    }

    /** Neither private, loopback, link-local, shared (RFC 6598) nor otherwise reserved. */
    public static function isPublic(string $address): bool
    {
        if (filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
            return false;
        }
        $packed = (string) inet_pton($address);
        if (strlen($packed) === 16) {
            // IPv4 inside IPv6: mapped, NAT64 and 6to4 addresses are judged by the IPv4 address they hold.
            $inner = match (true) {
                str_starts_with($packed, str_repeat("\0", 10)."\xFF\xFF"), str_starts_with($packed, "\0\x64\xFF\x9B") => substr($packed, 12),
                str_starts_with($packed, "\x20\x02") => substr($packed, 2, 4),
                default => null,
            };

            return ($inner === null || self::isPublic((string) inet_ntop($inner))) && (ord($packed[0]) & 0xFE) !== 0xFC && ord($packed[0]) !== 0xFF;
        }
        $number = ip2long($address);

        return $number !== false && ($number & 0xFFC00000) !== ip2long('100.64.0.0') && ($number >> 28) < 14;
    }
}
