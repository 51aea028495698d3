<?php

declare(strict_types=1);

use App\Console\RefreshSubmissions;
use Illuminate\Support\Facades\Schedule;

Schedule::command(RefreshSubmissions::class)->everyFiveSeconds()->withoutOverlapping(1);
