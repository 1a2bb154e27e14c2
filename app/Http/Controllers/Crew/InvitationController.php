<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Http\Requests\AcceptInvitationRequest;
use App\Http\Requests\InvitationRequest;
use App\Http\SignedIn;
use App\Models\Crew;
use App\Models\Invitation;
use App\Models\User;
use App\Notifications\Invited;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** People asked into a crew by mail, and what they answer. */
final class InvitationController
{
    public function store(InvitationRequest $request): RedirectResponse
    {
        $user = SignedIn::user($request);
        $token = Str::random(40);
        $invitation = SignedIn::crew($request)->invitations()->create([
            ...$request->invited(),
            'user_id' => $user->id,
            'token_hash' => Invitation::hash($token),
            'expires_at' => now()->addDays(Invitation::DAYS),
        ]);
        Notification::route('mail', $invitation->email)->notify(new Invited($invitation, $user->name, $token));

        return back()->with('status', "A mail is on its way to {$invitation->email}.");
    }

    public function destroy(Request $request, string $invitation): RedirectResponse
    {
        SignedIn::crew($request)->invitations()->whereNull('accepted_at')->findOrFail($invitation)->delete();

        return back();
    }

    public function show(Request $request, string $token): Response
    {
        $invitation = Invitation::byToken($token);
        $user = $request->user();
        if ($user === null) {
            // Who signs in comes back here.
            $request->session()->put('url.intended', "/invitations/$token");
        }

        return Inertia::render('auth/Invitation', [
            'token' => $token,
            'open' => $invitation->isOpen(),
            'crew' => $invitation->crew->name,
            'role' => $invitation->role->label(),
            'means' => $invitation->role->means(),
            'house' => $invitation->house?->name,
            'email' => $invitation->email,
            'signedIn' => $user instanceof User ? $user->email : null,
        ]);
    }

    /** Who is signed in comes in with the account there is; whoever is not gets one. */
    public function accept(AcceptInvitationRequest $request, string $token): RedirectResponse
    {
        $user = $request->user();
        $accepted = DB::transaction(function () use ($request, $token, $user): User {
            $invitation = Invitation::query()->where('token_hash', Invitation::hash($token))->lockForUpdate()->firstOrFail();
            if (! $invitation->isOpen()) {
                throw ValidationException::withMessages(['token' => 'This invitation was used before, or is too old: ask for a new one.']);
            }
            $person = $user instanceof User ? $this->asked($user, $invitation) : $this->begun($request, $invitation);
            $invitation->update(['accepted_at' => now()]);
            $person->forceFill([
                'crew_id' => $invitation->crew_id, 'role' => $invitation->role, 'guest_house_id' => $invitation->house_id,
                'guest_until' => $invitation->guest_until,
            ])->save();

            return $person;
        });
        if (! $user instanceof User) {
            Auth::login($accepted);
            $request->session()->regenerate();
        }

        return redirect('/houses');
    }

    private function begun(Request $request, Invitation $invitation): User
    {
        if (User::query()->where('email', $invitation->email)->exists()) {
            throw ValidationException::withMessages(['token' => 'This address has an account: sign in with it, then accept.']);
        }

        return new User([
            'name' => $request->string('name')->toString(),
            'email' => $invitation->email,
            'password' => $request->string('password')->toString(),
        ]);
    }

    /** With an account of another crew: that one is left first, unless nothing is in it. */
    private function asked(User $user, Invitation $invitation): User
    {
        if (strcasecmp($user->email, $invitation->email) !== 0) {
            throw ValidationException::withMessages(['token' => "This invitation is for {$invitation->email}: sign in with that address."]);
        }
        $crew = $user->crew;
        if ($crew !== null && $crew->id !== $invitation->crew_id) {
            if ($crew->users()->count() > 1 || $crew->houses()->exists()) {
                throw ValidationException::withMessages(['token' => "You are in the crew {$crew->name}: leave it first, or hand it over."]);
            }
            $user->forceFill(['crew_id' => null])->save();
            Crew::query()->whereKey($crew->id)->delete();
        }

        return $user;
    }
}
