<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSSLAsymmetricKey;
use RuntimeException;

/**
 * With which an app shows push services who it is (RFC 8292). Encrypted at rest; made once, for browsers hold on to it.
 *
 * @property string $public an uncompressed point of P-256, base64url
 * @property string $private in PEM
 */
final class PushKey extends Model
{
    protected $guarded = [];

    protected $hidden = ['private'];

    /** @var array<string, string> */
    protected $casts = ['private' => 'encrypted'];

    public static function of(App $app): self
    {
        $known = self::query()->where('app_id', $app->id)->first();
        if ($known !== null) {
            return $known;
        }
        [$pair, $point] = self::pair();
        openssl_pkey_export($pair, $pem) || throw new RuntimeException('No key could be made.');

        return self::query()->createOrFirst(
            ['app_id' => $app->id],
            ['public' => rtrim(strtr(base64_encode($point), '+/', '-_'), '='), 'private' => $pem],
        );
    }

    /** @return array{OpenSSLAsymmetricKey, string} a fresh pair on P-256, and its public point: 65 bytes */
    public static function pair(): array
    {
        $pair = openssl_pkey_new(['curve_name' => 'prime256v1', 'private_key_type' => OPENSSL_KEYTYPE_EC]);
        $details = $pair === false ? false : openssl_pkey_get_details($pair);
        if ($pair === false || $details === false) {
            throw new RuntimeException('No key could be made.');
        }
        $x = str_pad($details['ec']['x'], 32, "\0", STR_PAD_LEFT);
        $y = str_pad($details['ec']['y'], 32, "\0", STR_PAD_LEFT);

        return [$pair, "\x04$x$y"];
    }
}
