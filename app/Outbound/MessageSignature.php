<?php

declare(strict_types=1);

namespace App\Outbound;

/** Signs a call with a key that both sides know: HTTP Message Signatures (RFC 9421) with hmac-sha256. */
final class MessageSignature
{
    /**
     * @param  array<string, string>  $covered  component => its value, such as "@method" => "GET"
     * @param  int  $created  in seconds
     * @param  string  $parameters  what else is said of the signature, such as ';alg="hmac-sha256"'
     * @return array<string, string> headers
     */
    public static function of(array $covered, string $key, string $keyId, int $created, string $label = 'sig', string $parameters = ';alg="hmac-sha256"'): array
    {
        $names = implode(' ', array_map(fn (string $name): string => "\"$name\"", array_keys($covered)));
        $input = "($names);created=$created;keyid=\"$keyId\"$parameters";
        $lines = array_map(fn (string $name, string $value): string => "\"$name\": $value", array_keys($covered), $covered);
        $base = implode("\n", [...$lines, "\"@signature-params\": $input"]);

        return ['Signature-Input' => "$label=$input", 'Signature' => "$label=:".base64_encode(hash_hmac('sha256', $base, $key, true)).':'];
    }
}
