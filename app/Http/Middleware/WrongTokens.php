<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/** Tokens that are none are tried seldom: stands before it is asked who sends. */
final class WrongTokens
{
    private const A_MINUTE = 10;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $key = 'wrong-token:' . $request->ip();
        if (RateLimiter::tooManyAttempts($key, self::A_MINUTE)) {
            throw new ThrottleRequestsException(
                'Too many wrong tokens.',
                headers: ['Retry-After' => (string) RateLimiter::availableIn($key)],
            );
        }
        $response = $next($request);
        if ($response->getStatusCode() === Response::HTTP_UNAUTHORIZED) {
            RateLimiter::hit($key);
        }

        return $response;
    }
}
