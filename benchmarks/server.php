<?php

declare(strict_types=1);

// Lanai with one more route: the hand-written controller that a screen request is measured against.

use Benchmarks\HandTap;
use Benchmarks\HandWritten;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/HandTap.php';
require __DIR__.'/HandWritten.php';

// As public/index.php does.
gc_disable();
$app = require __DIR__.'/../bootstrap/app.php';
$app->booted(function (): void {
    // One phone taps here as often as many do; it is counted all the same, so that counting is in the figure.
    foreach (['tap', 'view'] as $purpose) {
        RateLimiter::for($purpose, fn (Request $request): array => [
            Limit::perMinute(1_000_000)->by("$purpose by address {$request->ip()}"),
            Limit::perMinute(1_000_000)->by("$purpose by address {$request->ip()} alone"),
        ]);
    }
    // As those of devices: no sessions.
    Route::post('bench/hand', HandWritten::class);
    Route::post('bench/tap', HandTap::class);
    Route::post('bench/empty', fn () => [])->middleware('web');
});
$app->handleRequest(Request::capture());
