<?php

declare(strict_types=1);

namespace App\Outbound;

/** Asks the system's resolver for the texts that stand in the DNS under a name (RFC 1035, TXT). */
class TextRecords
{
    /** So many of one name are looked at. */
    private const MOST = 50;

    /** @return list<string> */
    public function of(string $name): array
    {
        // Where no resolver answers PHP warns; there is no text then.
        $found = @dns_get_record($name, DNS_TXT);
        $texts = array_map(fn (array $one): mixed => $one['txt'] ?? null, array_slice($found === false ? [] : $found, 0, self::MOST));

        return array_values(array_filter($texts, is_string(...)));
    }
}
