<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $account
 * @property string $token SHA-256 of the token that the device has
 * @property string|null $before SHA-256 of the one before it
 * @property string $way
 * @property string $device
 * @property Carbon $rotated_at
 * @property Carbon|null $used_at when the token was first used; null as long as the device may not have it yet
 * @property Carbon $expires_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class Session extends Model
{
    protected $table = '_sessions';

    protected $guarded = [];

    protected $hidden = ['token', 'before'];

    /** @var array<string, string> */
    protected $casts = ['rotated_at' => 'datetime', 'used_at' => 'datetime', 'expires_at' => 'datetime'];
}
