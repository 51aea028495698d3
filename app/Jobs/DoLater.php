<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Aftermath;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Log;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;

/** Does a routine that a tap left for later, in the name of the person who tapped. */
final class DoLater implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** What waits from before there were keys has none. */
    private string $key = '';

    /**
     * @param  array<string, mixed>  $given  as Later writes it
     * @param  string  $key  with the same one it is done once, also where a worker dies over it
     */
    public function __construct(
        private readonly int $app,
        private readonly string $set,
        private readonly string $routine,
        private readonly array $given,
        private readonly ?int $person,
        private readonly string $zone,
        string $key = '',
    ) {
        $this->key = $key;
        $this->onQueue(Lane::Routines->value);
    }

    public function handle(): void
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        if ($space === null) {
            return;
        }
        $visit = new Visit(new Moment(new DateTimeImmutable('now', new DateTimeZone('UTC')), new DateTimeZone($this->zone)), person: $this->person);
        $outcome = $space->looking()->later(new Later($this->routine, $this->given, 0), $visit, Trail::none(), $this->key);
        Aftermath::of($outcome, $space, $this->person, $this->zone);
        if ($outcome->refused !== '') {
            Log::info('A routine left for later was refused.', ['app' => $this->app, 'routine' => $this->routine, 'why' => $outcome->refused]);
        }
    }
}
