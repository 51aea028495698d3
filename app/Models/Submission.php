<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $app_id
 * @property string $store
 * @property string $remote_id
 * @property string $state received, processing, in review, approved, turned down, released
 * @property list<array{code: string, sentence: string}> $reasons
 * @property string $page
 * @property Build $build
 */
final class Submission extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['reasons' => 'array'];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}
