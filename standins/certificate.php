<?php

declare(strict_types=1);

// A certificate for this computer alone, by which Crier is known to Lanai: php standins/certificate.php FOLDER
// It writes FOLDER/crier.key and FOLDER/crier.crt, if they are not there; good for ten years.

$folder = $argv[1] ?? exit("A folder is missing.\n");
if (is_file("$folder/crier.crt") && is_file("$folder/crier.key")) {
    exit();
}
is_dir($folder) || mkdir($folder, 0700, true);
$settings = tempnam(sys_get_temp_dir(), 'crier');
file_put_contents(
    (string) $settings,
    "[req]\ndefault_bits = 2048\ndistinguished_name = name\n[name]\n[own]\nsubjectAltName = IP:127.0.0.1, DNS:localhost\n"
        ."basicConstraints = critical, CA:TRUE\n",
);
$with = ['config' => (string) $settings, 'digest_alg' => 'sha256', 'x509_extensions' => 'own', 'private_key_bits' => 2048];
$key = openssl_pkey_new(['private_key_type' => OPENSSL_KEYTYPE_EC, 'curve_name' => 'prime256v1'] + $with) ?: exit("No key could be made.\n");
$request = openssl_csr_new(['commonName' => 'Crier, for practice'], $key, $with);
$certificate = openssl_csr_sign($request, null, $key, 3650, $with, random_int(1, PHP_INT_MAX));
openssl_pkey_export($key, $pem, null, $with);
openssl_x509_export($certificate, $shown);
umask(077);
file_put_contents("$folder/crier.key", $pem);
file_put_contents("$folder/crier.crt", $shown);
unlink((string) $settings);
