<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Health;
use Illuminate\Http\JsonResponse;

/** Whether the application and what it rests on answer; without a database, or with one that only reads, it is 503. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        $now = Health::now();

        return response()->json($now, $now['database'] === 'answers' ? 200 : 503);
    }
}
