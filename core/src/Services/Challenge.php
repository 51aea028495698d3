<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Text\Pattern;

/** What a service says that refuses a call of nobody it knows. */
final class Challenge
{
    /**
     * The ways that a service asks for.
     *
     * @param  string  $challenge  its header "WWW-Authenticate" (RFC 9110, section 11.6.1); '' for none
     * @return list<string> sentences; the usual ways where it does not say
     */
    public static function asked(string $challenge): array
    {
        $named = Pattern::match('/\b(?:header|name)="?([A-Za-z][A-Za-z0-9-]*)"?/i', $challenge, $found) ? $found[1] : '';
        $asked = array_keys(
            array_filter([
                'signs in with a bearer token' => Pattern::match('/(^|,)\s*Bearer\b/i', $challenge),
                'signs in with a name and password' => Pattern::match('/(^|,)\s*Basic\b/i', $challenge),
                "signs in with a key in the header \"$named\"" => $named !== '',
            ]),
        );

        return $asked !== []
            ? $asked
            : [
                'signs in with a bearer token',
                'signs in with a key in the header "X-Api-Key"',
                'signs in with a key in the query "key"',
                'signs in with a name and password',
            ];
    }
}
