<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Actions\TakeCode;
use App\Http\FirstStep;
use App\Http\Requests\SecondStepRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The second step at sign-in: a code of the half minute, or one of those on paper. */
final class SecondStepController
{
    public function create(Request $request): Response|RedirectResponse
    {
        return FirstStep::of($request) === null ? redirect('/sign-in') : Inertia::render('auth/SecondStep');
    }

    public function store(SecondStepRequest $request, TakeCode $take): RedirectResponse
    {
        $first = FirstStep::of($request);
        if ($first === null) {
            return redirect('/sign-in');
        }
        $user = $take($first->user, $request->code());
        if ($user === null) {
            throw ValidationException::withMessages(['code' => 'This code is not right, or was used before.']);
        }
        FirstStep::forget($request);
        Auth::login($user, $first->remember);
        $request->session()->regenerate();

        return redirect()->intended('/houses');
    }
}
