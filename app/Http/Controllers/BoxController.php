<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
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
}
