<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** JSON can write numbers that no machine can hold: what comes out as infinite is no number, wherever it stands. */
final class FiniteNumbers
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $place = $request->isJson() ? self::infinite($request->json()->all(), '') : null;

        return $place === null ? $next($request) : response()->json(['message' => "The number at $place is too large to be one."], 422);
    }

    /** @param array<mixed> $values */
    private static function infinite(array $values, string $at): ?string
    {
        foreach ($values as $key => $value) {
            $place = is_array($value) ? self::infinite($value, "$at/$key") : (is_float($value) && ! is_finite($value) ? "$at/$key" : null);
            if ($place !== null) {
                return $place;
            }
        }

        return null;
    }
}
