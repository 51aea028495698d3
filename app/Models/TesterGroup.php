<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Testers who stay on a revision while the founder goes on.
 *
 * @property int $id
 * @property int $app_id
 * @property string $name as the founder calls them; '' for those in no group
 * @property Revision $revision
 */
final class TesterGroup extends Model
{
    protected $guarded = [];

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }
}
