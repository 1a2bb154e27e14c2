<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Models\User;
use App\Support\Totp;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The second step at sign-in: a code of the half minute, or one of those on paper. */
final class SecondStepController
{
    private const WAITING = 'second_step';

    /** Minutes in which the second step has to follow the first. */
    private const MINUTES = 10;

    public static function await(Request $request, User $user, bool $remember): void
    {
        $request->session()->put(
            self::WAITING,
            ['user' => $user->id, 'remember' => $remember, 'until' => now()->addMinutes(self::MINUTES)->getTimestamp()],
        );
    }

    public function create(Request $request): Response|RedirectResponse
    {
        return $this->waiting($request) === null ? redirect('/sign-in') : Inertia::render('auth/SecondStep');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:40']]);
        $waiting = $this->waiting($request);
        if ($waiting === null) {
            return redirect('/sign-in');
        }
        $code = strtolower((string) preg_replace('/\s+/', '', $request->string('code')->toString()));
        $user = DB::transaction(function () use ($waiting, $code): ?User {
            $user = User::query()->lockForUpdate()->findOrFail($waiting['user']);

            return $this->isTaken($user, $code) ? $user : null;
        });
        if ($user === null) {
            throw ValidationException::withMessages(['code' => 'This code is not right, or was used before.']);
        }
        $request->session()->forget(self::WAITING);
        Auth::login($user, $waiting['remember']);
        $request->session()->regenerate();

        return redirect()->intended('/houses');
    }

    /** Each code once: what was read over a shoulder opens nothing. */
    private function isTaken(User $user, string $code): bool
    {
        $step = preg_match('/^\d{6}$/', $code) === 1 ? Totp::stepOf((string) $user->totp_secret, $code, $user->totp_last_step) : null;
        if ($step !== null) {
            return $user->update(['totp_last_step' => $step]);
        }
        foreach ($user->recovery_codes ?? [] as $place => $hash) {
            if (Hash::check($code, $hash)) {
                $left = $user->recovery_codes ?? [];
                unset($left[$place]);

                return $user->update(['recovery_codes' => array_values($left)]);
            }
        }

        return false;
    }

    /** @return array{user: string, remember: bool}|null */
    private function waiting(Request $request): ?array
    {
        $waiting = $request->session()->get(self::WAITING);
        if (! is_array($waiting) || ! is_string($waiting['user'] ?? null) || ($waiting['until'] ?? 0) < now()->getTimestamp()) {
            return null;
        }

        return ['user' => $waiting['user'], 'remember' => ($waiting['remember'] ?? false) === true];
    }
}
