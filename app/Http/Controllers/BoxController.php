<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\BackRequest;
use App\Http\Requests\BoxCheckRequest;
use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\BackSheet;
use App\Sheets\BoxSheet;
use App\Sheets\Judged;
use App\Support\Clock;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;

/** One opened box. */
final readonly class BoxController
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function show(House $house, string $point): JsonResponse
    {
        $core = Judged::by($house, $this->store->load($house));

        return response()->json(BoxSheet::of($core, $core->point($point)));
    }

    /** Where each wire of the old device goes on the new one. */
    public function back(BackRequest $request, House $house, string $point): JsonResponse
    {
        $core = $this->store->load($house);

        return response()->json(BackSheet::of($core, $core->point($point), $request->sat(), $request->back('old'), $request->back('new')));
    }

    public function check(BoxCheckRequest $request, House $house, string $point): JsonResponse
    {
        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => $request
                ->check()
                ->done($core, $core->point($point), $request->isOk(), $user->name, Clock::now()),
            'Box check: ' . $request->check()->label(),
        ), shown: BoxSheet::shown($point));
    }
}
