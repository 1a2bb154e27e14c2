<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\LengthsRequest;
use App\Http\Requests\PasswordRequest;
use App\Http\SignedIn;
use App\Models\Phone;
use App\Pages\AccountPage;
use App\Support\Asking;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** One's own account: where one is signed in, the password, and leaving the crew. */
final class AccountController
{
    public function show(Request $request): Response
    {
        return Inertia::render('Account', AccountPage::of($request, SignedIn::user($request)));
    }

    public function lengths(LengthsRequest $request): RedirectResponse
    {
        SignedIn::user($request)->forceFill(['length_unit' => $request->unit()?->value])->save();

        return back();
    }

    /** A new password ends all other sessions and the tokens of meters. */
    public function password(PasswordRequest $request): RedirectResponse
    {
        $user = SignedIn::user($request);
        $user->forceFill(['password' => $request->string('password')->toString()])->save();
        $user->endOtherSessions($request->session()->getId());

        return back()->with('status', 'The new password is set. Everybody else who was signed in as you is not any more.');
    }

    public function endOthers(Request $request): RedirectResponse
    {
        SignedIn::user($request)->endOtherSessions($request->session()->getId());

        return back()->with('status', 'Signed out everywhere else; the tokens of meters have ended too.');
    }

    /** Wiped when it is heard of next; everywhere else one is signed out at once, for nobody knows which session it had. */
    public function lost(Request $request, string $phone): RedirectResponse
    {
        $user = SignedIn::user($request);
        abort_if($phone === Asking::phone(), 422, 'That is the phone in your hand.');
        Phone::query()->where('user_id', $user->id)->findOrFail($phone)->update(['lost_at' => now()]);
        $user->endOtherSessions($request->session()->getId());

        return back()->with('status', 'Signed out everywhere else. That phone is wiped when it is heard of next.');
    }

    public function end(Request $request, string $session): RedirectResponse
    {
        // Named by a hash: the id of a session opens it.
        foreach (DB::table('sessions')->where('user_id', SignedIn::user($request)->id)->pluck('id') as $id) {
            if (is_string($id) && AccountPage::sessionName($id) === $session && $id !== $request->session()->getId()) {
                DB::table('sessions')->where('id', $id)->delete();
            }
        }

        return back();
    }
}
