<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SignedIn;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What a crew has agreed on. */
final class CrewController
{
    public function update(Request $request): RedirectResponse
    {
        $agreed = $request->validate(['feed_mark' => ['nullable', 'string', 'max:200']]);
        SignedIn::user($request)->crew->update($agreed);

        return back();
    }
}
