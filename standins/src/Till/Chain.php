<?php

declare(strict_types=1);

namespace Standins\Till;

/** Pier's: each thing that happened is signed by itself (RFC 7515, ES256), with the certificates (RFC 5280) from the one that signs to Pier's own root. */
final readonly class Chain implements Signs
{
    private const DAYS = 3650;

    private const CONFIG = <<<'CNF'
        [req]
        distinguished_name = name
        [name]
        [authority]
        basicConstraints = critical, CA:TRUE
        keyUsage = critical, keyCertSign
        [signer]
        basicConstraints = critical, CA:FALSE
        keyUsage = critical, digitalSignature
        CNF;

    public function __construct(private string $folder)
    {
    }

    public function keys(): array
    {
        $this->links();

        return ['keys' => []];
    }

    public function told(string $id, array $sale): array
    {
        $things = array_map(fn (array $event): string => $this->signed(self::thing($id, $sale) + $event, false), $sale['events']);

        return ['id' => $id, 'state' => $sale['state'], 'acknowledged' => $sale['acknowledged'] ?? false, 'signed' => $things];
    }

    public function notice(string $id, array $sale, bool $forged): array
    {
        return [$this->signed(self::thing($id, $sale) + ['type' => 'changed'], $forged), ['Content-Type' => 'application/jose']];
    }

    /**
     * @param  array<string, mixed>  $sale
     * @return array<string, mixed>
     */
    private static function thing(string $id, array $sale): array
    {
        $of = ['package', 'product', 'account', 'currency', 'country'];

        return ['purchase' => $id, 'signed' => time(), 'price' => Sale::next($sale)] + array_intersect_key($sale, array_flip($of));
    }

    /** @param  array<string, mixed>  $claims */
    private function signed(array $claims, bool $forged): string
    {
        $links = $this->links($forged ? 'pier-forged' : 'pier');
        $ders = array_map(fn (string $pem): string => (string) preg_replace('/-----[^-]+-----|\s/', '', $pem), array_slice($links, 1));
        $signed = Tokens::encoded((string) json_encode(['alg' => 'ES256', 'x5c' => $ders])).'.'.Tokens::encoded((string) json_encode($claims));
        openssl_sign($signed, $der, $links[0], OPENSSL_ALGO_SHA256);

        return "$signed.".Tokens::encoded(self::joined($der));
    }

    /** Two numbers of 32 bytes (RFC 7518, 3.4) out of a signature as ASN.1 writes it. */
    private static function joined(string $der): string
    {
        $at = 2;
        $numbers = '';
        for ($i = 0; $i < 2; $i++) {
            $length = ord($der[$at + 1]);
            $numbers .= str_pad(ltrim(substr($der, $at + 2, $length), "\0"), 32, "\0", STR_PAD_LEFT);
            $at += 2 + $length;
        }

        return $numbers;
    }

    /** @return array{string, string, string, string} the key that signs, its certificate, the one between, and the root */
    private function links(string $name = 'pier'): array
    {
        $file = "$this->folder/$name-chain.json";
        $lock = fopen("$file.lock", 'c');
        flock($lock, LOCK_EX);
        if (! is_file($file)) {
            $config = "$this->folder/$name-openssl.cnf";
            file_put_contents($config, (string) preg_replace('/^ +/m', '', self::CONFIG));
            [$rootKey, $root] = self::certificate('Pier, for practice: root', 'authority', $config);
            [$middleKey, $middle] = self::certificate('Pier, for practice: billing', 'authority', $config, $root, $rootKey);
            [$key, $leaf] = self::certificate('Pier, for practice: purchases', 'signer', $config, $middle, $middleKey);
            file_put_contents($file, (string) json_encode([$key, $leaf, $middle, $root]));
            chmod($file, 0600);
            file_put_contents("$this->folder/$name-root.pem", $root);
        }
        flock($lock, LOCK_UN);
        fclose($lock);

        return json_decode((string) file_get_contents($file), true);
    }

    /** @return array{string, string} its key and itself, in PEM */
    public static function certificate(string $name, string $kind, string $config, ?string $by = null, ?string $byKey = null, int $days = self::DAYS): array
    {
        $key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1']);
        $options = ['config' => $config, 'digest_alg' => 'sha256', 'x509_extensions' => $kind];
        $request = openssl_csr_new(['commonName' => $name], $key, $options);
        $signed = openssl_csr_sign($request, $by, $byKey ?? $key, $days, $options, random_int(1, PHP_INT_MAX));
        openssl_x509_export($signed, $certificate);
        openssl_pkey_export($key, $pem);

        return [$pem, $certificate];
    }
}
