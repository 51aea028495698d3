<?php

declare(strict_types=1);

namespace App\Http;

use Lanai\Core\Text\Pattern;

/** Where a phone in the same network reaches this computer. */
final class OwnAddress
{
    /**
     * @param  string  $asked  the address that the browser uses, such as http://localhost:8000
     * @return string the same where it is not a loopback address, or where this computer is in no network
     */
    public static function forPhones(string $asked): string
    {
        // Where only this computer is answered, there is no such address.
        if (! config('lanai.open')) {
            return $asked;
        }
        if (! Pattern::match('~^(https?://)(?:localhost|127\.\d+\.\d+\.\d+|\[::1\])(:\d+)?$~', $asked, $found)) {
            return $asked;
        }
        foreach (net_get_interfaces() ?: [] as $interface) {
            foreach ($interface['up'] ?? false ? $interface['unicast'] ?? [] : [] as $address) {
                $ip = $address['address'] ?? '';
                if (filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_IPV4) !== false && ! str_starts_with($ip, '127.') && ! str_starts_with($ip, '169.254.')) {
                    return $found[1].$ip.($found[2] ?? '');
                }
            }
        }

        return $asked;
    }
}
