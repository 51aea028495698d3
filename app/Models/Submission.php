<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $app_id
 * @property string $store
 * @property int|null $store_account_id with which account it was handed in; null for that of this Lanai
 * @property string $remote_id
 * @property string $state received, processing, in review, approved, turned down, appealed, rolling out, released, in testing, halted, withdrawn
 * @property string $track to whom it goes: everyone, closed, open
 * @property list<array{code: string, sentence: string}> $reasons
 * @property string $page
 * @property int $share to how many of a hundred people it goes
 * @property string $answer what the store has said to an appeal
 * @property Carbon|null $release_at when it is released by itself, once it is approved; null for by hand
 * @property Build $build
 */
final class Submission extends Model
{
    protected $guarded = [];

    /** States in which a store has taken it. */
    public const TAKEN = ['approved', 'rolling out', 'released', 'halted'];

    /** @var array<string, mixed> */
    protected $attributes = ['share' => 0, 'answer' => '', 'track' => 'everyone'];

    /** @var array<string, string> */
    protected $casts = ['reasons' => 'array', 'release_at' => 'datetime'];

    /** @return BelongsTo<Build, $this> */
    public function build(): BelongsTo
    {
        return $this->belongsTo(Build::class);
    }
}
