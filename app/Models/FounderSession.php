<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A place where a founder is signed in.
 *
 * @property int $id
 * @property int $founder_id
 * @property string $device such as "Chrome on Linux"
 * @property string $address
 * @property Carbon $seen_at
 */
final class FounderSession extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['seen_at' => 'datetime'];
}
