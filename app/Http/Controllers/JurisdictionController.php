<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EffectRequest;
use App\Http\Requests\JurisdictionRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Models\Jurisdiction;
use App\Persistence\HouseStore;
use Bouclier\Sheets\Choices;
use Bouclier\Sheets\ComparisonSheet;
use Bouclier\Sheets\RuleSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The places a crew works in, and what the code of each is. */
final class JurisdictionController
{
    /** Houses to try an amendment on, the last ones worked on first. */
    private const HOUSES = 100;

    public function index(Request $request): Response
    {
        return Inertia::render('Jurisdictions', [
            'jurisdictions' => SignedIn::crew($request)->jurisdictions()->orderBy('name')->get(['id', 'name', 'edition', 'amendments']),
            'choices' => Choices::forJurisdictions(),
            'rules' => RuleSheet::names(),
            'houses' => SignedIn::crew($request)->houses()->latest('updated_at')->limit(self::HOUSES)->get(['id', 'name']),
        ]);
    }

    /** What amendments that are being written would change at the outlets of a house. */
    public function effect(EffectRequest $request, House $house, HouseStore $store): JsonResponse
    {
        return response()->json(ComparisonSheet::ofAmendments($store->load($house), $request->code()));
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
