<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Where an outside identity provider is, and what it knows an app as; one for sandbox and one for live.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset
 * @property string $name as the app's sentences call it
 * @property string $issuer
 * @property string $client_id
 * @property string $secret
 * @property string $registered the redirect address that was registered when it was last checked; '' for not yet
 * @property string $trouble what the last check found; '' for nothing
 * @property Carbon|null $checked_at
 */
final class IdentityProvider extends Model
{
    /** What stands in place of the address of the provider that ships with Lanai, wherever that runs today. */
    public const PRACTICE = 'practice';

    protected $guarded = [];

    protected $hidden = ['secret'];

    /** @var array<string, string> */
    protected $casts = ['secret' => 'encrypted', 'checked_at' => 'datetime'];

    public function address(): string
    {
        return rtrim($this->issuer === self::PRACTICE ? (string) config('lanai.gatehouse') : $this->issuer, '/');
    }
}
