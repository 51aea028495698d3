<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\OldWork;
use App\Jobs\BuildPackage;
use App\Jobs\Lane;
use App\Jobs\RunImport;
use App\Jobs\RunRoutine;
use App\Models\Build;
use App\Models\Import;
use App\Models\RoutineRun;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/** Nothing waits or runs for ever: what no queue knows any more is put on it again, once, or ended. Logs are kept short. */
final class Tend extends Command
{
    /** Seconds that a record may be older than what the queue knows of it. */
    private const LATE = 20;

    protected $signature = 'lanai:tend';

    protected $description = 'Take up work that was lost, and keep the logs short';

    public function handle(): int
    {
        if ($this->isIdle(Lane::Imports)) {
            foreach ($this->unfinished(Import::query(), ['queued', 'running']) as $import) {
                $import->begun < 2 ? $this->again($import, fn () => RunImport::dispatch($import->id)) : (new RunImport($import->id))->failed(null);
            }
        }
        if ($this->isIdle(Lane::Builds)) {
            foreach ($this->unfinished(Build::query(), ['queued', 'running']) as $build) {
                $build->begun < 2 ? $this->again($build, fn () => BuildPackage::dispatch($build->id)) : (new BuildPackage($build->id))->failed(null);
            }
        }
        if ($this->isIdle(Lane::Routines)) {
            foreach ($this->unfinished(RoutineRun::query(), ['waiting']) as $run) {
                $run->tries < RunRoutine::TRIES ? RunRoutine::dispatch($run->id) : (new RunRoutine($run->id))->failed(null);
                $run->touch();
            }
        }
        OldWork::logs();

        return self::SUCCESS;
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $records
     * @param  list<string>  $states
     * @return Collection<int, T>
     */
    private function unfinished(Builder $records, array $states): Collection
    {
        return $records->whereIn('state', $states)->where('updated_at', '<', now()->subSeconds(self::LATE))->limit(500)->get();
    }

    private function isIdle(Lane $lane): bool
    {
        return ! DB::table('jobs')->where('queue', $lane->value)->exists();
    }

    private function again(Import|Build $record, callable $dispatch): void
    {
        $record->forceFill(['state' => 'queued', 'begun' => $record->begun + 1])->save();
        $dispatch();
    }
}
