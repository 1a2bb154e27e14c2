<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\SignedIn;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Who has left a crew, or whose time as a guest is over, has an account and nothing else. */
final class InCrew
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = SignedIn::user($request);
        if ($user->crew_id !== null && ! $user->isOver()) {
            return $next($request);
        }

        return $request->expectsJson() ? response()->json(['message' => 'You are in no crew.'], 403) : redirect('/no-crew');
    }
}
