<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Apps\OldWork;
use App\Models\Build;
use App\Packaging\BuildCancelled;
use App\Packaging\Packager;
use App\Packaging\PackagingFailed;
use App\Packaging\Target;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a package in the background, telling its progress and its log. */
final class BuildPackage implements ShouldQueue
{
    use Queueable;
    use TakenUp;

    public function __construct(private readonly int $build)
    {
        $this->onQueue(Lane::Builds->value);
    }

    public function handle(): void
    {
        $build = Build::query()
            ->with(['app', 'revision'])
            ->findOrFail($this->build);
        if (! $this->takes(Build::query()->whereKey($build->id))) {
            return;
        }
        if ($this->attempts() > 1 || $build->begun > 0) {
            // What lies there is of the process that has died; at a first try it may be of lanai:package beside.
            OldWork::folders($build->app, PHP_INT_MAX);
        }
        $target = Target::from($build->target);
        $build->file = $target->fileName($build->app->slug, $build->version.'-'.$build->id);
        $from = microtime(true);
        try {
            Packager::make(
                $build->app,
                $build->revision->read(),
                $target,
                $build->path(),
                fn (int $percent, string $line) => $this->tell($build, $percent, $line, $from),
                fn (): bool => $this->isCancelled($build),
                $build->revision,
            );
            $this->finish($build, 'done', 'Done: '.number_format((int) filesize($build->path()) / 1024, 0).' kB', $from);
        } catch (BuildCancelled) {
            $this->finish($build, 'cancelled', 'Cancelled', $from);
        } catch (PackagingFailed $failed) {
            $this->finish($build, 'failed', $failed->getMessage(), $from);
        }
    }

    public function failed(?Throwable $reason): void
    {
        $build = Build::query()->with('app')->find($this->build);
        if (
            $build !== null &&
            Build::query()
                ->whereKey($build->id)
                ->whereIn('state', ['queued', 'running'])
                ->update(['state' => 'failed', 'log' => 'The build ended unexpectedly. Please try again.']) > 0
        ) {
            OldWork::folders($build->app, PHP_INT_MAX);
        }
    }

    private function tell(Build $build, int $percent, string $line, float $from): void
    {
        $build->log .= $line === '' ? '' : sprintf("%5.1f s  %s\n", microtime(true) - $from, $line);
        Build::query()
            ->whereKey($build->id)
            ->update(['progress' => $percent, 'log' => $build->log]);
    }

    private function isCancelled(Build $build): bool
    {
        return Build::query()->whereKey($build->id)->value('state') === 'cancelled';
    }

    private function finish(Build $build, string $state, string $line, float $from): void
    {
        $this->tell($build, $state === 'done' ? 100 : $build->progress, $line, $from);
        $size = $state === 'done' ? (int) filesize($build->path()) : 0;
        Build::query()
            ->whereKey($build->id)
            ->update(['state' => $state, 'file' => $state === 'done' ? $build->file : '', 'size' => $size]);
        if ($state !== 'done' && is_file($build->path())) {
            unlink($build->path());
        }
    }
}
