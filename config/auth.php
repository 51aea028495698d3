<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'founders'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'founders']],
    'providers' => ['founders' => ['driver' => 'eloquent', 'model' => App\Models\Founder::class]],
    'passwords' => [],
    'password_timeout' => 10800,
];
