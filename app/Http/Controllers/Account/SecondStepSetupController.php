<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Http\Requests\OwnPasswordRequest;
use App\Http\Requests\SecondStepRequest;
use App\Http\SignedIn;
use App\Models\User;
use App\Support\Totp;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;

/** The second step set up, proved by a first code, and taken off again. */
final class SecondStepSetupController
{
    /** Begins it: nothing is asked at sign-in before a code has shown that the phone has the secret. */
    public function begin(Request $request): JsonResponse
    {
        $user = SignedIn::user($request);
        abort_if($user->hasSecondStep(), 422, 'A second step is set up already.');
        $secret = Totp::secret();
        $user->update(['totp_secret' => $secret]);

        return response()->json(['secret' => $secret, 'uri' => Totp::uri($user, $secret)]);
    }

    /** Answers with the codes for paper, once. */
    public function confirm(SecondStepRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        $step = $user->totp_secret === null || $user->hasSecondStep() ? null : Totp::stepOf($user->totp_secret, $request->code());
        abort_if($step === null, 422, 'This code is not right. Is the clock of the phone?');
        $user->update(['totp_confirmed_at' => now(), 'totp_last_step' => $step]);

        return response()->json(['codes' => self::newCodes($user)]);
    }

    /** New codes for paper; those before open nothing any more. */
    public function codes(OwnPasswordRequest $request): JsonResponse
    {
        $user = SignedIn::user($request);
        abort_unless($user->hasSecondStep(), 422, 'There is no second step to recover.');

        return response()->json(['codes' => self::newCodes($user)]);
    }

    public function destroy(OwnPasswordRequest $request): RedirectResponse
    {
        SignedIn::user($request)->update([
            'totp_secret' => null,
            'totp_confirmed_at' => null,
            'totp_last_step' => null,
            'recovery_codes' => null,
        ]);

        return back()->with('status', 'Signing in takes the password alone now.');
    }

    /** @return list<string> */
    private static function newCodes(User $user): array
    {
        $codes = Totp::recoveryCodes();
        $user->update(['recovery_codes' => array_map(Hash::make(...), $codes)]);

        return $codes;
    }
}
