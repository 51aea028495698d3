<?php

declare(strict_types=1);

// Lanai with one more route: the hand-written controller that a screen request is measured against.

use Benchmarks\HandTap;
use Benchmarks\HandWritten;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/HandTap.php';
require __DIR__.'/HandWritten.php';

$app = require __DIR__.'/../bootstrap/app.php';
$app->booted(function (): void {
    // As those of devices: no sessions.
    Route::post('bench/hand', HandWritten::class);
    Route::post('bench/tap', HandTap::class);
    Route::post('bench/empty', fn () => [])->middleware('web');
});
$app->handleRequest(Request::capture());
