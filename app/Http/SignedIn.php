<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Crew;
use App\Models\User;
use Illuminate\Http\Request;

/** Who is signed in, on routes that the auth middleware guards. */
final class SignedIn
{
    public static function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw new \LogicException('The auth middleware let nobody through');
    }

    /** On routes for people of a crew. */
    public static function crew(Request $request): Crew
    {
        return self::user($request)->crew ?? throw new \LogicException('The crew middleware let nobody through');
    }
}
