<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LeakageRequest;
use App\Http\SignedIn;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\LeakageLibrary;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What a crew has agreed on, and what it has found appliances to leak. */
final class CrewController
{
    public function update(Request $request): RedirectResponse
    {
        $agreed = $request->validate(['feed_mark' => ['nullable', 'string', 'max:200']]);
        SignedIn::user($request)->crew->update($agreed);

        return back();
    }

    public function appliances(Request $request): Response
    {
        $library = new LeakageLibrary(SignedIn::user($request)->crew->leakage ?? []);

        return Inertia::render('Appliances', ['classes' => array_map(fn(ApplianceClass $class): array => [
            'value' => $class->value,
            'label' => $class->label(),
            'range' => $library->range($class),
            'isOwn' => $library->isOwn($class),
        ], ApplianceClass::cases())]);
    }

    /** The ranges of one class; none puts back those that ship. */
    public function leakage(LeakageRequest $request): RedirectResponse
    {
        $crew = SignedIn::user($request)->crew;
        $own = $crew->leakage ?? [];
        unset($own[$request->kind()->value]);
        $range = $request->range();
        $crew->update(['leakage' => $range === null ? $own : [...$own, $request->kind()->value => $range]]);

        return back();
    }
}
