<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\House;
use App\Persistence\HouseStore;
use App\Persistence\Judged;
use Bouclier\Sheets\MeasureSheet;
use Illuminate\Http\JsonResponse;

/** Instruments at one outlet: what they should show, and tests of its device. */
final readonly class MeasureController
{
    public function __construct(private HouseStore $store)
    {
    }

    public function show(House $house, string $point): JsonResponse
    {
        $core = Judged::by($house, $this->store->load($house));

        return response()->json(MeasureSheet::of($core, $core->point($point)));
    }
}
