<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use App\Models\SigningKey;
use Illuminate\Support\Str;

/** The key of each app: made at the first package, kept encrypted, never replaced, since a store takes updates only under the same key. */
final class SigningKeys
{
    public const ALIAS = 'app';

    public function of(Job $job): OpenKey
    {
        $key = $job->app->signingKey()->first() ?? $this->generate($job);
        $file = "$job->folder/key.p12";
        touch($file);
        chmod($file, 0600);
        file_put_contents($file, base64_decode($key->store, true));

        return new OpenKey($file, $key->password);
    }

    private function generate(Job $job): SigningKey
    {
        $job->step(78, 'Making the signing key of this app');
        $password = Str::random(40);
        $config = ['config' => base_path('packaging/openssl.cnf'), 'digest_alg' => 'sha256'];
        $pair =
            openssl_pkey_new($config + ['private_key_bits' => 3072, 'private_key_type' => OPENSSL_KEYTYPE_RSA]) ?:
            throw new PackagingFailed('No signing key can be made.');
        $name = ['commonName' => mb_substr($job->app->name, 0, 60), 'organizationName' => 'App signed with Lanai'];
        $request = openssl_csr_new($name, $pair, $config);
        // Stores ask for a key that stays valid for at least 25 years (common practice, no source).
        $certificate =
            $request instanceof \OpenSSLCertificateSigningRequest
                ? openssl_csr_sign($request, null, $pair, 365 * 30, $config, random_int(1, PHP_INT_MAX))
                : false;
        if ($certificate === false || ! openssl_pkcs12_export($certificate, $store, $pair, $password, ['friendly_name' => self::ALIAS])) {
            throw new PackagingFailed('No signing key can be made.');
        }

        return $this->keep($job->app, $store, $password, (string) openssl_x509_fingerprint($certificate, 'sha256'));
    }

    /** Where two builds make a first key at the same time, the one that was kept first is the app's. */
    private function keep(App $app, string $store, string $password, string $fingerprint): SigningKey
    {
        return $app->signingKey()->createOrFirst([], ['store' => base64_encode($store), 'password' => $password, 'fingerprint' => $fingerprint]);
    }
}
