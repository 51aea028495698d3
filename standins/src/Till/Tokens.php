<?php

declare(strict_types=1);

namespace Standins\Till;

use Standins\RsaKey;

/** Quay's: plain answers, and messages as CloudEvents 1.0 with a token (RFC 7519, RS256) that says for whom they are and what they say. */
final readonly class Tokens implements Signs
{
    private const SECONDS = 300;

    public function __construct(private string $folder, private string $address)
    {
    }

    public function keys(): array
    {
        $details = (array) openssl_pkey_get_details($this->key('right'));

        [$n, $e] = [self::encoded($details['rsa']['n']), self::encoded($details['rsa']['e'])];

        return ['keys' => [['kty' => 'RSA', 'use' => 'sig', 'alg' => 'RS256', 'kid' => 'quay', 'n' => $n, 'e' => $e]]];
    }

    public function told(string $id, array $sale): array
    {
        $told = ['state', 'currency', 'country', 'account', 'product', 'events'];

        return ['id' => $id, 'acknowledged' => $sale['acknowledged'] ?? false, 'price' => Sale::next($sale)] + array_intersect_key($sale, array_flip($told));
    }

    public function notice(string $id, array $sale, bool $forged): array
    {
        $event = ['specversion' => '1.0', 'id' => bin2hex(random_bytes(12)), 'source' => $this->address, 'type' => 'purchase.changed', 'time' => gmdate('c')];
        $body = (string) json_encode($event + ['data' => ['purchase' => $id]]);
        $claims = [
            'iss' => $this->address,
            'aud' => $sale['package'],
            'iat' => time(),
            'exp' => time() + self::SECONDS,
            'sha256' => hash('sha256', $body),
        ];
        $head = ['alg' => 'RS256', 'typ' => 'JWT', 'kid' => 'quay'];
        $signed = self::encoded((string) json_encode($head)).'.'.self::encoded((string) json_encode($claims));
        openssl_sign($signed, $signature, $this->key($forged ? 'wrong' : 'right'), OPENSSL_ALGO_SHA256);

        return [$body, ['Content-Type' => 'application/cloudevents+json', 'Authorization' => "Bearer $signed.".self::encoded($signature)]];
    }

    private function key(string $which): \OpenSSLAsymmetricKey
    {
        return RsaKey::of("$this->folder/quay-billing-$which.pem");
    }

    public static function encoded(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }
}
