<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The key that signs an app's packages. Encrypted at rest; made once and never replaced.
 *
 * @property string $store the PKCS#12 file, base64
 * @property string $password
 * @property string $fingerprint SHA-256 of the certificate
 */
final class SigningKey extends Model
{
    protected $guarded = [];

    protected $hidden = ['store', 'password'];

    /** @var array<string, string> */
    protected $casts = ['store' => 'encrypted', 'password' => 'encrypted'];
}
