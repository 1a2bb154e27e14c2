<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\FirstStep;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Signing in and out. */
final class SessionController
{
    public function create(): Response
    {
        return Inertia::render('auth/SignIn');
    }

    /** Takes as long for an address without an account: a password is hashed either way. */
    public function store(SignInRequest $request): RedirectResponse
    {
        $password = $request->string('password')->toString();
        $user = User::query()->where('email', $request->string('email')->toString())->first();
        $isRight = $user === null ? Hash::make($password) === '' : Hash::check($password, $user->password);
        if ($user === null || ! $isRight) {
            throw ValidationException::withMessages(['email' => 'No account has this address and password.']);
        }
        if ($user->hasSecondStep()) {
            $request->session()->regenerate();
            FirstStep::taken($request, $user, $request->boolean('remember'));

            return redirect('/second-step');
        }
        Auth::login($user, $request->boolean('remember'));
        $request->session()->regenerate();

        return redirect()->intended('/houses');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
