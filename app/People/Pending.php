<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that was begun and waits for a code, or for somebody's return from a provider.
 *
 * @property int $id
 * @property string $handle SHA-256 of the handle that the device has
 * @property string $kind "sign up", "code", "e-mail", "through"
 * @property string|null $email
 * @property string|null $code keyed hash of the code; null where no code is right
 * @property int $tries wrong ones so far
 * @property array<string, mixed> $facts
 * @property Carbon $sent_at
 * @property Carbon $expires_at
 */
final class Pending extends Model
{
    public $timestamps = false;

    protected $table = '_pending';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['facts' => 'encrypted:array', 'sent_at' => 'datetime', 'expires_at' => 'datetime'];
}
