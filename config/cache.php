<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('LANAI_CACHE', storage_path('framework/cache/data')),
            'lock_path' => env('LANAI_CACHE', storage_path('framework/cache/data')),
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
        // What services answered: written often, and worth nothing after a loss.
        'answers' => [
            'driver' => 'database',
            'connection' => 'answers',
            'table' => 'cache',
            'lock_connection' => 'answers',
            'lock_table' => 'cache_locks',
            'lock_lottery' => [1, 1000],
        ],
    ],
    'prefix' => 'lanai',
];
