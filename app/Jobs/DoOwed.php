<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Earnings\Owed;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Does what is owed for purchases of an app. What broke off is found again by lanai:tills. */
final class DoOwed implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public function __construct(private readonly int $app, private readonly string $set)
    {
        $this->onQueue(Lane::Routines->value);
    }

    public function handle(): void
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        if ($space !== null && (new Owed($space))->doAll(time())) {
            self::dispatch($this->app, $this->set);
        }
    }
}
