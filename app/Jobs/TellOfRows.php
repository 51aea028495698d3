<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Records\DataSet;
use App\Records\Happenings;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Begins the routines, and tells the programs, that wait for rows which have come in together. What is told is crossed off bit by bit. */
final class TellOfRows implements ShouldQueue
{
    use Queueable;

    /** Told in one go; then others have their turn. */
    private const AT_A_TIME = 200;

    public int $tries = 5;

    public function __construct(private readonly int $app, private readonly string $set)
    {
        $this->onQueue(Lane::Imports->value);
    }

    public function handle(): void
    {
        $app = App::query()->with(['revision', 'liveRevision'])->find($this->app);
        $set = DataSet::from($this->set);
        $blueprint = $app?->revisionOf($set)?->read();
        if ($app !== null && $blueprint !== null && Happenings::of($app, $set, $blueprint)->tellOfArrived(self::AT_A_TIME)) {
            self::dispatch($this->app, $this->set);
        }
    }
}
