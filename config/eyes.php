<?php

declare(strict_types=1);

return [
    // Who shows it as a bearer token reads /metrics; without one nobody does.
    'metrics_token' => env('METRICS_TOKEN'),
    // Milliseconds from which on a request, or a query, is noted as slow.
    'slow_ms' => (int) env('SLOW_MS', 2000),
    'slow_query_ms' => (int) env('SLOW_QUERY_MS', 200),
];
