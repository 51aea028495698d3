<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 30,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => env('LANAI_SESSIONS', storage_path('framework/sessions')),
    'lottery' => [2, 100],
    'cookie' => 'lanai_session',
    'path' => '/',
    'domain' => null,
    // Where Lanai is reached over https, cookies never go out without it.
    'secure' => (bool) env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https://')),
    'http_only' => true,
    'same_site' => 'lax',
];
