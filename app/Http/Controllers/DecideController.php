<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskedRequest;
use App\Models\House;
use App\Pages\HousePage;
use App\Persistence\HouseStore;
use Bouclier\Sheets\Deciding;
use Illuminate\Http\JsonResponse;

/** Plans, drafts, the scope and an outlet that is wanted: worked out and answered, nothing is changed by it. */
final readonly class DecideController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(AskedRequest $request, House $house, string $what = ''): JsonResponse
    {
        return response()->json(
            HousePage::decided($house, $this->store->load($house), Deciding::PLANS . ($what === '' ? '' : "/$what"), $request->asked()),
        );
    }
}
