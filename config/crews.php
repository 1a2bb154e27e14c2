<?php

declare(strict_types=1);

return [
    // Room for the photographs of a crew, in megabytes.
    'photo_mb' => (int) env('PHOTO_MB', 2000),
];
