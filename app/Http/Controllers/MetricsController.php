<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Metrics;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What is counted, for who has the token of the settings. */
final class MetricsController
{
    public function __invoke(Request $request): Response
    {
        $token = config('eyes.metrics_token');
        abort_unless(is_string($token) && $token !== '' && hash_equals($token, (string) $request->bearerToken()), 401);

        return response(Metrics::text(), 200, ['Content-Type' => 'text/plain; version=0.0.4; charset=utf-8']);
    }
}
