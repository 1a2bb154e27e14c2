<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Databases\Replica;
use App\Http\SignedIn;
use App\Models\House;
use App\Pages\KeptPage;
use App\Persistence\HouseStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** What houses need after the work: of one, and of all the crew has. */
final readonly class KeepController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(House $house): JsonResponse
    {
        return response()->json(KeptPage::of($house, fn() => $this->store->load($house)));
    }

    public function index(Request $request): Response
    {
        $crew = SignedIn::crew($request);
        $houses = Replica::reading(fn() => House::query()->where('crew_id', $crew->id)->with('crew')->whereNull('archived_at')
            ->orderBy('name')->paginate(KeptPage::HOUSES));

        return Inertia::render('Keep', [
            'houses' => array_map(
                fn(House $house): array => [
                    'id' => $house->id,
                    'name' => $house->name,
                    ...KeptPage::of($house, fn() => $this->store->load($house)),
                ],
                $houses->items(),
            ),
            'page' => ['at' => $houses->currentPage(), 'of' => $houses->lastPage()],
        ]);
    }
}
