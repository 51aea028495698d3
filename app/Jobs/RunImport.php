<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Import;
use App\Records\DataSet;
use App\Records\Imports\Came;
use App\Records\Imports\Importer;
use App\Records\Imports\ImportFile;
use App\Records\Imports\Workplace;
use App\Records\WorkCancelled;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Written\Reading;
use Throwable;

/** Runs an import in the background. All its rows come in one transaction: when it is cancelled or ends early, none is there. */
final class RunImport implements ShouldQueue
{
    use Queueable;
    use TakenUp;

    private float $told = 0;

    public function __construct(private readonly int $import)
    {
        $this->onQueue(Lane::Imports->value);
    }

    public function handle(): void
    {
        $import = Import::query()
            ->with(['app.revision', 'app.liveRevision'])
            ->findOrFail($this->import);
        $set = DataSet::from($import->dataset);
        if (! $this->takes(Import::query()->whereKey($import->id))) {
            // It ended, and the process with it before it had cleared up.
            is_file($import->path()) && unlink($import->path());

            return;
        }
        $came = Came::report($import->app, $set, $import->id);
        if ($came !== null) {
            // What the table was before may still stand beside it.
            $place = new Workplace($import->app, $set);
            $place->hold($import->app, $set);
            $place->sweep();
            $import->forceFill(['report' => $came, 'done' => $import->total]);
            $this->finish($import, 'done', '');

            return;
        }
        $blueprint = $import->app->revisionOf($set)?->read();
        $table = $blueprint?->tableStoredAs($import->stored);
        if ($blueprint === null || $table === null) {
            $this->finish($import, 'failed', 'The table is no longer there.');

            return;
        }
        $plan = $import->plan;
        try {
            $readings = array_filter(array_map(fn (mixed $r): ?Reading => is_string($r) ? Reading::tryFrom($r) : null, (array) ($plan['readings'] ?? [])));
            $importer = new Importer(
                $import->app,
                $set,
                $blueprint,
                $table,
                new Mapping(array_values((array) $plan['to']), (string) $plan['key'], $readings),
            );
            $announced = (bool) ($plan['announced'] ?? false);
            $report = $importer->run(
                ImportFile::sheet($import),
                (bool) $plan['onlyRight'],
                array_map(intval(...), (array) $plan['skip']),
                fn (int $done) => $this->tell($import, $done),
                $announced,
                $import->id,
            );
            if ($announced && $report->added + $report->changed > 0) {
                TellOfRows::dispatch($import->app_id, $set->value);
            }
            $import->report = $report->data();
            $import->done = $report->rows;
            $nothing = $report->bad > 0 && ! $plan['onlyRight'];
            $this->finish($import, $nothing ? 'failed' : 'done', $nothing ? "$report->bad rows have mistakes, so nothing was brought in." : '');
        } catch (WorkCancelled) {
            $this->finish($import, 'cancelled', '');
        } catch (UnreadableFile $unreadable) {
            $this->finish($import, 'failed', $unreadable->getMessage());
        }
    }

    public function failed(?Throwable $reason): void
    {
        $import = Import::query()->with('app')->find($this->import);
        if ($import !== null && in_array($import->state, ['queued', 'running'], true)) {
            $this->finish($import, 'failed', 'The import ended unexpectedly. Nothing of it was kept; please try again.');
        }
    }

    private function tell(Import $import, int $done): void
    {
        if (microtime(true) - $this->told > 0.2) {
            $this->told = microtime(true);
            if (
                Import::query()
                    ->whereKey($import->id)
                    ->where('state', 'running')
                    ->update(['done' => $done]) === 0
            ) {
                throw new WorkCancelled();
            }
        }
    }

    private function finish(Import $import, string $state, string $trouble): void
    {
        $import->forceFill(['state' => $state, 'trouble' => $trouble])->save();
        Came::forget($import->app, DataSet::from($import->dataset), $import->id);
        if (is_file($import->path())) {
            unlink($import->path());
        }
    }
}
