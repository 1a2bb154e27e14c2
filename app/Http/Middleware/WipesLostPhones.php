<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Phone;
use App\Support\Asking;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A phone that was said to be lost is told to forget everything when it is heard of next: the houses on it, what waits there, the engine,
 * and who was signed in. It is a browser's own way, and is obeyed by those served over https.
 */
final class WipesLostPhones
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $name = Asking::phone();
        $phone = $name === null ? null : Phone::query()->whereKey($name)->whereNotNull('lost_at')->first();
        if ($phone === null) {
            return $next($request);
        }
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        // It comes back as a phone that nobody knows.
        $phone->delete();
        $response = $request->expectsJson()
            ? response()->json(['message' => 'This phone was said to be lost.'], Response::HTTP_UNAUTHORIZED)
            : redirect('/sign-in');
        $response->headers->set('Clear-Site-Data', '"cache", "cookies", "storage"');

        return $response;
    }
}
