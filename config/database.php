<?php

declare(strict_types=1);

$sqlite = [
    'driver' => 'sqlite',
    'prefix' => '',
    'foreign_key_constraints' => true,
    'busy_timeout' => App\Records\ImmediatePdo::PATIENCE,
    'journal_mode' => 'WAL',
    'synchronous' => 'NORMAL',
];

return [
    'default' => 'lanai',
    'connections' => [
        'lanai' => ['database' => env('LANAI_DATABASE', storage_path('lanai.sqlite'))] + $sqlite,
        'answers' => [
            'database' => env('LANAI_ANSWERS', dirname((string) env('LANAI_DATABASE', storage_path('lanai.sqlite'))).'/answers.sqlite'),
            'synchronous' => 'OFF',
        ] + $sqlite,
        'app_template' => ['database' => ':memory:'] + $sqlite,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
