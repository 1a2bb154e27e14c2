<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Illuminate\Http\JsonResponse;

/** The round of tests after the work. */
final readonly class ProveController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(House $house): JsonResponse
    {
        return response()->json(HousePage::round($house, $this->store->load($house)));
    }
}
