<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Reach\Carrying;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Hands over to the carriers what is due in one app. */
final class CarryMessages implements ShouldQueue
{
    use Queueable;

    /** Seconds; then others have their turn. */
    private const LONG = 20;

    public int $tries = 5;

    public function __construct(private readonly int $app, private readonly string $set)
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
        $carrying = new Carrying($space);
        for ($until = microtime(true) + self::LONG, $more = true; $more && microtime(true) < $until;) {
            $more = $carrying->some();
        }
        if ($more) {
            self::dispatch($this->app, $this->set);
        }
    }
}
