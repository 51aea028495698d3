<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\App;
use App\Reach\Herald;
use App\Records\DataSet;
use App\Space;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Date;

/** Begins every message whose time has come, and sends on what waits. */
final class SendMessages extends Command
{
    protected $signature = 'lanai:messages';

    protected $description = 'Begin the messages that are due, and send on what waits';

    public function handle(): int
    {
        $now = Date::now('UTC')->startOfMinute()->toDateTimeImmutable();
        foreach (App::query()->with(['revision', 'liveRevision'])->lazy(50) as $app) {
            foreach (DataSet::cases() as $set) {
                $space = Space::of($app, $set);
                $space === null || $space->blueprint()->sends === [] || rescue(fn () => (new Herald($space))->minute($now));
            }
        }

        return self::SUCCESS;
    }
}
