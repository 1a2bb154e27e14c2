<?php

declare(strict_types=1);

// Where photographs are: a folder, which several nodes share; or, with FILESYSTEM_DISK=store, a store that is spoken to as to S3.
return [
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => env('FILES', storage_path('app/private')),
            'throw' => true,
        ],
        'store' => [
            'driver' => 's3',
            'endpoint' => env('STORE_ENDPOINT'),
            'bucket' => env('STORE_BUCKET'),
            'key' => env('STORE_KEY'),
            'secret' => env('STORE_SECRET'),
            'region' => env('STORE_REGION', 'none'),
            'use_path_style_endpoint' => true,
            'throw' => true,
        ],
    ],
];
