<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntryRequest;
use App\Models\House;
use App\Persistence\HouseStore;
use App\Support\Asking;
use Bouclier\Sheets\EntrySheet;
use Illuminate\Http\JsonResponse;

/** A line of quick entry read as it is typed. */
final readonly class QuickEntryController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function read(EntryRequest $request, House $house): JsonResponse
    {
        return response()->json(EntrySheet::of($request->line()->read($this->store->load($house), Asking::now())));
    }
}
