<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\RevisionBook;
use App\Earnings\Counter;
use App\Earnings\Owed;
use App\Earnings\Statements;
use App\Jobs\DoOwed;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;
use Throwable;

/** What a till did not tell is found by asking: purchases that nobody came back from, and periods that are over. */
final class AskTills extends Command
{
    private const DAY = 86400;

    protected $signature = 'lanai:tills';

    protected $description = 'Ask the tills about purchases of which nothing was heard';

    public function handle(): int
    {
        foreach (App::query()->with(['revision', 'liveRevision'])->where('sells', true)->lazyById(50) as $app) {
            foreach (DataSet::cases() as $set) {
                try {
                    $this->look($app, $set);
                } catch (Throwable $fault) {
                    // What is wrong with one keeps no other from being asked; an older shape of its data is mended by then.
                    report($fault);
                    rescue(fn (): bool => app(RevisionBook::class)->heal($app));
                    $this->warn("$app->slug, $set->value: something broke; it is tried again.");
                }
            }
        }

        return self::SUCCESS;
    }

    private function look(App $app, DataSet $set): void
    {
        $space = Space::of($app, $set);
        if ($space === null) {
            return;
        }
        if ((new Owed($space))->any(time())) {
            DoOwed::dispatch($app->id, $set->value);
        }
        // Statements come by the month: once a day is often enough.
        $daily = Cache::add("statements $app->id $set->value", true, self::DAY) ? (new Statements($space))->ask(false) : [];
        foreach ([...(new Counter($space))->askAround(), ...$daily] as $refused) {
            $this->warn("$app->slug, $set->value: $refused");
        }
    }
}
