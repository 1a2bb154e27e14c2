<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Health;
use Illuminate\Http\JsonResponse;

/** Whether the application and what it rests on answer; without a database it is 503. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        return response()->json(Health::now());
    }
}
