<?php

declare(strict_types=1);

namespace App\Http\Controllers\Crew;

use App\Actions\KeepOwn;
use App\Http\Requests\AgreementsRequest;
use App\Http\Requests\LeakageRequest;
use App\Http\Requests\PriorRequest;
use App\Http\SignedIn;
use App\Persistence\Judged;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Words\PriorWords;
use Bouclier\Core\House\ApplianceClass;
use Bouclier\Core\House\LeakageLibrary;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What a crew has agreed on, and what it has found appliances to leak. */
final class SettingsController
{
    public function update(AgreementsRequest $request): RedirectResponse
    {
        SignedIn::crew($request)->update($request->agreements());

        return back();
    }

    public function appliances(Request $request): Response
    {
        $library = new LeakageLibrary(SignedIn::crew($request)->leakage ?? []);

        return Inertia::render('Appliances', ['classes' => array_map(fn(ApplianceClass $class): array => [
            'value' => $class->value,
            'label' => $class->label(),
            'range' => $library->range($class),
            'isOwn' => $library->isOwn($class),
        ], ApplianceClass::cases())]);
    }

    public function priors(Request $request): Response
    {
        $crew = SignedIn::crew($request);
        $own = $crew->priors ?? [];
        $ours = Priors::standard();
        $counted = $ours->with($own)->learned(Judged::learned($crew->id));
        // A cause is said as so many of a hundred calls; what makes one likelier multiplies.
        $line = fn(string $name, float $often): array => Priors::isCause($name) ? [
            'name' => $name,
            'isCause' => true,
            'label' => PriorWords::of($name),
            'ours' => round($ours->ofHundred($name), 1),
            'own' => isset($own[$name]) ? round(Priors::asOfHundred($own[$name]), 1) : null,
            'counted' => round($counted->ofHundred($name), 1),
            'calls' => $counted->ownCalls($name),
        ] : [
            'name' => $name,
            'isCause' => false,
            'label' => PriorWords::of($name),
            'ours' => $often,
            'own' => $own[$name] ?? null,
            'counted' => round($counted->times($name), 2),
            'calls' => $counted->ownCalls($name),
        ];

        return Inertia::render('Priors', ['lines' => array_map($line, array_keys(Priors::table()), array_values(Priors::table()))]);
    }

    /** One number of the crew's own; none puts back the one that ships. */
    public function prior(PriorRequest $request, KeepOwn $keep): RedirectResponse
    {
        $keep(
            SignedIn::crew($request),
            'priors',
            $request->string('name')->toString(),
            $request->kept(),
        );

        return back();
    }

    /** The ranges of one class; none puts back those that ship. */
    public function leakage(LeakageRequest $request, KeepOwn $keep): RedirectResponse
    {
        $keep(SignedIn::crew($request), 'leakage', $request->kind()->value, $request->range());

        return back();
    }
}
