<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;

/**
 * Each browser has a name of its own, by which its own changes are known as its own: what it can undo, what it did itself. It says nothing
 * of who is signed in there.
 */
final class NamesPhone
{
    private const COOKIE = 'phone';
    private const MINUTES = 5 * 365 * 24 * 60;

    public static function of(Request $request): ?string
    {
        $named = $request->cookies->get(self::COOKIE);

        return is_string($named) && preg_match('/^[0-9a-z]{26}$/', $named) === 1 ? $named : null;
    }

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $named = self::of($request);
        $response = $next($request);
        if ($named === null) {
            $response->headers->setCookie(Cookie::create(
                self::COOKIE,
                strtolower((string) Str::ulid()),
                now()->addMinutes(self::MINUTES),
                secure: $request->isSecure(),
                sameSite: Cookie::SAMESITE_LAX,
            ));
        }

        return $response;
    }
}
