<?php

declare(strict_types=1);

return [
    // Where photographs are kept: on this machine, or where several application servers reach them.
    'default' => env('FILE_STORE', 'local'),
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'throw' => true],
        's3' => [
            'driver' => 's3',
            'key' => env('AWS_ACCESS_KEY_ID'),
            'secret' => env('AWS_SECRET_ACCESS_KEY'),
            'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
            'bucket' => env('AWS_BUCKET', 'deft-blade'),
            'endpoint' => env('AWS_ENDPOINT'),
            'use_path_style_endpoint' => (bool) env('AWS_USE_PATH_STYLE_ENDPOINT', false),
            // A store that is away is said to the device, which keeps the photograph and sends it again.
            'http' => ['connect_timeout' => 3, 'timeout' => 20],
            'retries' => 1,
            'throw' => true,
        ],
    ],
];
