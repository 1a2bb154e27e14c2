<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the application and its database answer; without either it is 503. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        DB::select('select 1');

        return response()->json(['up' => true, 'database' => 'answers']);
    }
}
