<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $app_id
 * @property int $revision_id
 * @property string $target a Target
 * @property string $version
 * @property int $number
 * @property string $state queued, running, done, failed, cancelled
 * @property int $progress 0 to 100
 * @property int $begun how often it was lost and begun with again
 * @property string $log
 * @property string $file
 * @property int $size bytes
 * @property bool $here for this computer only
 * @property App $app
 * @property Revision $revision
 */
final class Build extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['here' => 'boolean'];

    /** @return BelongsTo<App, $this> */
    public function app(): BelongsTo
    {
        return $this->belongsTo(App::class);
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    public function path(): string
    {
        return $this->app->folder('builds').'/'.$this->file;
    }
}
