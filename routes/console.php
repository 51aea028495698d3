<?php

declare(strict_types=1);

use App\Console\AskStores;
use App\Console\AskTills;
use App\Console\BeginRoutines;
use App\Console\Prune;
use App\Console\RefreshSubmissions;
use App\Console\SendMessages;
use App\Console\SweepUploads;
use App\Console\Tend;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Schedule;

Schedule::command(Prune::class)->hourlyAt(17)->withoutOverlapping(30);
Schedule::call(fn (): int => Artisan::call(Tend::class))->name('tend')->everyFifteenSeconds()->withoutOverlapping(1);
Schedule::command(SweepUploads::class)->hourly()->withoutOverlapping(30);
Schedule::command(BeginRoutines::class)->everyMinute()->withoutOverlapping(5);
Schedule::command(SendMessages::class)->everyMinute()->withoutOverlapping(5);
Schedule::command(AskStores::class)->everyTenMinutes()->withoutOverlapping(10);
Schedule::command(AskTills::class)->everyMinute()->withoutOverlapping(5);
// Within the scheduler itself: twelve processes a minute would be begun for it otherwise.
Schedule::call(fn (): int => Artisan::call(RefreshSubmissions::class))->name('submissions')->everyFiveSeconds()->withoutOverlapping(1);
