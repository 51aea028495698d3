<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => 'lanai',
            'table' => 'jobs',
            'queue' => 'routines',
            'retry_after' => 7200,
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
