<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Illuminate\Http\JsonResponse;

/** A call from its first words to its closing: what is told, what is tested, what cannot be done. */
final readonly class CallController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(House $house): JsonResponse
    {
        return response()->json(['revision' => $house->revision, 'trips' => HousePage::trips($house, $this->store->load($house))]);
    }
}
