<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Aftermath;
use App\Models\App;
use App\Models\RoutineRun;
use App\Records\DataSet;
use App\Records\Happenings;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Throwable;

/** Does a routine that the app does by itself; where a service does not answer it is tried again, and all of it is kept account of. */
final class RunRoutine implements ShouldQueue
{
    use Queueable;

    public const TRIES = 3;

    /** Seconds before the second and third try. */
    private const WAITS = [20, 120];

    public int $tries = 1;

    public function __construct(private readonly int $run)
    {
        $this->onQueue(Lane::Routines->value);
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  list<string>  $chain
     */
    public static function begin(App $app, DataSet $set, string $routine, string $because, array $given, array $chain): RoutineRun
    {
        $run = RoutineRun::waiting($app, $set, $routine, $because, $given, $chain);
        self::dispatch($run->id);

        return $run;
    }

    public function failed(?Throwable $reason): void
    {
        RoutineRun::query()
            ->whereKey($this->run)
            ->where('state', 'waiting')
            ->update([
                'state' => 'failed',
                'done_at' => now(),
                'said' => 'It was interrupted while it ran, so it may have done a part of its work. Please look, and run it again where needed.',
            ]);
    }

    public function handle(): void
    {
        $run = RoutineRun::query()->find($this->run);
        $app =
            $run === null
                ? null
                : App::query()
                    ->with(['revision', 'liveRevision'])
                    ->find($run->app_id);
        if ($run === null || $app === null || $run->state === 'done') {
            return;
        }
        $space = Space::of($app, DataSet::from($run->dataset));
        if ($space === null) {
            return;
        }
        $run->update(['tries' => $run->tries + 1]);
        $trail = new Trail(fn (): int => (int) hrtime(true));
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $zone), $zone));
        try {
            $later = new Later($run->routine, $run->given, 0);
            $outcome = Happenings::during($run->chain, fn (): Outcome => $space->itself()->later($later, $visit, $trail));
        } catch (Throwable $fault) {
            $run->update(['state' => 'failed', 'said' => 'Something broke inside Lanai. Nothing was changed.', 'done_at' => now()]);
            throw $fault;
        }
        Aftermath::of($outcome, $space);
        $again = $outcome->unanswered && $run->tries < self::TRIES;
        $run->ended($outcome, $trail, $again);
        if ($again) {
            self::dispatch($run->id)->delay(self::WAITS[$run->tries - 1]);
        }
    }
}
