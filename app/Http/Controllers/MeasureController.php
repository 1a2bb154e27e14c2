<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\DeviceTestRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Persistence\HouseStore;
use App\Persistence\Judged;
use Bouclier\Sheets\MeasureSheet;
use Illuminate\Http\JsonResponse;

/** Instruments at one outlet: what they should show, and tests of its device. */
final readonly class MeasureController
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function show(House $house, string $point): JsonResponse
    {
        $core = Judged::by($house, $this->store->load($house));

        return response()->json(MeasureSheet::of($core, $core->point($point)));
    }

    public function test(DeviceTestRequest $request, House $house, string $point): JsonResponse
    {
        return HouseAnswer::head($house, $this->change->by($request->command($point), $house, SignedIn::user($request)));
    }
}
