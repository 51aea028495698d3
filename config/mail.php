<?php

declare(strict_types=1);

// Letters go out by SMTP: to the Letterbox that ships with Lanai, or to a real server by its address, user and password.
return [
    'default' => env('MAIL_MAILER', 'smtp'),
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 8002),
            'encryption' => env('MAIL_ENCRYPTION'),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
            'auto_tls' => (bool) env('MAIL_AUTO_TLS', true),
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'post@lanai.example'), 'name' => 'Lanai'],
];
