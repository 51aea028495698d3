<?php

declare(strict_types=1);

return [
    'name' => 'Lanai',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    // Commands beside a running Lanai find its address where it was written at the start.
    'url' => match (true) {
        env('APP_URL', '') !== '' => env('APP_URL'),
        is_file(storage_path('framework/served')) => trim((string) file_get_contents(storage_path('framework/served'))),
        default => 'http://localhost:8000',
    },
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'maintenance' => ['driver' => 'file'],
];
