<?php

declare(strict_types=1);

return [
    'driver' => 'bcrypt',
    'bcrypt' => ['rounds' => env('BCRYPT_ROUNDS', 12), 'verify' => true],
    // For the people of apps: 19 MiB, two passes, one lane (the OWASP cheat sheet on password storage, from memory).
    'argon' => ['memory' => (int) env('ARGON_MEMORY', 19456), 'time' => (int) env('ARGON_TIME', 2), 'threads' => 1, 'verify' => false],
];
