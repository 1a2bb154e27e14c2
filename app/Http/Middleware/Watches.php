<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\House;
use App\Support\Metrics;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Gives each request a number that stands in the log and in its answer, counts it, and notes one that was slow: by its route, its house and
 * that house's revision, never by what is in it.
 */
final class Watches
{
    public const HEADER = 'X-Request-Id';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $given = (string) $request->headers->get(self::HEADER);
        $id = preg_match('/^[0-9A-Za-z-]{8,64}$/', $given) === 1 ? $given : (string) Str::ulid();
        Log::shareContext(['request' => $id]);
        $began = hrtime(true);
        $response = $next($request);
        $response->headers->set(self::HEADER, $id);
        $this->note($request, $response->getStatusCode(), (hrtime(true) - $began) / 1e9);

        return $response;
    }

    private function note(Request $request, int $status, float $seconds): void
    {
        $route = $request->route()?->uri() ?? 'none';
        Metrics::request($route, $status, $seconds);
        if (1000.0 * $seconds >= config()->integer('eyes.slow_ms')) {
            $house = $request->route('house');
            Log::warning('A slow request.', [
                'route' => "{$request->method()} $route",
                'ms' => (int) round(1000.0 * $seconds),
                'house' => $house instanceof House ? $house->id : null,
                'revision' => $house instanceof House ? $house->revision : null,
            ]);
        }
    }
}
