<?php

declare(strict_types=1);

// Only what differs from the framework's own: mail goes to a file of its own, the stand-in for a mail server.
return [
    'channels' => [
        'mail' => [
            'driver' => 'single',
            'path' => storage_path('logs/mail.log'),
            'level' => 'debug',
        ],
    ],
];
