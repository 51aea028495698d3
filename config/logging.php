<?php

declare(strict_types=1);

return [
    'default' => 'single',
    'channels' => [
        'single' => ['driver' => 'single', 'path' => env('LANAI_LOGS', storage_path('logs')).'/lanai.log', 'level' => env('LOG_LEVEL', 'warning')],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
