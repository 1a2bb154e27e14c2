<?php

declare(strict_types=1);

return [
    // Room for the photographs of a crew, in megabytes.
    'photo_mb' => (int) env('PHOTO_MB', 2000),
    // Requests of all phones of a crew together, beyond which they are asked to wait.
    'requests_a_minute' => (int) env('CREW_REQUESTS_A_MINUTE', 3000),
];
