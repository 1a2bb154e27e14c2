<?php

declare(strict_types=1);

return [
    'disks' => [
        // Photographs. Where several nodes serve they share the folder.
        'local' => [
            'driver' => 'local',
            'root' => env('FILES', storage_path('app/private')),
            'throw' => true,
        ],
    ],
];
