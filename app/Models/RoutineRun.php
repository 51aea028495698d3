<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One time that a routine was done by the app itself: why, and what came of it.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset
 * @property string $routine
 * @property string $because such as "Phrase 7 was added"
 * @property array<string, mixed> $given as Later writes it
 * @property list<string> $chain the routines that led to it, itself the last
 * @property string $state waiting, done, refused or failed
 * @property int $tries
 * @property list<array<string, mixed>> $steps
 * @property string $said
 * @property Carbon|null $done_at
 * @property Carbon $created_at
 */
final class RoutineRun extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['given' => 'array', 'chain' => 'array', 'steps' => 'array', 'done_at' => 'datetime'];

    /** @return array<string, mixed> */
    public function told(): array
    {
        return [
            'id' => $this->id,
            'routine' => $this->routine,
            'because' => $this->because,
            'state' => $this->state,
            'tries' => $this->tries,
            'said' => $this->said,
            'at' => $this->created_at->toIso8601String(),
            'steps' => array_map(fn (array $s): string => "{$s['what']} {$s['text']}", $this->steps),
        ];
    }
}
