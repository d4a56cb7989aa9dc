<?php

declare(strict_types=1);

return [
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'deft_blade'),
            'username' => env('DB_USERNAME', 'deft_blade'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'prefix_indexes' => true,
            'sslmode' => env('DB_SSLMODE', 'prefer'),
            'options' => [
                // One trip to the server a statement instead of three; and a pool between them may hand each statement to another connection.
                PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
                // A worker keeps its connection from one request to the next.
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
            ],
        ],
    ],
];
