<?php

declare(strict_types=1);

namespace Standins\Bunting;

/** With what the exchange signs that somebody has earned a reward: JWS with ES256 (RFC 7515, RFC 7518), whose key it publishes (RFC 7517). */
final readonly class Seal
{
    private const ID = 'bunting-1';

    /** Bytes of each half of a signature with P-256. */
    private const HALF = 32;

    public function __construct(private string $folder)
    {
    }

    /** @return array<string, mixed> a JWK Set */
    public function keys(): array
    {
        $details = openssl_pkey_get_details($this->key('bunting')) ?: [];
        $part = fn (string $name): string => self::written(str_pad((string) ($details['ec'][$name] ?? ''), self::HALF, "\0", STR_PAD_LEFT));

        return ['keys' => [['kty' => 'EC', 'crv' => 'P-256', 'alg' => 'ES256', 'use' => 'sig', 'kid' => self::ID, 'x' => $part('x'), 'y' => $part('y')]]];
    }

    /**
     * @param  array<string, mixed>  $claims
     * @param  bool  $forged  by somebody who has not the key
     */
    public function sealed(array $claims, bool $forged): string
    {
        $head = ['typ' => 'JWT', 'alg' => 'ES256', 'kid' => self::ID];
        $said = self::written((string) json_encode($head)).'.'.self::written((string) json_encode($claims, JSON_UNESCAPED_SLASHES));
        openssl_sign($said, $der, $this->key($forged ? 'bunting-forger' : 'bunting'), OPENSSL_ALGO_SHA256);

        return "$said.".self::written(self::raw($der));
    }

    /** The two halves of a DER signature, side by side (RFC 7518, section 3.4). */
    private static function raw(string $der): string
    {
        $at = 2;
        $halves = '';
        for ($i = 0; $i < 2; $i++) {
            $length = ord($der[$at + 1]);
            $halves .= str_pad(ltrim(substr($der, $at + 2, $length), "\0"), self::HALF, "\0", STR_PAD_LEFT);
            $at += 2 + $length;
        }

        return $halves;
    }

    private function key(string $name): \OpenSSLAsymmetricKey
    {
        $file = "$this->folder/$name.pem";
        if (! is_file($file)) {
            openssl_pkey_export(openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']), $pem);
            // Of two that come at once the first one's is the key.
            file_put_contents("$file.".getmypid(), $pem);
            chmod("$file.".getmypid(), 0600);
            @link("$file.".getmypid(), $file);
            unlink("$file.".getmypid());
        }

        return openssl_pkey_get_private((string) file_get_contents($file)) ?: throw new \RuntimeException('The key cannot be read.');
    }

    private static function written(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }
}
