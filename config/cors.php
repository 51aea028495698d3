<?php

declare(strict_types=1);

// A packaged app calls its own server from another origin. It sends no cookies, so any origin may.
return [
    'paths' => ['device/live/*', 'media/*'],
    'allowed_methods' => ['GET', 'POST'],
    'allowed_origins' => ['*'],
    'allowed_origins_patterns' => [],
    'allowed_headers' => ['Content-Type', 'Accept', 'Authorization', 'Lanai-Lot'],
    'exposed_headers' => [],
    'max_age' => 3600,
    'supports_credentials' => false,
];
