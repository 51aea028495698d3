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
            'takes' => ['web'],
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

    // The exchange of adverts: an address and a key. The one that ships with Lanai, for practice, is the default.
    'adverts' => [
        'url' => env('LANAI_ADVERTS_URL', 'http://'.env('LANAI_STANDINS', '127.0.0.1:8001').'/bunting/bid'),
        'key' => env('LANAI_ADVERTS_KEY', env('LANAI_STANDIN_TOKEN', '')),
    ],

    // Host and port of the shipped stand-ins: the only loopback address that calls out may reach.
    'standins' => env('LANAI_STANDINS', '127.0.0.1:8001'),

    // From it come the keys with which each founder opens what the stand-ins keep for them.
    'practice_secret' => env('LANAI_STANDIN_TOKEN', '') ?: env('APP_KEY', ''),

    // Where the answers of services are kept.
    'answers' => env('CACHE_STORE') === 'array' ? 'array' : 'answers',

    // The Android framework resources to link packages against.
    'android_framework' => env('LANAI_ANDROID_FRAMEWORK', '/usr/share/android-framework-res/framework-res.apk'),
];
