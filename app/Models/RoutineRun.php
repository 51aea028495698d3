<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\DataSet;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;

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

    /** Runs that are kept for each app. */
    private const KEPT = 300;

    /**
     * One that is to be done.
     *
     * @param  array<string, mixed>  $given
     * @param  list<string>  $chain
     */
    public static function waiting(App $app, DataSet $set, string $routine, string $because, array $given, array $chain): self
    {
        $run = self::query()->create([
            'app_id' => $app->id,
            'dataset' => $set->value,
            'routine' => $routine,
            'because' => $because,
            'given' => $given,
            'chain' => $chain,
            'state' => 'waiting',
            'tries' => 0,
            'steps' => [],
            'said' => '',
        ]);
        if ($run->id % 50 === 0) {
            $oldest = self::query()->where('app_id', $app->id)->orderByDesc('id')->skip(self::KEPT)->value('id');
            self::query()
                ->where('app_id', $app->id)
                ->where('id', '<=', $oldest ?? 0)
                ->delete();
        }

        return $run;
    }

    /** @param  bool  $again  it is tried once more later */
    public function ended(Outcome $outcome, Trail $trail, bool $again): void
    {
        $this->update([
            'state' => match (true) {
                $outcome->refused === '' => 'done',
                $again => 'waiting',
                default => 'refused',
            },
            'said' => $outcome->refused !== '' ? $outcome->refused : implode(' ', $outcome->say),
            'done_at' => $again ? null : now(),
            'steps' => array_map(fn (array $s): array => ['what' => $s['what'], 'text' => mb_substr($s['text'], 0, 300)], array_slice($trail->steps, 0, 60)),
        ]);
    }

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
