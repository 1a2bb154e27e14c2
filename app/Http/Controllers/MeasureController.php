<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\DeviceTestRequest;
use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\HouseSheet;
use App\Sheets\Judged;
use App\Sheets\MeasureSheet;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Records\Records;
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
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => Records::added($core, 'device_tests', $request->test($core->point($point)->id, $user->name)),
            'A device tested',
        ), shown: fn(House $house, CoreHouse $core): array => ['house' => HouseSheet::head($house, $core)]);
    }
}
