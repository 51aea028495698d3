<?php

declare(strict_types=1);

namespace Standins;

/** A key of a stand-in, made when it is first needed and kept in a file that nobody else reads. */
final class RsaKey
{
    public static function of(string $file): \OpenSSLAsymmetricKey
    {
        if (! is_file($file)) {
            openssl_pkey_export(openssl_pkey_new(['private_key_bits' => 2048, 'private_key_type' => OPENSSL_KEYTYPE_RSA]), $pem);
            file_put_contents($file, $pem, LOCK_EX);
            chmod($file, 0600);
        }

        return openssl_pkey_get_private((string) file_get_contents($file)) ?: throw new \RuntimeException('The key cannot be read.');
    }
}
