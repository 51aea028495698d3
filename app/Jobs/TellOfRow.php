<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Reach\Herald;
use App\Reach\Waiting;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Begins the messages that wait for a row which was added or changed. */
final class TellOfRow implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /**
     * @param  list<string>  $held  the keys of the messages whose condition held before already
     * @param  string  $mark  of this one change
     */
    public function __construct(
        private readonly int $app,
        private readonly string $set,
        private readonly string $one,
        private readonly int $row,
        private readonly string $what,
        private readonly array $held,
        private readonly string $mark,
    ) {
        $this->onQueue(Lane::Messages->value);
    }

    public function handle(): void
    {
        $app = App::query()->with(['revision', 'liveRevision'])->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        foreach ($space === null ? [] : Waiting::for($space->blueprint(), $this->one, $this->what) as $message) {
            if (! in_array($message->key(), $this->held, true) && Waiting::holds($space->blueprint(), $space->store(), $message, $this->row)) {
                (new Herald($space))->ofRow($message, $this->row, "$this->what $this->mark");
            }
        }
    }
}
