<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\Request;

/** Who has given the right password and has the second step still before them: kept in the session, for some minutes. */
final readonly class FirstStep
{
    private const KEY = 'second_step';

    /** Minutes in which the second step has to follow the first. */
    private const MINUTES = 10;

    private function __construct(public string $user, public bool $remember)
    {
    }

    public static function taken(Request $request, User $user, bool $remember): void
    {
        $request->session()->put(
            self::KEY,
            ['user' => $user->id, 'remember' => $remember, 'until' => now()->addMinutes(self::MINUTES)->getTimestamp()],
        );
    }

    /** @return self|null null where nobody waits, or waited too long */
    public static function of(Request $request): ?self
    {
        $kept = $request->session()->get(self::KEY);
        if (! is_array($kept) || ! is_string($kept['user'] ?? null) || ($kept['until'] ?? 0) < now()->getTimestamp()) {
            return null;
        }

        return new self($kept['user'], ($kept['remember'] ?? false) === true);
    }

    public static function forget(Request $request): void
    {
        $request->session()->forget(self::KEY);
    }
}
