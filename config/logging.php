<?php

declare(strict_types=1);

return [
    // What cannot be written down must not break what is told.
    'default' => 'kept',
    'channels' => [
        'kept' => ['driver' => 'stack', 'channels' => ['single'], 'ignore_exceptions' => true],
        'single' => ['driver' => 'single', 'path' => env('LANAI_LOGS', storage_path('logs')).'/lanai.log', 'level' => env('LOG_LEVEL', 'warning')],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
