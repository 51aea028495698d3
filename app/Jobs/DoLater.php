<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Services\ServiceDesk;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Log;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Player\Player;
use Lanai\Core\Runtime\Later;
use Lanai\Core\Runtime\Outcome;
use Lanai\Core\Runtime\Trail;
use Lanai\Core\Runtime\Visit;

/** Does a routine that a tap left for later, in the name of the person who tapped. */
final class DoLater implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** @param  array<string, mixed>  $given  as Later writes it */
    public function __construct(private readonly int $app, private readonly string $set, private readonly string $routine, private readonly array $given, private readonly ?int $person, private readonly string $zone)
    {
        $this->onQueue(Lane::Routines->value);
    }

    public function handle(): void
    {
        $app = App::query()->with(['revision', 'liveRevision'])->find($this->app);
        $set = DataSet::from($this->set);
        $blueprint = $app?->revisionOf($set)?->read();
        if ($app === null || $blueprint === null) {
            return;
        }
        $visit = new Visit(new Moment(new DateTimeImmutable('now', new DateTimeZone('UTC')), new DateTimeZone($this->zone)), person: $this->person);
        $outcome = (new Player($blueprint, new EloquentRecordStore($app, $set, $blueprint), null, new ServiceDesk($app, $set), rehearsal: $set === DataSet::Sandbox))->later(new Later($this->routine, $this->given, 0), $visit, Trail::none());
        self::keep($outcome, $app, $set, $this->person, $this->zone);
        SendLetters::keep($outcome, $app, $set);
        if ($outcome->refused !== '') {
            Log::info('A routine left for later was refused.', ['app' => $app->id, 'routine' => $this->routine, 'why' => $outcome->refused]);
        }
    }

    /** Puts on the queue what an outcome leaves for later. */
    public static function keep(Outcome $outcome, App $app, DataSet $set, ?int $person, string $zone): void
    {
        foreach ($outcome->later as $later) {
            self::dispatch($app->id, $set->value, $later->routine, $later->given, $person, $zone)->delay($later->seconds);
        }
    }
}
