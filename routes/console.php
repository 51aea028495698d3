<?php

declare(strict_types=1);

use App\Console\BeginRoutines;
use App\Console\RefreshSubmissions;
use Illuminate\Support\Facades\Schedule;

Schedule::command(BeginRoutines::class)->everyMinute()->withoutOverlapping(5);
Schedule::command(RefreshSubmissions::class)->everyFiveSeconds()->withoutOverlapping(1);
