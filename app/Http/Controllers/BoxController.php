<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BackRequest;
use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Bouclier\Sheets\BackSheet;
use Illuminate\Http\JsonResponse;

/** One opened box. */
final readonly class BoxController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(House $house, string $point): JsonResponse
    {
        return response()->json(HousePage::box($house, $this->store->load($house), $point));
    }

    /** Where each wire of the old device goes on the new one. */
    public function back(BackRequest $request, House $house, string $point): JsonResponse
    {
        $core = $this->store->load($house);

        return response()->json(BackSheet::of($core, $core->point($point), $request->sat(), $request->back('old'), $request->back('new')));
    }
}
