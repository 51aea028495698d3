<?php

declare(strict_types=1);

return [
    // Where the files of the founders' apps are kept: data sets, pictures, packages.
    'apps' => env('LANAI_APPS', storage_path('apps')),

    // Where processes hold what they are at, and where logs are written.
    'work' => dirname((string) env('LANAI_DATABASE', storage_path('lanai.sqlite'))).'/work',
    'logs' => env('LANAI_LOGS', storage_path('logs')),

    // The demo is made, and its account.
    'demo' => (bool) env('LANAI_DEMO', false),
    'demo_email' => 'demo@lanai.example',
    'demo_password' => env('LANAI_DEMO_PASSWORD', 'porch-by-the-sea'),

    // Whether the demo's sign-in form is filled in; null for: only while Lanai answers this computer alone.
    'demo_form' => env('LANAI_DEMO_FORM'),

    // Whether others than this computer are answered: ./lanai start --host
    'open' => (bool) env('LANAI_OPEN', false),

    // Who may sign up: open, invitation or closed; '' for open while Lanai answers this computer alone, and else by invitation.
    'registration' => env('LANAI_REGISTRATION', ''),

    // Seconds for which browsers are told to come by https only (RFC 6797); 0 for not at all.
    'hsts' => (int) env('LANAI_HSTS', 0),

    'demo_people_password' => env('LANAI_DEMO_PEOPLE_PASSWORD', 'lanterns on the water'),

    // The stores: an address and a token each. The stand-ins that ship with Lanai are the default.
    'stores' => [
        'pier' => [
            'name' => 'Pier',
            'takes' => ['web', 'ios', 'ipa'],
            'url' => env('LANAI_PIER_URL', 'http://127.0.0.1:8001/pier'),
            'token' => env('LANAI_PIER_TOKEN', env('LANAI_STANDIN_TOKEN', '')),
            // The certificate of its own root, in PEM: what it signs must lead there.
            'root' => env('LANAI_PIER_ROOT', (env('LANAI_STANDINS_FOLDER') ?: storage_path('standins')).'/pier-root.pem'),
        ],
        'quay' => [
            'name' => 'Quay',
            'takes' => ['apk', 'aab'],
            'url' => env('LANAI_QUAY_URL', 'http://127.0.0.1:8001/quay'),
            'token' => env('LANAI_QUAY_TOKEN', env('LANAI_STANDIN_TOKEN', '')),
        ],
    ],

    // The identity provider and the post that ship with Lanai, for practice.
    'gatehouse' => env('LANAI_GATEHOUSE_URL', 'http://'.env('LANAI_STANDINS', '127.0.0.1:8001').'/gatehouse'),
    // Letters go to the Letterbox that ships with Lanai: they say in whose box they lie.
    'practice_post' => env('MAIL_HOST', '127.0.0.1') === '127.0.0.1',

    // The provider of card payments: an address and a key. The one that ships with Lanai, for practice, is the default.
    'till' => [
        'url' => env('LANAI_TILL_URL', 'http://'.env('LANAI_STANDINS', '127.0.0.1:8001').'/till'),
        'key' => env('LANAI_TILL_KEY', env('LANAI_STANDIN_TOKEN', '')),
        // With which its messages are signed, as Standard Webhooks writes it; '' for the one that ships with Lanai.
        'secret' => env('LANAI_TILL_SECRET', ''),
    ],

    // The exchange of adverts, for rehearsals and for real: where it is asked, a key, where it publishes its own keys, and where it says what it has paid.
    // The one that ships with Lanai, for practice, is the default.
    'adverts' => array_map(fn (string $prefix): array => [
        'url' => env("{$prefix}_URL", 'http://'.env('LANAI_STANDINS', '127.0.0.1:8001').'/bunting/bid'),
        'key' => env("{$prefix}_KEY", env('LANAI_STANDIN_TOKEN', '')),
        'keys' => env("{$prefix}_KEYS", 'http://'.env('LANAI_STANDINS', '127.0.0.1:8001').'/bunting/keys'),
        'payouts' => env("{$prefix}_PAYOUTS", 'http://'.env('LANAI_STANDINS', '127.0.0.1:8001').'/bunting/payouts'),
    ], ['sandbox' => 'LANAI_ADVERTS_SANDBOX', 'live' => 'LANAI_ADVERTS']),

    // Who carries messages to phones, for rehearsals and for real. Browsers say themselves by whom they are reached; the two makers of phones are asked at an
    // address, with a key in PEM. The one that ships with Lanai, for practice, is the default.
    'push' => array_map(fn (string $prefix): array => [
        // Whom the carriers may write to about messages (RFC 8292, section 2.1).
        'contact' => env('LANAI_PUSH_CONTACT', 'mailto:'.env('MAIL_FROM_ADDRESS', 'post@lanai.example')),
        'android' => [
            'url' => env("{$prefix}_ANDROID_URL", 'https://'.env('LANAI_CRIER', '127.0.0.1:8003').'/crier/android/v1/projects/practice/messages:send'),
            'token' => env("{$prefix}_ANDROID_TOKEN_URL", 'http://'.env('LANAI_CRIER', '127.0.0.1:8003').'/crier/android/token'),
            'account' => env("{$prefix}_ANDROID_ACCOUNT", 'practice@crier.example'),
            'scope' => env("{$prefix}_ANDROID_SCOPE", 'messages'),
            'key' => env("{$prefix}_ANDROID_KEY", (env('LANAI_STANDINS_FOLDER') ?: storage_path('standins')).'/crier-android.pem'),
        ],
        'ios' => [
            'url' => env("{$prefix}_IOS_URL", 'https://'.env('LANAI_CRIER', '127.0.0.1:8003').'/crier/3/device'),
            'key' => env("{$prefix}_IOS_KEY", (env('LANAI_STANDINS_FOLDER') ?: storage_path('standins')).'/crier-ios.pem'),
            'kid' => env("{$prefix}_IOS_KEY_ID", 'PRACTICE01'),
            'team' => env("{$prefix}_IOS_TEAM", 'PRACTICE00'),
        ],
    ], ['sandbox' => 'LANAI_PUSH_SANDBOX', 'live' => 'LANAI_PUSH']),

    // Host and port of Crier, which carries messages for practice, and the certificate by which it is known.
    'crier' => env('LANAI_CRIER', '127.0.0.1:8003'),
    'crier_certificate' => (env('LANAI_STANDINS_FOLDER') ?: storage_path('standins')).'/crier.crt',

    // Host and port of the shipped stand-ins: the only loopback address that calls out may reach.
    'standins' => env('LANAI_STANDINS', '127.0.0.1:8001'),

    // From it come the keys with which each founder opens what the stand-ins keep for them.
    'practice_secret' => env('LANAI_STANDIN_TOKEN', '') ?: env('APP_KEY', ''),

    // Where the answers of services are kept.
    'answers' => env('CACHE_STORE') === 'array' ? 'array' : 'answers',

    // The Android framework resources to link packages against.
    'android_framework' => env('LANAI_ANDROID_FRAMEWORK', '/usr/share/android-framework-res/framework-res.apk'),
];
