<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InstrumentRequest;
use App\Http\SignedIn;
use App\Models\Instrument;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The crew's testers: how their lamps stand, and what else they can. */
final class InstrumentController
{
    public function index(Request $request): Response
    {
        $crew = SignedIn::crew($request);

        return Inertia::render('Instruments', [
            'instruments' => $crew->instruments()->orderBy('name')->get([
                'id', 'name', 'lamps', 'has_button', 'shows_volts', 'shows_time', 'serial', 'calibrated_on',
            ]),
            'feedMark' => $crew->feed_mark,
            'deviceAmps' => $crew->device_amps,
            'replaceYears' => $crew->replace_years,
        ]);
    }

    public function store(InstrumentRequest $request): RedirectResponse
    {
        SignedIn::crew($request)->instruments()->create($request->validated());

        return back();
    }

    public function destroy(Instrument $instrument): RedirectResponse
    {
        $instrument->delete();

        return back();
    }
}
