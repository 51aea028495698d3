<?php

declare(strict_types=1);

namespace App\Console;

use App\Earnings\Counter;
use App\Earnings\Owed;
use App\Jobs\DoOwed;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Console\Command;

/** What a till did not tell is found by asking: purchases that nobody came back from, and periods that are over. */
final class AskTills extends Command
{
    protected $signature = 'lanai:tills';

    protected $description = 'Ask the tills about purchases of which nothing was heard';

    public function handle(): int
    {
        foreach (App::query()->with(['revision', 'liveRevision'])->where('sells', true)->lazyById(50) as $app) {
            foreach (DataSet::cases() as $set) {
                $space = Space::of($app, $set);
                if ($space !== null && (new Owed($space))->any(time())) {
                    DoOwed::dispatch($app->id, $set->value);
                }
                foreach ($space === null ? [] : (new Counter($space))->askAround() as $refused) {
                    $this->warn("$app->slug, $set->value: $refused");
                }
            }
        }

        return self::SUCCESS;
    }
}
