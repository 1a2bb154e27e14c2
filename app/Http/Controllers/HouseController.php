<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateHouse;
use App\Databases\Replica;
use App\Http\Requests\ArchiveRequest;
use App\Http\Requests\CreateHouseRequest;
use App\Http\Requests\HouseListRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Pages\CrewManners;
use App\Pages\HousePage;
use App\Pages\PocketPage;
use App\Persistence\HouseStore;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\House\FileFault;
use Bouclier\Sheets\AlternativesSheet;
use Bouclier\Sheets\Choices;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The crew's houses, and one of them opened. */
final class HouseController
{
    /** Houses on a page of the list. */
    private const PAGE = 50;

    public function index(HouseListRequest $request, HouseStore $store): Response
    {
        $user = SignedIn::user($request);
        $crew = SignedIn::crew($request)->id;
        // Begun where it is read: a query keeps the connection it was begun on.
        $own = fn(): Builder => House::query()->where('crew_id', $crew)
            ->when($user->role->isGuest(), fn(Builder $query): Builder => $query->whereKey($user->guest_house_id));
        // How many there are in all, and how many of them are put away.
        [$houses, $all, $away] = Replica::reading(fn(): array => [
            $request->of($own())->paginate(self::PAGE),
            $own()->count(),
            $own()->whereNotNull('archived_at')->count(),
        ]);

        return Inertia::render('houses/Index', [
            'list' => [
                ...$request->asked(),
                'page' => $houses->currentPage(),
                'of' => $houses->lastPage(),
                'all' => $all,
                'away' => $away,
            ],
            'houses' => array_map(fn(House $house): array => [
                'id' => $house->id,
                'name' => $house->name,
                'edition' => Choices::edition($house->edition),
                'progress' => $store->progress($house),
                'changed' => $house->updated_at?->toIso8601String(),
                'archived' => $house->archived_at !== null,
            ], $houses->items()),
            'choices' => Choices::forHouses(),
        ]);
    }

    public function store(CreateHouseRequest $request, CreateHouse $create): RedirectResponse
    {
        try {
            $house = $create(SignedIn::crew($request), $request->house());
        } catch (BadHouseFile $bad) {
            throw ValidationException::withMessages([
                'file' => implode("\n", array_map(fn(FileFault $fault): string => (string) $fault, $bad->faults)),
            ]);
        }

        return redirect("/houses/{$house->id}");
    }

    /** Put away, or taken out again: it stays what it is, and is not in the way. */
    public function archive(ArchiveRequest $request, House $house): RedirectResponse
    {
        $house->timestamps = false;
        $house->forceFill(['archived_at' => $request->boolean('archived') ? now() : null])->save();

        return back();
    }

    public function show(Request $request, House $house, HouseStore $store): Response
    {
        return Inertia::render('houses/Show', [
            'jurisdictions' => SignedIn::crew($request)->jurisdictions()->orderBy('name')->get(['id', 'name', 'edition', 'amendments']),
            'instruments' => SignedIn::crew($request)->instruments()->orderBy('name')
                ->get(['id', 'name', 'lamps', 'has_button', 'shows_volts']),
            // An object: what is an array is looked through for props that wait to be resolved, outlet by outlet, which takes longer than
            // judging it.
            'sheet' => (object) HousePage::of($house, $store->load($house)),
            'choices' => (object) Choices::forOutlets(),
            'shorthand' => Choices::shorthand(),
            'manners' => CrewManners::of(SignedIn::crew($request), $house),
        ]);
    }

    /** The survey on paper. */
    public function survey(House $house, HouseStore $store): Response
    {
        return Inertia::render(
            'houses/SurveySheet',
            ['sheet' => (object) HousePage::of($house, $store->load($house)), 'printed' => now()->toDateString()],
        );
    }

    /** What would change an outlet's verdict: asked for one outlet at a time, the house is judged anew for each. */
    public function alternatives(House $house, string $point, HouseStore $store): JsonResponse
    {
        $core = $store->load($house);

        return response()->json(AlternativesSheet::of($core, $core->point($point)));
    }

    /** What could make an outlet read as it does. */
    public function reads(House $house, string $point, HouseStore $store): JsonResponse
    {
        return response()->json(HousePage::reads($house, $store->load($house), $point));
    }

    /** All of it, to be taken along. */
    public function pocket(Request $request, House $house, HouseStore $store): JsonResponse
    {
        return response()->json(PocketPage::of($house, $store->load($house), SignedIn::user($request)));
    }

    public function sheet(House $house, HouseStore $store): JsonResponse
    {
        return response()->json(HousePage::of($house, $store->load($house)));
    }
}
