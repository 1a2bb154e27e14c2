<?php

declare(strict_types=1);

return [
    // What follows from a house is kept by each node for itself: it is named by what it follows from, and no other node has to know of it.
    'default' => env('CACHE_STORE', 'file'),
    // What is counted, and who was there, is known to all nodes: file, database or redis.
    'limiter' => env('SHARED_STORE', 'file'),
    'stores' => [
        // Over a connection of its own. In the transaction of a house a deadlock about it would end that transaction, unseen by what goes
        // on in it.
        'database' => [
            'driver' => 'database',
            'connection' => 'beside',
            'table' => 'cache',
            'lock_connection' => 'beside',
            'lock_table' => 'cache_locks',
        ],
    ],
];
