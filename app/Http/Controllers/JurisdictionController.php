<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\JurisdictionRequest;
use App\Http\SignedIn;
use App\Models\Jurisdiction;
use Bouclier\Sheets\Choices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The places a crew works in, and what the code of each is. */
final class JurisdictionController
{
    public function index(Request $request): Response
    {
        return Inertia::render('Jurisdictions', [
            'jurisdictions' => SignedIn::crew($request)->jurisdictions()->orderBy('name')->get(['id', 'name', 'edition', 'amendments']),
            'choices' => Choices::forJurisdictions(),
        ]);
    }

    public function store(JurisdictionRequest $request): RedirectResponse
    {
        SignedIn::crew($request)->jurisdictions()->create($request->jurisdiction());

        return back();
    }

    public function update(JurisdictionRequest $request, Jurisdiction $jurisdiction): RedirectResponse
    {
        $jurisdiction->update($request->jurisdiction());

        return back();
    }

    public function destroy(Jurisdiction $jurisdiction): RedirectResponse
    {
        $jurisdiction->delete();

        return back();
    }
}
