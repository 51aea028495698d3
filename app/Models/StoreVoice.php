<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What somebody says of an app on its page in a store.
 *
 * @property int $id
 * @property int $app_id
 * @property string $store
 * @property int $remote_id by which the store knows it
 * @property int $stars 1 to 5
 * @property string $words
 * @property string $by as they call themselves there
 * @property string $version
 * @property int $number the build number
 * @property string $answer what the founder has answered; '' for nothing
 * @property Carbon $written_at
 */
final class StoreVoice extends Model
{
    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['answer' => ''];

    /** @var array<string, string> */
    protected $casts = ['written_at' => 'datetime'];
}
