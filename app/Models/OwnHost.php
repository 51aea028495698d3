<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A name on the web under which an app is to be found.
 *
 * @property int $id
 * @property int $app_id
 * @property string $host in small ASCII letters (RFC 5891)
 * @property string $token by which it is shown to be the founder's
 * @property Carbon|null $proven_at
 * @property App $app
 */
final class OwnHost extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['proven_at' => 'datetime'];

    /** @return BelongsTo<App, $this> */
    public function app(): BelongsTo
    {
        return $this->belongsTo(App::class);
    }
}
