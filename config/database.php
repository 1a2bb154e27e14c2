<?php

declare(strict_types=1);

// One server, or all that are copies of each other, by commas: which one takes changes is found among them (App\Databases\ServerConnector).
$server = [
    'driver' => 'mariadb',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '3306'),
    'database' => env('DB_DATABASE', 'bouclier'),
    'username' => env('DB_USERNAME', 'bouclier'),
    'password' => env('DB_PASSWORD', ''),
    'unix_socket' => env('DB_SOCKET', ''),
    'charset' => 'utf8mb4',
    'collation' => 'utf8mb4_unicode_ci',
    'prefix' => '',
    'prefix_indexes' => true,
    'strict' => true,
    'engine' => null,
    // Seconds a machine that is away is waited for.
    'options' => [PDO::ATTR_TIMEOUT => 2],
];

return [
    'connections' => [
        'mariadb' => $server,
        // For what is counted beside the houses: see config/cache.php.
        'beside' => $server,
        // For what only reads: see App\Databases\Replica.
        'replica' => ['copies' => true] + $server,
    ],
];
