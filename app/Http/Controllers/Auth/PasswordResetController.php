<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Requests\ForgotPasswordRequest;
use App\Http\Requests\ResetPasswordRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** A forgotten password: a link by mail, and a new password through it. */
final class PasswordResetController
{
    public function request(): Response
    {
        return Inertia::render('auth/ForgotPassword');
    }

    /** Says the same, and as quickly, whether the address has an account or not. */
    public function send(ForgotPasswordRequest $request): RedirectResponse
    {
        $email = $request->string('email')->toString();
        defer(fn() => Password::sendResetLink(['email' => $email]));

        return back()->with('status', 'If that address has an account, a link is on its way to it.');
    }

    public function edit(Request $request, string $token): Response
    {
        $email = $request->query('email');

        return Inertia::render('auth/ResetPassword', ['token' => $token, 'email' => is_string($email) ? $email : null]);
    }

    public function update(ResetPasswordRequest $request): RedirectResponse
    {
        $status = Password::reset($request->only(
            'email',
            'password',
            'password_confirmation',
            'token',
        ), function (User $user, string $password): void {
            $user->forceFill(['password' => $password])->save();
            $user->endOtherSessions();
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => 'This link is used up or too old. Ask for a new one.']);
        }

        return redirect('/sign-in')->with(
            'status',
            'The new password is set, and everybody else who was signed in is not any more. Sign in with it.',
        );
    }
}
