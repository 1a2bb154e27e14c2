<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Illuminate\Http\JsonResponse;

/** The runs of a house: what was seen noted and withdrawn, and what is certain taken over as cables. */
final readonly class TraceController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(House $house): JsonResponse
    {
        return response()->json(['revision' => $house->revision, 'runs' => HousePage::runs($house, $this->store->load($house))]);
    }
}
