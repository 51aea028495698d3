<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A file of rows that a founder brings into a table.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset sandbox or live
 * @property string $stored the table, as it is stored
 * @property string $kind csv, json, xlsx, ods or sqlite
 * @property string $file its name in the app's folder of imports
 * @property string $name as the founder calls it
 * @property string $sheet which table or sheet of it, where it can have several
 * @property int|null $header the row that names the columns, 0 for none; null where it is found by looking
 * @property array<int, array<array-key, mixed>> $facts column => what is known of its cells
 * @property int $begun how often it was lost and begun with again
 * @property array<string, mixed> $plan
 * @property string $state looked at, queued, running, done, failed, cancelled
 * @property int $done rows
 * @property int $total rows, as far as is known
 * @property array<string, mixed>|null $report
 * @property string $trouble
 * @property App $app
 */
final class Import extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['plan' => 'array', 'report' => 'array', 'facts' => 'array', 'header' => 'integer'];

    /** @return BelongsTo<App, $this> */
    public function app(): BelongsTo
    {
        return $this->belongsTo(App::class);
    }

    public function path(): string
    {
        return $this->app->folder('imports').'/'.$this->file;
    }
}
