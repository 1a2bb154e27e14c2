<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Requests\RegisterRequest;
use App\Models\Crew;
use App\Models\Enums\Role;
use App\Models\Invitation;
use App\Models\Registration;
use App\Models\User;
use App\Notifications\AlreadyRegistered;
use App\Notifications\ConfirmRegistration;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** A new crew and its first member. It answers the same whether the address has an account or not: the mail tells its owner. */
final class RegisterController
{
    public function create(): Response
    {
        return Inertia::render('auth/Register');
    }

    public function store(RegisterRequest $request): RedirectResponse
    {
        $token = Str::random(40);
        $registration = Registration::query()->create([
            'email' => $request->string('email')->toString(),
            'name' => $request->string('name')->toString(),
            'crew' => $request->string('crew')->toString(),
            'password' => Hash::make($request->string('password')->toString()),
            'token_hash' => Invitation::hash($token),
            'expires_at' => now()->addHours(Registration::HOURS),
        ]);
        // Sent once the answer is out: how long a mail takes tells nobody anything.
        defer(function () use ($registration, $token): void {
            $isKnown = User::query()->where('email', $registration->email)->exists();
            Notification::route('mail', $registration->email)->notify(
                $isKnown ? new AlreadyRegistered() : new ConfirmRegistration($registration, $token),
            );
        });

        return redirect('/sign-in')->with('status', 'A mail is on its way to that address: follow the link in it, and the crew is open.');
    }

    public function confirm(string $token): Response
    {
        $registration = Registration::byToken($token);

        return Inertia::render('auth/Confirm', ['token' => $token, 'crew' => $registration->crew, 'open' => $registration->isOpen()]);
    }

    public function confirmed(Request $request, string $token): RedirectResponse
    {
        $user = DB::transaction(function () use ($token): User {
            $registration = Registration::query()->where('token_hash', Invitation::hash($token))->lockForUpdate()->firstOrFail();
            if (! $registration->isOpen() || User::query()->where('email', $registration->email)->exists()) {
                throw ValidationException::withMessages([
                    'token' => 'This link was used before, or is too old. Sign in, or register again.',
                ]);
            }
            $registration->update(['used_at' => now()]);
            // The password was hashed when it was given.
            $user = new User([
                'crew_id' => Crew::query()->create(['name' => $registration->crew])->id,
                'name' => $registration->name,
                'email' => $registration->email,
                'role' => Role::Owner,
            ]);
            $user->setRawAttributes([...$user->getAttributes(), 'password' => $registration->password]);
            $user->save();

            return $user;
        });
        Auth::login($user);
        $request->session()->regenerate();

        return redirect('/houses');
    }
}
