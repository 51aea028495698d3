<?php

declare(strict_types=1);

use App\Console\BeginRoutines;
use App\Console\RefreshSubmissions;
use App\Console\SweepUploads;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Schedule;

Schedule::command(SweepUploads::class)->hourly()->withoutOverlapping(30);
Schedule::command(BeginRoutines::class)->everyMinute()->withoutOverlapping(5);
// Within the scheduler itself: twelve processes a minute would be begun for it otherwise.
Schedule::call(fn (): int => Artisan::call(RefreshSubmissions::class))->name('submissions')->everyFiveSeconds()->withoutOverlapping(1);
