<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use DateTimeImmutable;
use Firebase\JWT\JWT;
use Firebase\JWT\Key;
use Lanai\Core\Text\Pattern;
use OpenSSLCertificate;
use Throwable;

/**
 * Reads what is signed as RFC 7515 says, by ES256 (RFC 7518, 3.4) and nothing else, with a chain of three certificates in its header (x5c) that ends
 * at a root which was known before.
 */
final readonly class SignedByChain
{
    /** Bytes of what is signed, and of a certificate. */
    private const LARGEST = 40_000;

    private const CERTIFICATE = 4000;

    private const LINKS = 3;

    /** @param  string  $root  the file of the root's certificate, in PEM */
    public function __construct(private string $root)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Forged
     */
    public function claims(string $signed, DateTimeImmutable $now): array
    {
        if (strlen($signed) > self::LARGEST || ! Pattern::match('/^([\w-]+)\.[\w-]+\.[\w-]+$/D', $signed, $found)) {
            throw new Forged('It is not signed.');
        }
        $head = json_decode(JWT::urlsafeB64Decode($found[1]), true);
        if (! is_array($head) || ($head['alg'] ?? '') !== 'ES256' || isset($head['crit'])) {
            throw new Forged('It is signed in a way that is not taken.');
        }
        $leaf = $this->chain($head['x5c'] ?? null, $now);
        $key = openssl_pkey_get_public($leaf);
        $details = $key === false ? false : openssl_pkey_get_details($key);
        if ($key === false || $details === false || ($details['ec']['curve_name'] ?? '') !== 'prime256v1') {
            throw new Forged('Its key is of another kind.');
        }
        try {
            // When it was signed, and until when it holds, is judged by whoever reads it.
            return (array) json_decode((string) json_encode(JWT::decode($signed, new Key($details['key'], 'ES256'))), true);
        } catch (Throwable) {
            throw new Forged('Its signature does not belong to it.');
        }
    }

    /** @return OpenSSLCertificate the one that signs */
    private function chain(mixed $given, DateTimeImmutable $now): OpenSSLCertificate
    {
        if (! is_array($given) || count($given) !== self::LINKS || ! array_is_list($given)) {
            throw new Forged('It comes without its certificates.');
        }
        $links = array_map($this->link(...), $given);
        $known = is_file($this->root) ? openssl_x509_read((string) file_get_contents($this->root)) : false;
        if ($known === false || openssl_x509_fingerprint($known, 'sha256') !== openssl_x509_fingerprint($links[2], 'sha256')) {
            throw new Forged('Its certificates do not lead to the store’s own.');
        }
        foreach ($links as $i => $link) {
            $by = openssl_pkey_get_public($links[min($i + 1, self::LINKS - 1)]);
            if ($by === false || openssl_x509_verify($link, $by) !== 1) {
                throw new Forged('One of its certificates was not given by the next.');
            }
            $told = openssl_x509_parse($link) ?: [];
            if ($now->getTimestamp() < ($told['validFrom_time_t'] ?? PHP_INT_MAX) || $now->getTimestamp() > ($told['validTo_time_t'] ?? 0)) {
                throw new Forged('One of its certificates is out of date.');
            }
            $isAuthority = str_contains((string) ($told['extensions']['basicConstraints'] ?? ''), 'CA:TRUE');
            if ($isAuthority !== ($i > 0)) {
                throw new Forged('One of its certificates is made for something else.');
            }
        }

        return $links[0];
    }

    private function link(mixed $der): OpenSSLCertificate
    {
        if (! is_string($der) || strlen($der) > self::CERTIFICATE || ! Pattern::match('~^[A-Za-z0-9+/=]+$~D', $der)) {
            throw new Forged('One of its certificates cannot be read.');
        }
        $read = openssl_x509_read("-----BEGIN CERTIFICATE-----\n".chunk_split($der, 64)."-----END CERTIFICATE-----\n");

        return $read === false ? throw new Forged('One of its certificates cannot be read.') : $read;
    }
}
