<?php

declare(strict_types=1);

namespace App\Console;

use App\Jobs\RunRoutine;
use App\Models\App;
use App\Records\DataSet;
use Cron\CronExpression;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;

/** Begins every routine whose time has come. */
final class BeginRoutines extends Command
{
    protected $signature = 'lanai:routines';

    protected $description = 'Begin the routines that are due';

    public function handle(): int
    {
        $now = Date::now('UTC')->startOfMinute();
        foreach (
            App::query()
                ->with(['revision', 'liveRevision'])
                ->cursor() as $app
        ) {
            foreach (DataSet::cases() as $set) {
                foreach ($app->revisionOf($set)?->read()->routines ?? [] as $routine) {
                    $zone = in_array($routine->zone, timezone_identifiers_list(), true) ? $routine->zone : 'UTC';
                    if (
                        $routine->cron() !== '' &&
                        (new CronExpression($routine->cron()))->isDue($now->toDateTimeImmutable(), $zone) &&
                        Cache::add("routine:$app->id:{$set->value}:".sha1($routine->name).":{$now->timestamp}", true, 120)
                    ) {
                        RunRoutine::begin($app, $set, $routine->name, 'The time has come', [], [$routine->name]);
                    }
                }
            }
        }

        return self::SUCCESS;
    }
}
