<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Aftermath;
use App\Models\App;
use App\People\Invitations;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Log;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;

/** Does once what an app does for a newcomer who was invited, and for whoever invited them. */
final class DoForInvited implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(private readonly int $app, private readonly string $set, private readonly int $person)
    {
        $this->onQueue(Lane::Routines->value);
    }

    public function handle(): void
    {
        $app = App::query()->with(['revision', 'liveRevision'])->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        if ($space === null) {
            return;
        }
        $invitations = new Invitations($space->people());
        $inviter = $invitations->owed($this->person);
        if ($inviter === null) {
            return;
        }
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $zone), $zone), person: $this->person);
        $key = hash('sha256', "invited $this->person by $inviter");
        $outcome = $space->itself()->invited($inviter, $key, $visit, Trail::none());
        Aftermath::of($outcome, $space, $this->person);
        $invitations->done($this->person);
        if ($outcome->refused !== '') {
            Log::info('What is done for somebody who was invited was refused.', ['app' => $this->app, 'why' => $outcome->refused]);
        }
    }
}
