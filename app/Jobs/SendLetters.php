<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Outbound\Practice;
use App\People\People;
use App\Records\DataSet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\RateLimiter;
use Lanai\Core\Play\Letter;
use Lanai\Core\Play\Outcome;

/** Finds the addresses of people that an app writes to, and sends each a letter of their own. */
final class SendLetters implements ShouldQueue
{
    use Queueable;

    /** Letters to one person in an hour. */
    private const MOST = 60;

    public int $tries = 3;

    /** @param  list<array{int, string, string}>  $letters  person, about what, text */
    public function __construct(private readonly int $app, private readonly string $set, private readonly array $letters)
    {
        $this->onQueue(Lane::Letters->value);
    }

    public function handle(): void
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->find($this->app);
        $set = DataSet::from($this->set);
        $blueprint = $app?->revisionOf($set)?->read();
        if ($app === null || $blueprint === null) {
            return;
        }
        $people = new People($app, $set, $blueprint);
        foreach ($this->letters as [$person, $about, $text]) {
            $account = $people->accountOf($person);
            // Nobody's post is flooded, however often somebody taps.
            if (
                $account?->email !== null &&
                $account->blocked_at === null &&
                RateLimiter::attempt("letters:$this->app/$this->set/$person", self::MOST, fn (): bool => true, 3600)
            ) {
                SendNotice::dispatch($account->email, $about, $text, $app->name, Practice::boxOf($app));
            }
        }
    }

    /** Puts on the queue what an outcome wants to be written. */
    public static function keep(Outcome $outcome, App $app, DataSet $set): void
    {
        if ($outcome->letters !== []) {
            self::dispatch($app->id, $set->value, array_map(fn (Letter $l): array => [$l->person, $l->about, $l->text], $outcome->letters));
        }
    }
}
