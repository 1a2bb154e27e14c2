<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

// Only what differs from the framework's own: a line of the log is one JSON value; mail goes to a file of its own, the stand-in for a mail
// server.
return [
    'channels' => [
        'single' => [
            'driver' => 'single',
            'path' => storage_path('logs/laravel.log'),
            'level' => 'debug',
            'formatter' => JsonFormatter::class,
            'formatter_with' => ['includeStacktraces' => true],
        ],
        'mail' => [
            'driver' => 'single',
            'path' => storage_path('logs/mail.log'),
            'level' => 'debug',
        ],
    ],
];
