<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Requests\AddBreakerRequest;
use App\Http\Requests\AddFixtureRequest;
use App\Http\Requests\AddOutletRequest;
use App\Http\Requests\AddRoomRequest;
use App\Http\Requests\CommandRequest;
use App\Http\Requests\JoinRoomsRequest;
use App\Http\Requests\MoveToRoomRequest;
use App\Http\Requests\PlugInRequest;
use App\Http\Requests\ShowUsualRequest;
use App\Http\Requests\SplitRoomRequest;
use App\Http\Requests\StrikeOutRequest;
use App\Http\SignedIn;
use App\Models\House;
use Illuminate\Http\JsonResponse;

/** The survey by taps: what is added without a line, and rooms put right. */
final readonly class SurveyController
{
    public function __construct(private ChangeHouse $change)
    {
    }

    public function room(AddRoomRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function outlet(AddOutletRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function water(AddFixtureRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function strike(StrikeOutRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function usual(ShowUsualRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function breaker(AddBreakerRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function plugIn(PlugInRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function moveTo(MoveToRoomRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function join(JoinRoomsRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    public function split(SplitRoomRequest $request, House $house): JsonResponse
    {
        return $this->carriedOut($request, $house);
    }

    private function carriedOut(CommandRequest $request, House $house): JsonResponse
    {
        return HouseAnswer::judged(
            $house,
            $this->change->by($request->command(), $house, SignedIn::user($request), $request->revision()),
        );
    }
}
