<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Earnings\Counter;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Log;
use Lanai\Core\Rows\Refused;

/** Asks a till about a purchase of which it has told that something happened. Where it does not answer it is asked later, as all are. */
final class AskTill implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public function __construct(private readonly int $app, private readonly string $set, private readonly string $till, private readonly string $token)
    {
        $this->onQueue(Lane::Routines->value);
    }

    public function handle(): void
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        try {
            $space === null ?: (new Counter($space))->about($this->till, $this->token);
        } catch (Refused $refused) {
            Log::info('A till was asked in vain.', ['app' => $this->app, 'till' => $this->till, 'why' => $refused->getMessage()]);
        }
    }
}
