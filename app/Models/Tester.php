<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody who tries an app before it is in the stores.
 *
 * @property int $id
 * @property int $app_id
 * @property string $email
 * @property string $group as the founder calls them; '' for none
 * @property string $mark the hash of the key in their letter
 * @property Carbon|null $opened_at
 * @property Carbon $until after which the key opens nothing
 * @property App $app
 */
final class Tester extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['opened_at' => 'datetime', 'until' => 'datetime'];

    /** @return BelongsTo<App, $this> */
    public function app(): BelongsTo
    {
        return $this->belongsTo(App::class);
    }

    /** By the key in a letter; null for one that opens nothing, or nothing any more. */
    public static function byKey(string $key): ?self
    {
        return self::query()->where('mark', hash('sha256', $key))->with('app')->first();
    }
}
