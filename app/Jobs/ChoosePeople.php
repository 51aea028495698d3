<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Reach\Choosing;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Chooses the people who get a message, some at a time; what was chosen stays, and is not chosen again. */
final class ChoosePeople implements ShouldQueue
{
    use Queueable;

    /** Seconds; then others have their turn. */
    private const LONG = 20;

    public int $tries = 5;

    public function __construct(private readonly int $app, private readonly string $set, private readonly int $occasion)
    {
        $this->onQueue(Lane::Messages->value);
    }

    public function handle(): void
    {
        $app = App::query()->with(['revision', 'liveRevision'])->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        if ($space === null) {
            return;
        }
        $choosing = new Choosing($space, $this->occasion);
        for ($until = microtime(true) + self::LONG, $more = true; $more && microtime(true) < $until;) {
            $more = $choosing->some();
        }
        CarryMessages::dispatch($this->app, $this->set);
        if ($more) {
            self::dispatch($this->app, $this->set, $this->occasion);
        }
    }
}
